package upahead.core.policy;

/** What becomes of time that is left over at a year's end or on leaving. */
public enum Leftover {
    LAPSE("lapses"),
    PAY_OUT("is paid out");

    private final String words;

    Leftover(String words) {
        this.words = words;
    }

    /** "lapses", "is paid out" */
    public String words() {
        return words;
    }
}
