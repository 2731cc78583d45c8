package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.core.facts.Facts;
import upahead.core.hours.WorkLog;
import upahead.core.hours.WorkingDays;
import upahead.core.ledger.Account;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.LineKind;
import upahead.core.ledger.PlainWords;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.rehearsal.WrittenCase;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.MonthDays;
import upahead.server.policies.PolicyTerms;
import upahead.server.policies.RequestRules;
import upahead.server.policies.RuleConflicts.RuleConflict;
import upahead.server.policies.TermsWords;
import upahead.written.WrittenTerms;

/** Two years of a sample person under the text of a policy that is being written. */
@Service
public class SampleRehearsal {

    private static final int YEARS = 2;

    /**
     * @param hired the sample person's hire date, from which the two years run
     * @param hoursADay from Monday to Friday, without leave
     * @param rules for requests, null where they are not to be looked at
     * @param policyId the policy that is changed, null for one that is not kept yet
     * @param payGroupId whose pay calendar the sample has; that of most of those covered where it is null
     */
    public record Sample(
            @NotNull Unit unit,
            @NotNull String benefitYear,
            @NotNull @Valid WrittenTerms terms,
            @NotNull LocalDate hired,
            @NotNull Amount hoursADay,
            @Nullable @Valid RequestRules rules,
            @Nullable Long policyId,
            @Nullable Long payGroupId) {}

    /** A case file without its policy, numbers as decimal strings. */
    public record AsExample(String written) {}

    /** One change of the sample's balance. */
    public record SampleLine(LocalDate on, LineKind kind, Amount amount, Amount withheld, Amount balance, String why) {}

    /**
     * @param useBegins the first day on which time can be used
     * @param earned over the two years
     * @param withheld over the two years
     * @param lapsed over the two years
     * @param opening the balance before the first of the days
     * @param words the text that was rehearsed, in words
     * @param conflicts rules that do not go together
     * @param payGroup the name of the pay group whose calendar is followed, null where there is none yet
     */
    public record Rehearsed(
            LocalDate from,
            LocalDate through,
            LocalDate useBegins,
            Amount earned,
            Amount withheld,
            Amount lapsed,
            Amount opening,
            Amount closing,
            List<SampleLine> lines,
            TermsWords words,
            List<RuleConflict> conflicts,
            @Nullable String payGroup) {}

    private final CoveredPeople covered;
    private final Organisation organisation;

    SampleRehearsal(CoveredPeople covered, Organisation organisation) {
        this.covered = covered;
        this.organisation = organisation;
    }

    /** Derives the sample's ledger. */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public Rehearsed rehearse(Sample sample) {
        DateSpan days = days(sample);
        Optional<PayGroup> payGroup = payGroup(sample);
        Account account = account(sample, payGroup);
        WorkLog work =
                new WorkLog(new WorkingDays(account.employment(), account.holidays()).scheduledWork(days, Map.of()));
        return rehearsed(
                Derivation.derive(account.withFacts(Facts.NONE.withWork(work)), days.last()),
                days,
                TermsWords.of(sample.unit(), sample.benefitYear(), sample.terms()),
                covered.conflicts(
                        sample.unit(), sample.benefitYear(), sample.terms(), sample.rules(), sample.policyId()),
                payGroup.map(PayGroup::name).orElse(null));
    }

    /**
     * The sample person as an example, without figures that are expected.
     *
     * @param name of the example, not empty
     */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public AsExample example(Sample sample, String name) {
        DateSpan days = days(sample);
        return new AsExample(WrittenCase.of(name, account(sample, payGroup(sample)), days.last())
                .working(days)
                .exact());
    }

    private static DateSpan days(Sample sample) {
        return new DateSpan(sample.hired(), sample.hired().plusYears(YEARS).minusDays(1));
    }

    private Optional<PayGroup> payGroup(Sample sample) {
        return sample.payGroupId() == null
                ? covered.payGroup(sample.policyId())
                : Optional.of(organisation.payGroup(sample.payGroupId()));
    }

    private static Account account(Sample sample, Optional<PayGroup> payGroup) {
        return new Account(
                Employment.simple(sample.hired(), WeeklySchedule.mondayToFriday(sample.hoursADay())),
                Enrolment.from(sample.hired()),
                new Policy(
                        sample.unit(),
                        MonthDays.benefitYear(sample.benefitYear()),
                        Timeline.from(sample.hired(), PolicyTerms.of(sample.terms()))),
                payGroup.map(PayGroup::calendar).orElseGet(() -> PayCalendar.standard(sample.hired())),
                HolidayCalendar.NONE,
                Facts.NONE);
    }

    /** What a ledger says about some days. */
    public static Rehearsed rehearsed(
            Ledger ledger, DateSpan days, TermsWords words, List<RuleConflict> conflicts, @Nullable String payGroup) {
        List<LedgerLine> lines = ledger.linesWithin(days);
        return new Rehearsed(
                days.first(),
                days.last(),
                ledger.useBegins(days.first()).orElse(days.first()),
                total(lines, LineKind.EARNED),
                Amount.sum(lines.stream().map(LedgerLine::withheld).toList()),
                total(lines, LineKind.LAPSED).negated(),
                ledger.balance(days.first().minusDays(1)),
                ledger.balance(days.last()),
                lines.stream().map(SampleRehearsal::line).toList(),
                words,
                conflicts,
                payGroup);
    }

    private static Amount total(List<LedgerLine> lines, LineKind kind) {
        return Amount.sum(lines.stream()
                .filter(line -> line.kind() == kind)
                .map(LedgerLine::amount)
                .toList());
    }

    private static SampleLine line(LedgerLine line) {
        return new SampleLine(
                line.on(), line.kind(), line.amount(), line.withheld(), line.balance(), PlainWords.why(line));
    }
}
