package upahead.server.platform.problems;

import org.springframework.http.HttpStatus;

/** Something a person asked for that cannot be done, said so that the person can put it right. */
public final class Refusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final String field;

    private Refusal(HttpStatus status, String field, String message) {
        super(message);
        this.status = status;
        this.field = field;
    }

    /** A value that is wrong; {@code field} names where it was typed, as a path such as {@code terms.limits.balance}. */
    public static Refusal of(String field, String message) {
        return new Refusal(HttpStatus.UNPROCESSABLE_ENTITY, field, message);
    }

    /** Something that is no longer as the person saw it, or was already done. */
    public static Refusal conflict(String message) {
        return new Refusal(HttpStatus.CONFLICT, null, message);
    }

    /** Something that asks without being let in any more. */
    public static Refusal unpaired(String message) {
        return new Refusal(HttpStatus.FORBIDDEN, null, message);
    }

    /** More at once than one person may have under way. */
    public static Refusal tooMuch(String message) {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, null, message);
    }

    public static Refusal notFound(String what) {
        return new Refusal(HttpStatus.NOT_FOUND, null, "There is no such " + what + ".");
    }

    public HttpStatus status() {
        return status;
    }

    /** Null where no single field is at fault. */
    public String field() {
        return field;
    }
}
