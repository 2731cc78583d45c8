package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.platform.clock.MovableClock;

/** What is looked at before a close, and what happens when it changes afterwards. */
@WithSmallCompanies
class CheckedRunsTest {

    private static final LocalDate MONDAY = SmallCompany.MONDAY;

    @Autowired
    private SmallCompany company;

    @Autowired
    private PayRuns runs;

    @Autowired
    private RunChecking checking;

    @Autowired
    private RunClosing closing;

    @Autowired
    private CardTyping cards;

    @Autowired
    private MovableClock clock;

    @BeforeEach
    void found() {
        company.found();
    }

    @Test
    void aRunThatNobodyHasLookedAtIsNotClosed() {
        company.work("regular,40");
        assertThatThrownBy(() -> close(company.newest()))
                .hasMessage("This run is not checked. Look at its cautions and check it; then it can be closed.");
        assertThat(state()).isEqualTo(RunState.GATHERING);
        company.check(company.newest());
        assertThat(state()).isEqualTo(RunState.CHECKED);
        close(company.newest());
        assertThat(company.rows(
                        company.act(() -> runs.ofGroup(company.groupId())).get(1)))
                .hasSize(1);
    }

    @Test
    void aFactThatChangesAfterTheCheckIsNamedAndStopsTheClose() {
        company.work("regular,40");
        PayRun run = company.newest();
        company.check(run);
        type(MONDAY, "10h", "9h");
        assertThatThrownBy(() -> close(run))
                .hasMessage("This is no longer the run that was checked. Only One: Leave " + company.code()
                        + " earned 3.9 hours, was 4 hours; regular hours 39 hours, was 40 hours."
                        + " Nothing was closed; please check it again.");
        assertThat(worksheet(run).run().state()).isEqualTo(RunState.GATHERING);
        assertThat(worksheet(run).events())
                .extracting(RunEvent::what)
                .containsExactly(RunEvent.What.CHECKED, RunEvent.What.CHANGED);
        assertThat(worksheet(run).events().get(1).reason()).startsWith("Only One: Leave");
        type(MONDAY, "9h", "10h");
        company.check(run);
        assertThat(worksheet(run).run().state()).isEqualTo(RunState.CHECKED);
        close(run);
    }

    @Test
    void aNewBlockerMakesItGatherAgain() {
        company.work("regular,40");
        PayRun run = company.newest();
        company.check(run);
        type(MONDAY, "10h", "");
        assertThat(worksheet(run).run().state()).isEqualTo(RunState.GATHERING);
    }

    @Test
    void aBlockerThatComesAfterThePageWasLookedAtStopsTheClose() {
        company.work("regular,40");
        PayRun run = company.newest();
        company.check(run);
        assertThat(worksheet(run).blockers()).isEmpty();
        type(MONDAY, "10h", "");
        assertThatThrownBy(() -> close(run)).hasMessageStartingWith("This run cannot be closed yet. Only One");
    }

    @Test
    void aCautionIsAcceptedWithANoteUntilItSaysSomethingElse() {
        threeWeeks();
        PayRun run = company.newest();
        type(run.firstDay(), "", "3h");
        assertThat(cautions(run))
                .extracting(Caution::kind, Caution::words)
                .containsExactly(tuple(Caution.Kind.UNLIKE_BEFORE, "3 hours worked, before 8 to 40"));
        assertThatThrownBy(() -> company.act(() -> {
                    checking.check(run.id(), " ");
                    return null;
                }))
                .hasMessageStartingWith("Nobody has looked at 1 caution yet: Only One, 3 hours worked");
        company.act(() -> {
            checking.accept(run.id(), cautions(run), "went home ill");
            checking.check(run.id(), "");
            return null;
        });
        assertThat(cautions(run).get(0).accepted().note()).isEqualTo("went home ill");
        assertThat(company.rows(run).get(0).accepted()).hasSize(1);
        type(run.firstDay(), "3h", "2h");
        assertThat(cautions(run)).hasSize(1).allMatch(Caution::isOpen);
        assertThat(worksheet(run).run().state()).isEqualTo(RunState.GATHERING);
    }

    @Test
    void whatWasAcceptedIsToldOnTheClosedRun() {
        threeWeeks();
        PayRun run = company.newest();
        type(run.firstDay(), "", "3h");
        company.close(run);
        assertThat(cautions(run)).singleElement().satisfies(caution -> {
            assertThat(caution.words()).isEqualTo("3 hours worked, before 8 to 40");
            assertThat(caution.accepted().note()).isEqualTo("as it should be");
        });
    }

    @Test
    void anAcceptanceThatIsTakenBackMakesTheRunGatherAgain() {
        threeWeeks();
        PayRun run = company.newest();
        type(run.firstDay(), "", "3h");
        company.check(run);
        company.act(() -> {
            checking.takeBack(run.id(), cautions(run).get(0));
            return null;
        });
        assertThat(worksheet(run).run().state()).isEqualTo(RunState.GATHERING);
        assertThat(cautions(run).get(0).isOpen()).isTrue();
    }

    private void threeWeeks() {
        company.work("regular,40");
        company.close(company.newest());
        for (int week = 1; week <= 2; week++) {
            clock.moveTo(MONDAY.plusWeeks(week + 1));
            type(MONDAY.plusWeeks(week), "", "8h");
            company.close(company.newest());
        }
        clock.moveTo(MONDAY.plusWeeks(4));
    }

    private void type(LocalDate on, String seen, String line) {
        company.act(() -> {
            cards.change(company.personId(), List.of(new TypedLine(on, seen, line)), "");
            return null;
        });
    }

    private void close(PayRun run) {
        company.act(() -> closing.close(run.id()));
    }

    private Worksheet worksheet(PayRun run) {
        return company.act(() -> runs.worksheet(run.id()));
    }

    private List<Caution> cautions(PayRun run) {
        return company.act(() -> runs.cautions(run.id(), null));
    }

    private RunState state() {
        return company.newest().state();
    }
}
