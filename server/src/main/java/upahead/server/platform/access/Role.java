package upahead.server.platform.access;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import upahead.server.platform.rights.Permission;

/** What somebody may do, as a set of permissions: one row a role, and nothing else asks for a role by its name. */
public enum Role {
    /** Payroll or HR. */
    ADMINISTRATOR("everything", EnumSet.allOf(Permission.class)),
    /** Leads a team. */
    APPROVER("decides for the people assigned", EnumSet.of(Permission.DECIDE_FOR_THE_ASSIGNED)),
    /** Own balances and requests. */
    EMPLOYEE("own balances and requests", EnumSet.noneOf(Permission.class));

    private final String words;
    private final Set<Permission> permissions;

    Role(String words, Set<Permission> permissions) {
        this.words = words;
        this.permissions = Collections.unmodifiableSet(permissions);
    }

    /** What whoever has it does, in few words. */
    public String words() {
        return words;
    }

    public Set<Permission> permissions() {
        return permissions;
    }

    public boolean may(Permission permission) {
        return permissions.contains(permission);
    }
}
