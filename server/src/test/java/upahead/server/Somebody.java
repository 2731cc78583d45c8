package upahead.server;

import upahead.server.access.Role;
import upahead.server.access.SignedIn;

/** People who do things in tests. */
public final class Somebody {

    public static final SignedIn ADMINISTRATOR = new SignedIn(1, "ada", "Ada Payroll", Role.ADMINISTRATOR, null);
    public static final SignedIn SECOND_ADMINISTRATOR = new SignedIn(2, "bo", "Bo Payroll", Role.ADMINISTRATOR, null);

    private Somebody() {}

    public static SignedIn employee(long personId) {
        return new SignedIn(3, "employee", "Employee " + personId, Role.EMPLOYEE, personId);
    }

    public static SignedIn approver(long personId) {
        return new SignedIn(4, "approver", "Approver " + personId, Role.APPROVER, personId);
    }
}
