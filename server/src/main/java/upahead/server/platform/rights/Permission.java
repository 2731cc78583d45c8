package upahead.server.platform.rights;

/** What can be done with the program. Own balances and requests need none of these; everybody reaches those. */
public enum Permission {
    /** Run payroll: hours, pay runs, the proof and what payroll gets. */
    RUN_PAYROLL,
    /** Write policies, put them in force and say whom they cover. */
    WRITE_POLICIES,
    /** Keep people: where they work, working time, enrolments and exceptions, sites, teams and pay groups. */
    KEEP_PEOPLE,
    /** Keep holidays, protected dates and awards of days. */
    KEEP_HOLIDAYS,
    /** Adjust balances and bring opening balances along. */
    ADJUST_BALANCES,
    /** Enter leave for anybody, past or future. */
    ENTER_LEAVE,
    /** Decide requests of the people assigned, and see their balances. */
    DECIDE_FOR_THE_ASSIGNED,
    /** Decide requests of anybody. */
    DECIDE_FOR_EVERYBODY,
    /** See everybody's balances and requests. */
    SEE_EVERYBODY,
    /** Invite people and say what they may do. */
    KEEP_SIGN_INS,
    /** Read reports about everybody. */
    READ_REPORTS,
    /** Keep pay rates, and see what leave is worth. */
    SEE_PAY_RATES,
    /** Read who changed what. */
    READ_THE_TRAIL,
    /** Let other programs in, and have them told of what happens. */
    KEEP_PROGRAMS,
    /** Copy the whole company into a file, and move the day of the demo. */
    KEEP_THE_COMPANY
}
