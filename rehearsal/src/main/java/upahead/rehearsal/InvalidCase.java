package upahead.rehearsal;

/** A case file that is not valid: where, and why. */
public final class InvalidCase extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String place;
    private final String why;

    InvalidCase(String place, String why) {
        super((place.isEmpty() ? "" : place + ": ") + why);
        this.place = place;
        this.why = why;
    }

    /** The path of the key, or the line and column; empty for the whole. */
    public String place() {
        return place;
    }

    /** What is wrong there, never empty. */
    public String why() {
        return why;
    }
}
