package upahead.core.quantity;

/** What a policy counts in. One day is the scheduled day of that employee on that date. */
public enum Unit {
    HOURS,
    DAYS
}
