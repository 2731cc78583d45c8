package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.server.payruns.AcceptedCautionStore.Told;
import upahead.server.payruns.Caution.Accepted;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.sql.TurnStore;

/** Gathers a run from everybody's facts. */
@Component
class RunGathering {

    private static final Comparator<Caution> OPEN_FIRST = Comparator.comparing((Caution caution) -> !caution.isOpen())
            .thenComparing(Caution::kind)
            .thenComparing(Caution::person)
            .thenComparing(caution -> caution.policy() == null ? "" : caution.policy());

    private final RunPostings postings;
    private final Blockers blockers;
    private final AcceptedCautionStore accepted;
    private final CheckedFigures checked;
    private final MovableClock clock;
    private final TurnStore turns;

    RunGathering(
            RunPostings postings,
            Blockers blockers,
            AcceptedCautionStore accepted,
            CheckedFigures checked,
            MovableClock clock,
            TurnStore turns) {
        this.postings = postings;
        this.blockers = blockers;
        this.accepted = accepted;
        this.checked = checked;
        this.clock = clock;
        this.turns = turns;
    }

    /** One person's part of it. */
    private record Part(List<WorksheetRow> rows, List<Caution> cautions) {}

    /** What was looked at before the close, in the words in which it was told then. */
    private static List<Caution> looked(PersonPostings person, Map<Told, Accepted> looked) {
        Map<Long, String> policies = person.accounts().stream()
                .collect(Collectors.toMap(
                        account -> account.account().policy().id(),
                        account -> account.account().policy().name()));
        return looked.entrySet().stream()
                .filter(each ->
                        each.getKey().key().personId() == person.person().id())
                .map(each -> {
                    Caution.Key key = each.getKey().key();
                    return new Caution(
                            key.kind(),
                            key.personId(),
                            person.person().name(),
                            key.policyId(),
                            policies.get(key.policyId()),
                            each.getKey().words(),
                            each.getValue());
                })
                .toList();
    }

    /** That somebody has no hours, and has earned nothing by them, is told once. */
    private static boolean isToldAsBlocker(Caution caution, Set<Long> withoutHours) {
        return withoutHours.contains(caution.personId())
                && (caution.kind() == Caution.Kind.NO_HOURS || caution.kind() == Caution.Kind.UNLIKE_BEFORE);
    }

    GatheredRun of(PayRun run) {
        long turn = turns.taken();
        List<Blocker> stopping = blockers.of(run);
        Set<Long> withoutHours = stopping.stream()
                .filter(blocker -> blocker.kind() == Blocker.Kind.MISSING_HOURS)
                .map(Blocker::personId)
                .collect(Collectors.toSet());
        Map<Told, Accepted> looked = accepted.of(run.id());
        CheckedFigures.Comparison comparison = checked.compareWith(run);
        List<WorksheetRow> rows = new ArrayList<>();
        List<Caution> cautions = new ArrayList<>();
        int[] people = new int[1];
        postings.each(
                run,
                person -> {
                    comparison.look(person);
                    List<Caution> own = run.isClosed() && run.checkedAt() != null
                            ? looked(person, looked)
                            : Cautions.of(person, run).stream()
                                    .filter(caution -> !isToldAsBlocker(caution, withoutHours))
                                    .map(caution -> caution.acceptedBy(looked.get(Told.of(caution))))
                                    .toList();
                    return new Part(WorksheetRows.of(person, own, run), own);
                },
                part -> {
                    people[0]++;
                    rows.addAll(part.rows());
                    cautions.addAll(part.cautions());
                });
        rows.sort(WorksheetRows.UNUSUAL_FIRST);
        cautions.sort(OPEN_FIRST);
        return new GatheredRun(run, turn, clock.today(), people[0], stopping, cautions, rows, comparison.changed());
    }
}
