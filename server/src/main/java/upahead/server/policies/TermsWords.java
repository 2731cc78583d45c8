package upahead.server.policies;

import java.util.List;
import upahead.core.earning.RuleInWords;
import upahead.core.policy.TermsInWords;
import upahead.core.quantity.Unit;
import upahead.server.platform.problems.Refusal;
import upahead.written.WrittenTerms;

/**
 * The terms of a policy in words.
 *
 * @param summary the rules that matter most, in one sentence
 * @param sentences everything, a sentence each
 * @param rules every rule under its name, to be held against other terms
 */
public record TermsWords(String summary, List<String> sentences, List<RuleInWords> rules) {

    private static final String ONLY_RECORDED = "Only recorded: nothing is earned and there is no balance.";

    static TermsWords of(PolicyDetail policy, PolicyVersion version) {
        return policy.recordedOnly()
                ? new TermsWords(ONLY_RECORDED, List.of(ONLY_RECORDED), List.of())
                : of(policy.unit(), policy.benefitYear(), version.terms());
    }

    /**
     * @throws Refusal if the text says something that cannot be
     */
    public static TermsWords of(Unit unit, String benefitYear, WrittenTerms terms) {
        TermsInWords words = TermsInWords.of(unit, MonthDays.benefitYear(benefitYear), PolicyTerms.of(terms));
        return new TermsWords(words.summary(), words.sentences(), words.rules());
    }
}
