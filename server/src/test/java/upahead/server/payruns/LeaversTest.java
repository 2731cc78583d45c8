package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.employment.PersonChanges;
import upahead.server.payruns.delivery.HandOverFiles;
import upahead.server.platform.clock.MovableClock;

/** A leaver, whose accounts are closed before the run of the group. */
@WithSmallCompanies
class LeaversTest {

    private static final LocalDate MONDAY = SmallCompany.MONDAY;
    private static final LocalDate LAST_DAY = MONDAY.plusDays(2);

    @Autowired
    private SmallCompany company;

    @Autowired
    private Leavers leavers;

    @Autowired
    private PersonChanges changes;

    @Autowired
    private RunClosing closing;

    @Autowired
    private FrozenStatements statements;

    @Autowired
    private HandOverFiles handOver;

    @Autowired
    private Proof proof;

    @Autowired
    private CardTyping cards;

    @Autowired
    private MovableClock clock;

    @BeforeEach
    void found() {
        company.found();
        clock.moveTo(LAST_DAY);
        type(MONDAY, "", "8h");
        type(MONDAY.plusDays(1), "", "6h");
    }

    @Test
    void whatIsLeftIsSettledAtOnceAndStandsOnTheStatement() {
        leave();
        PayRun run = close();
        assertThat(company.rows(run)).singleElement().satisfies(row -> {
            assertThat(row.earned()).isEqualTo(Amount.of("1.4"));
            assertThat(row.lapsed()).isEqualTo(Amount.of("1.4"));
            assertThat(row.closing()).isEqualTo(Amount.ZERO);
        });
        assertThat(lines(run)).containsExactly("Only One,REG,regular hours,14,hours,2027-03-01,2027-03-07,period");
        Statement statement =
                company.act(() -> statements.of(run.id(), company.personId())).statement();
        assertThat(statement.balances().get(0).totals().lapsed()).isEqualTo(Amount.of("1.4"));
        assertThat(company.act(() -> leavers.of(company.newest().id())))
                .singleElement()
                .satisfies(leaver -> assertThat(leaver.run().isClosed()).isTrue());
        assertThat(company.act(proof::prove).differences()).isEmpty();
        assertThat(company.act(proof::prove).missing()).isEmpty();
    }

    @Test
    void theRunOfTheGroupHasNothingMoreOfThem() {
        leave();
        close();
        clock.moveTo(MONDAY.plusWeeks(1));
        PayRun group = company.newest();
        company.close(group);
        assertThat(lines(group)).isEmpty();
        assertThat(company.rows(group)).allSatisfy(row -> {
            assertThat(row.lines()).isEmpty();
            assertThat(row.closing()).isEqualTo(Amount.ZERO);
        });
        assertThat(company.act(proof::prove).differences()).isEmpty();
    }

    @Test
    void whatIsChangedAfterwardsComesWithTheRunOfTheGroup() {
        leave();
        close();
        type(MONDAY.plusDays(1), "6h", "8h");
        clock.moveTo(MONDAY.plusWeeks(1));
        PayRun group = company.newest();
        company.close(group);
        assertThat(lines(group)).containsExactly("Only One,REG,regular hours,2,hours,2027-03-01,2027-03-07,period");
        assertThat(company.rows(group).get(0).closing()).isEqualTo(Amount.ZERO);
        assertThat(company.act(proof::prove).differences()).isEmpty();
    }

    @Test
    void itIsClosedOnceAndCanBeUndoneUntilTheGroupIs() {
        leave();
        PayRun run = close();
        assertThatThrownBy(this::close).hasMessageStartingWith("This run is closed");
        company.act(() -> closing.undo(run.id(), "stays after all"));
        assertThat(company.act(proof::prove).differences()).isEmpty();
        PayRun again = close();
        assertThat(again.closings()).isEqualTo(2);
        clock.moveTo(MONDAY.plusWeeks(1));
        company.close(company.newest());
        assertThatThrownBy(() -> company.act(() -> closing.undo(run.id(), "too late")))
                .hasMessageStartingWith("Only the newest closed run can be undone.");
    }

    @Test
    void whoeverStaysOrStillWorksIsNotClosed() {
        assertThatThrownBy(this::close).hasMessageContaining("does not leave in this period");
        leave();
        clock.moveTo(LAST_DAY.minusDays(1));
        assertThatThrownBy(this::close).hasMessage("Only One works until 3 March; close it on that day.");
    }

    @Test
    void aRunWhosePeopleHaveAllLeftIsEmptyAndStillClosed() {
        leave();
        clock.moveTo(MONDAY.plusWeeks(1));
        company.close(company.newest());
        clock.moveTo(MONDAY.plusWeeks(2));
        PayRun empty = company.newest();
        Worksheet worksheet = company.close(empty);
        assertThat(worksheet.run().isClosed()).isTrue();
        assertThat(worksheet.blockers()).isEmpty();
        assertThat(lines(empty)).isEmpty();
        assertThat(company.rows(empty))
                .allSatisfy(row -> assertThat(row.lines()).isEmpty());
        assertThat(company.act(proof::prove).differences()).isEmpty();
    }

    private void leave() {
        company.act(() -> {
            changes.leave(company.personId(), LAST_DAY);
            return null;
        });
    }

    private PayRun close() {
        return company.act(() -> leavers.close(company.newest().id(), company.personId(), "the last day is agreed"));
    }

    private void type(LocalDate on, String seen, String line) {
        company.act(() -> {
            cards.change(company.personId(), List.of(new TypedLine(on, seen, line)), "");
            return null;
        });
    }

    private List<String> lines(PayRun run) {
        return PayrollFile.rows(company.act(() -> handOver.csv(run.id(), null, false)));
    }
}
