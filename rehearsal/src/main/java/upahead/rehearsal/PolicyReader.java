package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.Timeline;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.core.quantity.Unit;
import upahead.written.RefusedTerms;
import upahead.written.WrittenTerms;

/** Reads the policy of a case: one version in force from the beginning of time, or a list of versions with dates. */
final class PolicyReader {

    private static final LocalDate ALWAYS = LocalDate.of(1, 1, 1);

    private record Version(Unit unit, BenefitYear benefitYear, LocalDate from, Terms terms) {}

    private PolicyReader() {}

    static Policy read(String path, JsonNode node) {
        if (!node.isArray()) {
            Version only = Fields.read(path, node, fields -> version(fields, false));
            return new Policy(only.unit(), only.benefitYear(), Timeline.from(ALWAYS, only.terms()));
        }
        Policy policy = null;
        for (int index = 0; index < node.size(); index++) {
            String eachPath = path + "[" + index + "]";
            JsonNode each = node.get(index);
            Version version = Fields.read(eachPath, each, fields -> version(fields, true));
            policy = policy == null
                    ? new Policy(version.unit(), version.benefitYear(), Timeline.from(version.from(), version.terms()))
                    : withVersion(eachPath, policy, version);
        }
        if (policy == null) {
            throw new InvalidCase(path, "needs at least one version");
        }
        return policy;
    }

    private static Policy withVersion(String path, Policy policy, Version version) {
        if (version.unit() != policy.unit() || !version.benefitYear().equals(policy.benefitYear())) {
            throw new InvalidCase(path, "a version cannot change the unit or the benefit year");
        }
        if (policy.versions().startsOn(version.from())) {
            throw new InvalidCase(path + ".from", "two versions begin on " + version.from());
        }
        return new Policy(policy.unit(), policy.benefitYear(), policy.versions().with(version.from(), version.terms()));
    }

    private static Version version(Fields fields, boolean dated) {
        Unit unit = fields.choice("unit", Unit.class).orElseThrow(() -> fields.invalid("unit", "is required"));
        LocalDate from = dated ? fields.requiredDate("from") : ALWAYS;
        return new Version(unit, benefitYear(fields), from, terms(fields));
    }

    private static Terms terms(Fields fields) {
        try {
            return WrittenReader.read(fields, WrittenTerms.class).toTerms();
        } catch (RefusedTerms refused) {
            throw fields.invalid(refused.place(), refused.getMessage());
        }
    }

    private static BenefitYear benefitYear(Fields fields) {
        if (fields.text("benefitYear").filter("hire-anniversary"::equals).isPresent()) {
            return new BenefitYear.HireAnniversary();
        }
        return fields.monthDay("benefitYear")
                .<BenefitYear>map(BenefitYear.StartsOn::new)
                .orElse(BenefitYear.calendarYear());
    }
}
