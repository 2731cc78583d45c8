package upahead.core.policy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import upahead.core.calendar.BenefitYear;
import upahead.core.earning.RuleInWords;
import upahead.core.earning.Scaling;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

/** Says the terms of a policy in plain sentences. */
public final class TermsInWords {

    private static final String NO_SUCH_RULE = "no such rule";
    private static final String WITHOUT_END = "without end";

    private final Unit unit;
    private final BenefitYear benefitYear;
    private final Terms terms;

    private TermsInWords(Unit unit, BenefitYear benefitYear, Terms terms) {
        this.unit = unit;
        this.benefitYear = benefitYear;
        this.terms = terms;
    }

    /** @param unit in which the amounts of the terms are said */
    public static TermsInWords of(Unit unit, BenefitYear benefitYear, Terms terms) {
        return new TermsInWords(unit, benefitYear, terms);
    }

    /** The rules that matter most, in one sentence. */
    public String summary() {
        List<String> parts = new ArrayList<>();
        parts.add(terms.earning().inWords(unit));
        limit(Limit.BALANCE).ifPresent(limit -> parts.add("at most " + limit + " held"));
        limit(Limit.USED_PER_YEAR).ifPresent(limit -> parts.add("at most " + limit + " used a year"));
        if (terms.waitToUse().count() > 0) {
            parts.add("usable after " + terms.waitToUse().inWords());
        }
        terms.yearEnd()
                .carry()
                .ifPresent(carry ->
                        parts.add(carry.isZero() ? "nothing carried over" : "up to " + carry + " carried over"));
        terms.creditsUsable().ifPresent(usable -> parts.add("each credit usable " + usable.inWords()));
        return sentence(String.join(", ", parts));
    }

    /** Everything the terms say, a sentence each. */
    public List<String> sentences() {
        List<String> sentences = new ArrayList<>();
        sentences.add(sentence(terms.earning().inWords(unit)));
        sentences.addAll(terms.earning().particulars());
        upwards(terms.tenure())
                .forEach(band -> sentences.add("From " + band.fromYears() + " years of service on it is "
                        + unit.counted(band.amount()) + " instead."));
        if (!(terms.scaling() instanceof Scaling.None)) {
            sentences.add("Part-timers earn " + terms.scaling().inWords() + ".");
        }
        if (terms.waitToEarn().count() > 0) {
            sentences.add("Earning begins " + terms.waitToEarn().endsInWords() + ".");
        }
        if (terms.waitToUse().count() > 0) {
            sentences.add("It can be used " + terms.waitToUse().endsInWords() + ".");
        }
        sentences.addAll(fromLimitsOn());
        return List.copyOf(sentences);
    }

    /** What holds alike for everybody to whom the terms apply: limits, the year's end, leaving and rounding. */
    public List<String> fromLimitsOn() {
        List<String> sentences = new ArrayList<>();
        terms.limits().forEach((limit, figure) -> sentences.add(limit.sentence(figure, unit)));
        sentences.add("The benefit year begins " + benefitYear.inWords() + "; " + yearEnd() + ".");
        terms.creditsUsable().ifPresent(usable -> sentences.add("Each credit can be used " + usable.inWords() + "."));
        sentences.add("What is left on leaving " + terms.onLeaving().words() + ".");
        if (!terms.rounding().equals(Rounding.STANDARD)) {
            sentences.add("What is earned is rounded " + terms.rounding().inWords() + ", as a running total.");
        }
        return List.copyOf(sentences);
    }

    /** Every rule under its name, also where the terms do not have it, so that two texts can be compared. */
    public List<RuleInWords> rules() {
        List<RuleInWords> rules = new ArrayList<>();
        rules.add(new RuleInWords("Earning", terms.earning().inWords(unit)));
        rules.addAll(terms.earning().choices());
        rules.add(new RuleInWords("More with service", tenure()));
        rules.add(new RuleInWords("Part-timers", terms.scaling().inWords()));
        rules.add(new RuleInWords("Wait before earning", wait(terms.waitToEarn())));
        rules.add(new RuleInWords("Wait before use", wait(terms.waitToUse())));
        for (Limit limit : Limit.values()) {
            rules.add(new RuleInWords(
                    limit.rule(), limit(limit).map(unit::counted).orElse(NO_SUCH_RULE)));
        }
        YearEnd yearEnd = terms.yearEnd();
        rules.add(new RuleInWords(
                "Carried over",
                yearEnd.carry().map(carry -> "up to " + unit.counted(carry)).orElse("all of it")));
        rules.add(new RuleInWords(
                "Carried time is usable",
                yearEnd.carriedUsable().map(Usability::inWords).orElse(WITHOUT_END)));
        rules.add(new RuleInWords("Above the carryover", yearEnd.excess().words()));
        rules.add(new RuleInWords(
                "Each credit is usable",
                terms.creditsUsable().map(Usability::inWords).orElse(WITHOUT_END)));
        rules.add(new RuleInWords("On leaving", terms.onLeaving().words()));
        rules.add(new RuleInWords("Rounded", terms.rounding().inWords()));
        return List.copyOf(rules);
    }

    private Optional<Amount> limit(Limit limit) {
        return terms.limits().on(limit);
    }

    private String tenure() {
        return terms.tenure().isEmpty()
                ? NO_SUCH_RULE
                : String.join(
                        ", ",
                        upwards(terms.tenure()).stream()
                                .map(band -> band.amount() + " from " + band.fromYears() + " years")
                                .toList());
    }

    private static List<TenureBand> upwards(List<TenureBand> bands) {
        List<TenureBand> upwards = new ArrayList<>(bands);
        Collections.reverse(upwards);
        return upwards;
    }

    private static String wait(Wait wait) {
        return wait.count() == 0 ? NO_SUCH_RULE : wait.inWords();
    }

    private String yearEnd() {
        YearEnd yearEnd = terms.yearEnd();
        String usable = yearEnd.carriedUsable()
                .map(until -> " and usable " + until.inWords())
                .orElse("");
        if (yearEnd.carry().isEmpty()) {
            return "everything is carried over" + usable;
        }
        Amount carry = yearEnd.carry().get();
        return carry.isZero()
                ? "nothing is carried over, what is left " + yearEnd.excess().words()
                : "up to " + unit.counted(carry) + (carry.equals(Amount.ONE) ? " is" : " are") + " carried over"
                        + usable + ", the rest " + yearEnd.excess().words();
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }
}
