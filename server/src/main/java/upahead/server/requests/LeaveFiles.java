package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Table;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.requests.LeaveRows.LeaveInRow;
import upahead.server.requests.leave.RequestDraft.AskedDay;

/** Brings in leave that was agreed elsewhere, as before the start, from a file: looked at first, taken whole or not. */
@Service
public class LeaveFiles {

    /** What a row is. */
    public enum LeaveRowState {
        NEW,
        /** It can be taken, with a reason for all such rows together. */
        UNUSUAL,
        WRONG
    }

    /**
     * A row.
     *
     * @param says what it costs, what is unusual or what is wrong
     */
    public record LeaveRow(long line, String text, LeaveRowState state, List<String> says) {}

    /**
     * What taking a file would do, or did.
     *
     * @param order in which day and month were read, null where it does not matter
     */
    public record LeavePreview(
            List<String> headings,
            String encoding,
            List<FileColumns.ColumnMatch> columns,
            @Nullable Dates.Order order,
            int usual,
            int unusual,
            int wrong,
            List<LeaveRow> rows) {}

    private final EnteredLeave entered;
    private final RulesOfRequests rules;
    private final People people;
    private final Policies policies;

    LeaveFiles(EnteredLeave entered, RulesOfRequests rules, People people, Policies policies) {
        this.entered = entered;
        this.rules = rules;
        this.people = people;
        this.policies = policies;
    }

    /**
     * What taking a file would do, row by row.
     *
     * @throws Refusal if it cannot be read as a table at all
     */
    @Transactional(readOnly = true)
    @May(Permission.ENTER_LEAVE)
    public LeavePreview preview(byte[] content, FileColumns.Reading reading) {
        Table table = Table.read(content);
        FileColumns<LeaveColumn> columns = columns(table, reading);
        return preview(table, columns, columns.missing().isEmpty() ? looked(rows(table, columns)) : List.of());
    }

    /**
     * Takes a file.
     *
     * @param reason why rows are taken that a rule speaks against; needed where there are any
     * @throws Refusal if a row is wrong or a reason is missing; then nothing is taken
     */
    @Transactional
    @May(Permission.ENTER_LEAVE)
    public LeavePreview take(byte[] content, FileColumns.Reading reading, String reason) {
        Table table = Table.read(content);
        FileColumns<LeaveColumn> columns = columns(table, reading);
        columns.requireNeeded();
        List<LeaveInRow> rows = rows(table, columns);
        List<LeaveRow> views = looked(rows);
        if (views.stream().anyMatch(view -> view.state() == LeaveRowState.WRONG)) {
            throw Refusal.of("file", "Nothing was taken: some rows are wrong.");
        }
        if (reason.isBlank() && views.stream().anyMatch(view -> view.state() == LeaveRowState.UNUSUAL)) {
            throw Refusal.of("reason", "Please say why rows are taken that a rule speaks against.");
        }
        rows.forEach(row -> entered.enter(row.leave(), reason));
        return preview(table, columns, views);
    }

    private static FileColumns<LeaveColumn> columns(Table table, FileColumns.Reading reading) {
        return new FileColumns<>(table, LeaveColumn.class, List.of(LeaveColumn.FIRST, LeaveColumn.LAST), reading);
    }

    private static LeavePreview preview(Table table, FileColumns<LeaveColumn> columns, List<LeaveRow> views) {
        Map<LeaveRowState, Long> counts =
                views.stream().collect(Collectors.groupingBy(LeaveRow::state, Collectors.counting()));
        return new LeavePreview(
                table.headings(),
                table.encoding(),
                columns.matches(),
                columns.shownOrder(),
                counts.getOrDefault(LeaveRowState.NEW, 0L).intValue(),
                counts.getOrDefault(LeaveRowState.UNUSUAL, 0L).intValue(),
                counts.getOrDefault(LeaveRowState.WRONG, 0L).intValue(),
                views);
    }

    private List<LeaveInRow> rows(Table table, FileColumns<LeaveColumn> columns) {
        return new LeaveRows(columns, people.search(PeopleQuery.everybody()), policies.all()).of(table);
    }

    private List<LeaveRow> looked(List<LeaveInRow> rows) {
        Map<Long, Set<LocalDate>> inTheFile = new HashMap<>();
        return rows.stream().map(row -> looked(row, inTheFile)).toList();
    }

    private LeaveRow looked(LeaveInRow row, Map<Long, Set<LocalDate>> inTheFile) {
        if (row.leave() == null) {
            return view(row, LeaveRowState.WRONG, row.faults());
        }
        Set<LocalDate> own = inTheFile.computeIfAbsent(row.leave().personId(), unused -> new HashSet<>());
        if (row.leave().days().stream()
                        .map(AskedDay::on)
                        .filter(day -> !own.add(day))
                        .count()
                > 0) {
            return view(row, LeaveRowState.WRONG, List.of("a day of it stands in an earlier row already"));
        }
        RequestReview review;
        try {
            review = entered.preview(row.leave());
        } catch (Refusal refused) {
            return view(row, LeaveRowState.WRONG, List.of(refused.getMessage()));
        }
        String cost = "costs " + Words.amount(review.total(), review.unit());
        List<String> says = new ArrayList<>(review.problems().stream()
                .map(problem -> problem.message().replaceAll("\\.$", ""))
                .distinct()
                .toList());
        says.add(cost);
        // a file that is taken twice must not count twice, whatever the reason
        boolean wrong = review.problems().stream().anyMatch(problem -> !problem.passable())
                || !rules.overlaps(row.leave()).isEmpty();
        return view(
                row,
                wrong ? LeaveRowState.WRONG : review.problems().isEmpty() ? LeaveRowState.NEW : LeaveRowState.UNUSUAL,
                says);
    }

    private static LeaveRow view(LeaveInRow row, LeaveRowState state, List<String> says) {
        return new LeaveRow(row.row().line(), row.row().text(), state, says);
    }
}
