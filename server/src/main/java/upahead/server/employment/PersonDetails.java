package upahead.server.employment;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/**
 * What of a person does not depend on a date.
 *
 * @param email null for somebody without e-mail
 * @param serviceFrom from which years of service count
 * @param clockCode null for none
 */
public record PersonDetails(
        @NotBlank(message = "please give a code") @Size(max = 20, message = "a code has at most 20 characters")
                String code,
        @NotBlank(message = "please give a name") @Size(max = 120, message = "a name has at most 120 characters")
                String name,
        @Nullable @Email(message = "this is no e-mail address") @Size(max = 160) String email,
        @NotNull(message = "please say from when service counts") LocalDate serviceFrom,
        @Nullable @Pattern(regexp = "\\d{4,12}", message = "a clock code has 4 to 12 digits") String clockCode) {

    /** Spaces around a code or a name are nobody's intention. */
    public PersonDetails {
        code = code == null ? null : code.strip();
        name = name == null ? null : name.strip();
    }
}
