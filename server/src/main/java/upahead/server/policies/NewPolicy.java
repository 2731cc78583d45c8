package upahead.server.policies;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import upahead.core.quantity.Unit;

/** A policy to be written, as a draft. */
public record NewPolicy(
        @NotBlank(message = "a policy needs a name") @Size(max = 80, message = "a name has at most 80 characters")
                String name,
        @NotNull(message = "please choose a kind") PolicyKind kind,
        @NotNull(message = "please choose hours or days") Unit unit,
        boolean paid,
        @NotBlank(message = "payroll needs a code")
                @Size(max = 20, message = "a payroll code has at most 20 characters")
                String payrollCode,
        @NotBlank(message = "please say when the benefit year begins") String benefitYear,
        @NotNull @Valid RequestRules rules,
        @NotNull @Valid TermsDocument terms) {

    PolicySettings settings() {
        return new PolicySettings(name, kind, paid, payrollCode, rules);
    }
}
