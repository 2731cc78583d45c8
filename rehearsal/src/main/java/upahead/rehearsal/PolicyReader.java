package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import upahead.core.calendar.BenefitYear;
import upahead.core.calendar.Timeline;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Scaling;
import upahead.core.earning.Upfront;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limits;
import upahead.core.policy.Policy;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

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
        Rounding rounding = fields.object("rounding", PolicyReader::rounding).orElse(Rounding.STANDARD);
        Terms terms = new Terms(
                fields.object("earning", PolicyReader::earning)
                        .orElseThrow(() -> fields.invalid("earning", "is required")),
                fields.list("tenure", PolicyReader::band),
                scaling(fields),
                fields.object("waitToEarn", PolicyReader::wait).orElse(Wait.NONE),
                fields.object("waitToUse", PolicyReader::wait).orElse(Wait.NONE),
                fields.object("limits", PolicyReader::limits).orElse(Limits.NONE),
                fields.object("yearEnd", PolicyReader::yearEnd).orElse(YearEnd.CARRY_ALL),
                fields.object("creditsUsable", PolicyReader::forSomeTime),
                fields.choice("onLeaving", Leftover.class).orElse(Leftover.LAPSE),
                rounding);
        return new Version(unit, benefitYear(fields), from, terms);
    }

    private static BenefitYear benefitYear(Fields fields) {
        if (fields.text("benefitYear").filter("hire-anniversary"::equals).isPresent()) {
            return new BenefitYear.HireAnniversary();
        }
        return fields.monthDay("benefitYear")
                .<BenefitYear>map(BenefitYear.StartsOn::new)
                .orElse(BenefitYear.calendarYear());
    }

    private static EarningMethod earning(Fields fields) {
        String method = fields.requiredText("method");
        return switch (method) {
            case "upfront" ->
                new Upfront(
                        fields.requiredAmount("amount"),
                        fields.choice("firstYear", Upfront.FirstYear.class).orElse(Upfront.FirstYear.FULL));
            case "per-period" -> perPeriod(fields);
            case "per-hours-worked" ->
                new PerHoursWorked(
                        fields.requiredAmount("earn"),
                        fields.requiredAmount("forEvery"),
                        fields.flag("wholeStepsOnly"),
                        kinds(fields),
                        fields.flag("paidLeaveCounts"),
                        fields.flag("paidHolidaysCount"),
                        fields.choice("posts", PerHoursWorked.Posts.class).orElse(PerHoursWorked.Posts.PAY_PERIOD_END));
            case "none" -> new NoEarning();
            default ->
                throw fields.invalid(
                        "method", "must be one of upfront, per-period, per-hours-worked, none, not " + method);
        };
    }

    private static PerPeriod perPeriod(Fields fields) {
        if (fields.has("amount") == fields.has("perYear")) {
            throw new InvalidCase(fields.path(), "needs either amount or perYear");
        }
        Optional<Amount> perYear = fields.amount("perYear");
        return new PerPeriod(
                fields.choice("every", PerPeriod.Every.class).orElseThrow(() -> fields.invalid("every", "is required")),
                fields.amount("amount")
                        .map(amount -> new PerPeriod.Rate(amount, false))
                        .orElseGet(() -> new PerPeriod.Rate(perYear.orElseThrow(), true)),
                fields.choice("posts", PerPeriod.Posts.class).orElse(PerPeriod.Posts.END),
                fields.choice("months", PerPeriod.Months.class).orElse(PerPeriod.Months.CALENDAR),
                fields.choice("partial", PerPeriod.Partial.class).orElse(PerPeriod.Partial.BY_DAYS));
    }

    private static Set<String> kinds(Fields fields) {
        if (!fields.has("counts")) {
            fields.allowing("counts");
            return PerHoursWorked.STANDARD_KINDS;
        }
        Set<String> kinds = new LinkedHashSet<>();
        fields.nodes("counts")
                .forEach(kind -> kinds.add(Fields.text(fields.path("counts") + "[" + kinds.size() + "]", kind)));
        return kinds;
    }

    private static Scaling scaling(Fields fields) {
        boolean byFte = fields.flag("scaleByFte");
        Optional<Integer> daysOfWeek = fields.whole("scaleByDaysOfWeek");
        if (byFte && daysOfWeek.isPresent()) {
            throw new InvalidCase(fields.path(), "is scaled either by FTE or by days of the week, not by both");
        }
        return daysOfWeek.<Scaling>map(Scaling.ByDaysOfWeek::new).orElse(byFte ? Scaling.BY_FTE : Scaling.NONE);
    }

    private static TenureBand band(Fields fields) {
        return new TenureBand(
                fields.whole("fromYears").orElseThrow(() -> fields.invalid("fromYears", "is required")),
                fields.requiredAmount("amount"));
    }

    private static Wait wait(Fields fields) {
        requireOne(fields, List.of("days", "months"));
        return fields.whole("days")
                .map(days -> new Wait(days, Wait.In.DAYS))
                .orElseGet(() -> new Wait(fields.whole("months").orElseThrow(), Wait.In.MONTHS));
    }

    private static Limits limits(Fields fields) {
        return new Limits(
                fields.amount("balance"),
                fields.amount("earnedPerYear"),
                fields.amount("usedPerYear"),
                fields.amountOr("overdraw", Amount.ZERO));
    }

    private static YearEnd yearEnd(Fields fields) {
        return new YearEnd(
                carry(fields),
                fields.object("carriedUsable", PolicyReader::usability),
                fields.choice("excess", Leftover.class).orElse(Leftover.LAPSE));
    }

    private static Optional<Amount> carry(Fields fields) {
        Optional<JsonNode> carry = fields.node("carry");
        if (carry.isEmpty() || "all".equals(carry.get().textValue())) {
            return Optional.empty();
        }
        return Optional.of(
                "none".equals(carry.get().textValue())
                        ? Amount.ZERO
                        : Fields.amount(fields.path("carry"), carry.get()));
    }

    private static Usability usability(Fields fields) {
        requireOne(fields, List.of("days", "months", "until"));
        return fields.monthDay("until").<Usability>map(Usability.Until::new).orElseGet(() -> forSomeTime(fields));
    }

    private static Usability.For forSomeTime(Fields fields) {
        requireOne(fields, List.of("days", "months"));
        return fields.whole("days")
                .map(days -> new Usability.For(days, Wait.In.DAYS))
                .orElseGet(() -> new Usability.For(fields.whole("months").orElseThrow(), Wait.In.MONTHS));
    }

    private static Rounding rounding(Fields fields) {
        return new Rounding(
                fields.amountOr("step", Rounding.STANDARD.step()),
                fields.choice("mode", Rounding.Mode.class).orElse(Rounding.Mode.HALF_UP));
    }

    private static void requireOne(Fields fields, List<String> keys) {
        keys.forEach(fields::allowing);
        if (keys.stream().filter(fields::has).count() != 1) {
            throw new InvalidCase(fields.path(), "needs exactly one of " + String.join(", ", keys));
        }
    }
}
