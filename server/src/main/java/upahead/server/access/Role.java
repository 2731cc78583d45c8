package upahead.server.access;

/** What somebody may do. */
public enum Role {
    /** Payroll or HR: everything. */
    ADMINISTRATOR,
    /** Leads a team: decides for the people assigned, and all that an employee may do. */
    APPROVER,
    /** Own balances and requests. */
    EMPLOYEE
}
