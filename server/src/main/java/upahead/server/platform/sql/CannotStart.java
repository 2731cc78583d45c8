package upahead.server.platform.sql;

/** A reason why the program cannot start, said in one sentence to whoever starts it. */
public final class CannotStart extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public CannotStart(String sentence) {
        super(sentence);
    }

    public CannotStart(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
