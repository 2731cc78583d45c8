package upahead.server.platform.access;

import java.io.Serializable;
import java.security.Principal;
import java.util.Optional;
import upahead.server.platform.rights.Permission;

/**
 * Who is signed in.
 *
 * @param id of the sign-in
 * @param username never null
 * @param name as shown
 * @param role what they may do
 * @param personId the person they are, null for an administrator who is not an employee
 */
public record SignedIn(long id, String username, String name, Role role, Long personId)
        implements Principal, Serializable {

    @Override
    public String getName() {
        return name;
    }

    public boolean may(Permission permission) {
        return role.may(permission);
    }

    public Optional<Long> person() {
        return Optional.ofNullable(personId);
    }
}
