package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upahead.core.calendar.PlainDates;
import upahead.core.earning.EarningMethod;
import upahead.core.policy.Policy;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.policy.TermsInWords;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Unit;

/** Says what a policy means for one person on one day: tenure, full-time equivalent and exceptions worked in. */
public final class OwnTermsInWords {

    private static final int DECIMALS = 4;

    private final Account account;
    private final Terms terms;
    private final LocalDate day;
    private final Unit unit;

    private OwnTermsInWords(Account account, Terms terms, LocalDate day) {
        this.account = account;
        this.terms = terms;
        this.day = day;
        this.unit = account.policy().unit();
    }

    /**
     * The sentences as they hold on a day.
     *
     * @param account with the exceptions of the person applied to its policy
     * @return nothing where no version is in force that day
     */
    public static List<String> of(Account account, LocalDate day) {
        Policy policy = account.policy();
        Optional<Terms> terms = policy.versions().on(day);
        if (terms.isEmpty()) {
            return List.of();
        }
        OwnTermsInWords words = new OwnTermsInWords(account, terms.get(), day);
        List<String> sentences = new ArrayList<>();
        sentences.add(words.earning());
        sentences.addAll(terms.get().earning().particulars());
        words.nextStep().ifPresent(sentences::add);
        words.earningBegins().ifPresent(sentences::add);
        words.useBegins().ifPresent(sentences::add);
        sentences.addAll(TermsInWords.of(policy.unit(), policy.benefitYear(), terms.get())
                .fromLimitsOn());
        return List.copyOf(sentences);
    }

    /** "You earn 9 hours each month (15 at 0.6 FTE, after 5 years of service)." */
    private String earning() {
        EarningMethod method = terms.earning();
        int years = account.employment().completedYears(day);
        Amount due = terms.amountAfter(years, method.amount());
        Fraction factor = method.isScaled() ? terms.scaling().on(account.employment(), day) : Fraction.ONE;
        Amount own = factor.equals(Fraction.ONE)
                ? due
                : Fraction.of(due).times(factor).toDecimal(DECIMALS);
        List<String> because = new ArrayList<>();
        if (!own.equals(due)) {
            because.add(unit.counted(due) + terms.scaling().words(factor));
        }
        reached(years).ifPresent(band -> because.add("from " + band.fromYears() + " years of service on"));
        String words = method.withAmount(own).inWords(unit);
        return sentence(words + (because.isEmpty() ? "" : " (" + String.join(", ", because) + ")"));
    }

    private Optional<TenureBand> reached(int years) {
        return terms.tenure().stream()
                .filter(band -> band.fromYears() > 0 && band.fromYears() <= years)
                .findFirst();
    }

    /** The next tenure band, with the day on which it is reached. */
    private Optional<String> nextStep() {
        int years = account.employment().completedYears(day);
        return terms.tenure().stream()
                .filter(band -> band.fromYears() > years)
                .reduce((later, sooner) -> sooner)
                .map(band -> "From "
                        + PlainDates.day(account.employment().serviceFrom().plusYears(band.fromYears())) + " on, with "
                        + band.fromYears() + " years of service, it is " + unit.counted(band.amount())
                        + " instead, before any part-time share.");
    }

    private Optional<String> earningBegins() {
        return Optional.of(AccountEarning.begins(account, terms))
                .filter(day::isBefore)
                .map(begins -> "Earning begins on " + PlainDates.day(begins) + ".");
    }

    private Optional<String> useBegins() {
        LocalDate begins = terms.waitToUse().endsAfter(account.employment().hired());
        return Optional.of(begins)
                .filter(day::isBefore)
                .map(on -> "It can be used from " + PlainDates.day(on) + " on.");
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }
}
