package upahead.server.payruns.delivery;

import jakarta.annotation.Nullable;
import java.util.List;

/** What payroll says of each row of a message. */
public record PayrollAnswer(String message, List<Taken> rows) {

    /**
     * Whether a row was taken.
     *
     * @param reason why it was not, null where it was
     */
    public record Taken(String row, boolean taken, @Nullable String reason) {}
}
