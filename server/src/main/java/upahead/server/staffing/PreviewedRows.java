package upahead.server.staffing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import upahead.server.employment.Person;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Table;
import upahead.server.staffing.PeoplePreview.PolicyCount;
import upahead.server.staffing.PeoplePreview.RowView;
import upahead.server.staffing.RowOutcome.State;

/** The rows of a file as they are looked at before it is taken: those that are wrong first. */
final class PreviewedRows {

    private static final int MOST_SHOWN = 500;

    private PreviewedRows() {}

    static PeoplePreview of(
            Table table,
            FileColumns<PersonColumn> columns,
            List<String> newSites,
            List<String> newTeams,
            List<RowOutcome> outcomes,
            List<PolicyCount> enrolments,
            List<String> gaps) {
        Map<State, Long> states =
                outcomes.stream().collect(Collectors.groupingBy(RowOutcome::state, Collectors.counting()));
        List<RowView> shown = new ArrayList<>();
        for (State state : List.of(State.WRONG, State.CHANGED, State.NEW, State.SAME)) {
            outcomes.stream()
                    .filter(each -> each.state() == state)
                    .limit(MOST_SHOWN)
                    .map(PreviewedRows::view)
                    .forEach(shown::add);
        }
        return new PeoplePreview(
                table.headings(),
                table.encoding(),
                columns.matches(),
                columns.shownOrder(),
                states.getOrDefault(State.NEW, 0L).intValue(),
                states.getOrDefault(State.CHANGED, 0L).intValue(),
                states.getOrDefault(State.SAME, 0L).intValue(),
                states.getOrDefault(State.WRONG, 0L).intValue(),
                newSites,
                newTeams,
                enrolments,
                gaps,
                shown);
    }

    private static RowView view(RowOutcome outcome) {
        return new RowView(
                outcome.row().line(),
                outcome.row().code(),
                outcome.row().name() == null
                        ? Optional.ofNullable(outcome.known()).map(Person::name).orElse("")
                        : outcome.row().name(),
                PeoplePreview.RowState.valueOf(outcome.state().name()),
                outcome.says());
    }
}
