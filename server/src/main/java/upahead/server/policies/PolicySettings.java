package upahead.server.policies;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** What of a policy does not depend on a date and can be changed at any time. */
public record PolicySettings(
        @NotBlank(message = "a policy needs a name") @Size(max = 80, message = "a name has at most 80 characters")
                String name,
        @NotNull(message = "please choose a kind") PolicyKind kind,
        boolean paid,
        @NotBlank(message = "payroll needs a code")
                @Size(max = 20, message = "a payroll code has at most 20 characters")
                String payrollCode,
        @NotNull @Valid RequestRules rules) {}
