package upahead.core.quantity;

/** What a policy counts in. One day is the scheduled day of that employee on that date. */
public enum Unit {
    HOURS("hour"),
    DAYS("day");

    private final String one;

    Unit(String one) {
        this.one = one;
    }

    /** An amount with its unit, exact: 1 hour, 7.5 hours. */
    public String counted(Amount amount) {
        return amount + " " + (amount.equals(Amount.ONE) ? one : one + "s");
    }
}
