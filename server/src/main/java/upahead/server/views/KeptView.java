package upahead.server.views;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * What somebody wants to see of a table again, under a name.
 *
 * @param wanted as the page wrote it, that it may show the same again; nobody else reads it
 */
public record KeptView(
        @NotBlank(message = "please give the view a name") @Size(max = 40, message = "a name has at most 40 characters")
                String name,
        @NotNull @Size(max = 4000, message = "this view has too many conditions to be kept") String wanted) {

    /** The tables of which views can be kept. */
    public enum Place {
        ATTENDANCE,
        BALANCES,
        REPORTS
    }
}
