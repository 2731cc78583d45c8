package upahead.rehearsal;

/** A case file that is not valid: where, and why. */
final class InvalidCase extends RuntimeException {

    private static final long serialVersionUID = 1L;

    InvalidCase(String path, String why) {
        super((path.isEmpty() ? "" : path + ": ") + why);
    }
}
