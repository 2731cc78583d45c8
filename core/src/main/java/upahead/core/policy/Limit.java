package upahead.core.policy;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * The limits that the law keeps apart, each on its own, in the policy's unit and at least 0. Where a limit holds is said
 * where it is kept: those on earning in the derivation, those on use in the check of a request.
 */
public enum Limit {
    /** How much may be held. */
    BALANCE("balance limit", "May be held", "Nobody holds more than %s."),
    /** How much may be earned in a benefit year. */
    EARNED_PER_YEAR("yearly earning limit", "May be earned a year", "At most %s are earned a year."),
    /** How much may be used in a benefit year. */
    USED_PER_YEAR("yearly use limit", "May be used a year", "At most %s may be used a year."),
    /** How far a request may take the balance below zero; 0 where nothing is said. */
    OVERDRAW("overdraw allowed", "May be overdrawn by", "A request may take it down to %s below zero.");

    private final String words;
    private final String rule;
    private final String sentence;

    Limit(String words, String rule, String sentence) {
        this.words = words;
        this.rule = rule;
        this.sentence = sentence;
    }

    /** Where it stands as terms are written: {@code limits.earnedPerYear}. */
    public String place() {
        return "limits." + key();
    }

    /** Its name as terms are written: {@code earnedPerYear}. */
    public String key() {
        String[] parts = name().toLowerCase(Locale.ROOT).split("_");
        return parts[0]
                + Arrays.stream(parts)
                        .skip(1)
                        .map(part -> Character.toUpperCase(part.charAt(0)) + part.substring(1))
                        .collect(Collectors.joining());
    }

    /** What it is called within a sentence. */
    public String words() {
        return words;
    }

    /** What its rule is called where texts are compared. */
    public String rule() {
        return rule;
    }

    /** What it says, as a sentence. */
    public String sentence(Amount figure, Unit unit) {
        return String.format(sentence, unit.counted(figure));
    }
}
