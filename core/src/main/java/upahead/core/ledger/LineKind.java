package upahead.core.ledger;

/** What a ledger line is. */
public enum LineKind {
    OPENING,
    EARNED,
    ADJUSTED,
    TAKEN,
    LAPSED,
    PAID_OUT
}
