package upahead.server.accounts.effects;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.Balances;
import upahead.server.employment.People;
import upahead.server.enrolment.Exceptions;
import upahead.server.enrolment.OwnFigures;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;

/** What an exception would do to somebody's balance: it is made, looked at, and undone before anybody sees it. */
@Service
public class ExceptionEffect {

    private static final String NOT_KEPT = "looked at beforehand";

    /** A balance on a day without the exception and with it. */
    public record DayEffect(LocalDate on, Amount before, Amount after) {}

    private final Exceptions exceptions;
    private final Balances balances;
    private final Policies policies;
    private final People people;
    private final MovableClock clock;

    ExceptionEffect(Exceptions exceptions, Balances balances, Policies policies, People people, MovableClock clock) {
        this.exceptions = exceptions;
        this.balances = balances;
        this.policies = policies;
        this.people = people;
        this.clock = clock;
    }

    /**
     * The balance today or on the exception's first day, at the end of that benefit year, and a year on.
     *
     * @param to the last day, null for no end
     * @throws Refusal if the exception could not be made
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public List<DayEffect> of(
            long personId, long policyId, LocalDate from, @Nullable LocalDate to, OwnFigures figures) {
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        Set<LocalDate> days = days(personId, policyId, from);
        List<Amount> before =
                days.stream().map(day -> balance(personId, policyId, day)).toList();
        exceptions.make(personId, policyId, from, to, figures, NOT_KEPT);
        List<DayEffect> effects = new ArrayList<>();
        for (LocalDate day : days) {
            effects.add(new DayEffect(day, before.get(effects.size()), balance(personId, policyId, day)));
        }
        return effects;
    }

    private Set<LocalDate> days(long personId, long policyId, LocalDate from) {
        LocalDate first = DateSpan.later(from, clock.today());
        LocalDate yearEnds = policies.rules(policies.get(policyId))
                .benefitYear()
                .containing(first, people.get(personId).hired())
                .last();
        return new LinkedHashSet<>(List.of(first, yearEnds, first.plusYears(1)));
    }

    private Amount balance(long personId, long policyId, LocalDate on) {
        return balances.of(personId, on).stream()
                .filter(row -> row.policyId() == policyId)
                .map(BalanceRow::balance)
                .findFirst()
                .orElseThrow(() -> Refusal.of("policy", "This person is not enrolled in that policy."));
    }
}
