package upahead.server.platform.access;

import java.io.Serializable;
import java.security.Principal;
import java.util.Optional;
import java.util.Set;
import upahead.server.platform.rights.Permission;

/**
 * Who is signed in.
 *
 * @param id of the sign-in
 * @param username never null
 * @param name as shown
 * @param role what they may do
 * @param personId the person they are, null for an administrator who is not an employee, and for a program
 * @param only what alone of it they may, null for all of it
 */
public record SignedIn(long id, String username, String name, Role role, Long personId, Set<Permission> only)
        implements Principal, Serializable {

    /** Somebody who may all that the role says. */
    public SignedIn(long id, String username, String name, Role role, Long personId) {
        this(id, username, name, role, personId, null);
    }

    /** A program that acts in this one's name, and may some of what this one may. */
    SignedIn asProgram(String program, Set<Permission> some) {
        return new SignedIn(id, username, program + ", for " + name, role, null, Set.copyOf(some));
    }

    @Override
    public String getName() {
        return name;
    }

    public boolean may(Permission permission) {
        return role.may(permission) && (only == null || only.contains(permission));
    }

    public Optional<Long> person() {
        return Optional.ofNullable(personId);
    }
}
