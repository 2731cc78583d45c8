package upahead.server.reports;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.value.ValueDays;
import upahead.server.value.ValueRow;
import upahead.server.value.WorthOfAccounts;

/** What each balance is worth at the end of some days, and why it was worth something else before them. */
@Component
class WorthOfLeave implements Report<ValueRow> {

    private final PeopleOfReport people;
    private final WorthOfAccounts worth;
    private final Policies policies;

    WorthOfLeave(PeopleOfReport people, WorthOfAccounts worth, Policies policies) {
        this.people = people;
        this.worth = worth;
        this.policies = policies;
    }

    @Override
    public About about() {
        return new About(
                "value",
                "Value of leave",
                "What each balance is worth at the end of the days, and what changed that since before them.");
    }

    @Override
    public Permission needs() {
        return Permission.SEE_PAY_RATES;
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(today.withDayOfYear(1), today);
    }

    @Override
    public Columns<ValueRow> columns() {
        return ValueRow.COLUMNS;
    }

    @Override
    public Optional<Function<ValueRow, String>> person() {
        return Optional.of(ValueRow::person);
    }

    @Override
    public void rows(ReportQuestion question, Consumer<ValueRow> rows) {
        ValueDays days =
                ValueDays.of(question.days().last(), question.days().first().minusDays(1));
        List<PolicyDetail> all = policies.all();
        people.each(question, some -> worth.of(some, days, all), rows);
    }
}
