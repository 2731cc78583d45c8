package upahead.server.value;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import upahead.core.quantity.Amount;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.value.ValueView.ValuePoint;

/** What leave is worth, added up; kept while nothing changes, since it goes through every balance for each day of the picture. */
@Service
class ValueViews {

    private static final int MOST_KEPT = 200;

    private final ValueOfAll value;
    private final MovableClock clock;
    private final WhileUnchanged<Question, ValueView> known;

    private record Question(ValueForm form, LocalDate today) {}

    ValueViews(ValueOfAll value, MovableClock clock, TurnStore turns) {
        this.value = value;
        this.clock = clock;
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    @May(Permission.SEE_PAY_RATES)
    public ValueView of(ValueForm form) {
        return known.of(new Question(form, clock.today()), () -> List.of(addedUp(form)))
                .get(0);
    }

    private ValueView addedUp(ValueForm form) {
        ValueDays days = form.days();
        List<ValueRow> rows = form.of(value.rows(days));
        ValueSum.By by = form.by() == null ? ValueSum.By.POLICY : form.by();
        return new ValueView(days.asOf(), days.since(), ValueSum.of(rows), ValueSum.by(by, rows), series(days, rows));
    }

    private List<ValuePoint> series(ValueDays days, List<ValueRow> rows) {
        List<ValuePoint> points = new ArrayList<>();
        for (int at = 0; at < days.series().size(); at++) {
            int point = at;
            LocalDate on = days.series().get(at);
            points.add(new ValuePoint(
                    on,
                    Amount.sum(rows.stream()
                            .filter(row -> !row.series().isEmpty())
                            .map(row -> row.series().get(point))
                            .toList()),
                    on.isAfter(clock.today())));
        }
        return points;
    }
}
