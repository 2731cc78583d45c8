package upahead.server.policies;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import upahead.core.quantity.Unit;
import upahead.written.WrittenTerms;

/**
 * A policy to be written, as a draft.
 *
 * @param recordedOnly whether it has no balance; null for no
 * @param unseenFigures names of figures that came with a starting point and that nobody has looked at yet; null for none
 */
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
        @NotNull @Valid WrittenTerms terms,
        @Nullable @Size(max = 40) List<@NotBlank @Size(max = 60) String> unseenFigures,
        @Nullable Boolean recordedOnly) {

    public NewPolicy {
        unseenFigures = unseenFigures == null ? List.of() : List.copyOf(unseenFigures);
        recordedOnly = recordedOnly != null && recordedOnly;
    }

    /** A policy whose figures are all its author's own. */
    public NewPolicy(
            String name,
            PolicyKind kind,
            Unit unit,
            boolean paid,
            String payrollCode,
            String benefitYear,
            RequestRules rules,
            WrittenTerms terms) {
        this(name, kind, unit, paid, payrollCode, benefitYear, rules, terms, List.of(), false);
    }

    /** A kind of absence that is only written down: nothing is earned and there is no balance. */
    public static NewPolicy recordedOnly(
            String name, PolicyKind kind, Unit unit, boolean paid, String payrollCode, RequestRules rules) {
        return new NewPolicy(
                name,
                kind,
                unit,
                paid,
                payrollCode,
                "01-01",
                rules,
                TermsWriter.noEarning().write(),
                List.of(),
                true);
    }

    PolicySettings settings() {
        return new PolicySettings(name, kind, paid, payrollCode, rules);
    }
}
