package upahead.server.accounts.effects;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import upahead.core.quantity.Amount;
import upahead.server.accounts.effects.ImpactView.ImpactRow;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/** One person's balance on one day under both sets of rules, as it stands in a file. */
public record ImpactTableRow(
        String person,
        String team,
        String enrolledToday,
        LocalDate on,
        Amount before,
        Amount after,
        Amount difference) {

    static final Columns<ImpactTableRow> COLUMNS = Columns.of(ImpactTableRow.class)
            .onlyInFiles("person", ColumnKind.TEXT)
            .onlyInFiles("team", ColumnKind.TEXT)
            .onlyInFiles("enrolledToday", ColumnKind.TEXT)
            .onlyInFiles("on", ColumnKind.DATE)
            .onlyInFiles("before", ColumnKind.AMOUNT)
            .onlyInFiles("after", ColumnKind.AMOUNT)
            .onlyInFiles("difference", ColumnKind.CHANGE);

    static Stream<ImpactTableRow> of(ImpactRow row, List<LocalDate> days) {
        return IntStream.range(0, days.size())
                .mapToObj(at -> new ImpactTableRow(
                        row.person(),
                        row.team(),
                        row.enrolled() ? "yes" : "no",
                        days.get(at),
                        row.before().get(at),
                        row.after().get(at),
                        row.after().get(at).minus(row.before().get(at))));
    }
}
