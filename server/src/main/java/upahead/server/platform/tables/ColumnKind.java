package upahead.server.platform.tables;

/** How the cells of a column are shown and put in order. */
public enum ColumnKind {
    TEXT,
    /** Hours or days. */
    UNIT,
    AMOUNT,
    /** A signed amount that changes a balance. */
    CHANGE,
    /** The amount that the others of its row lead to. */
    RESULT,
    DATE,
    /** Several short texts. */
    WORDS;

    boolean isNumber() {
        return this == AMOUNT || this == CHANGE || this == RESULT;
    }
}
