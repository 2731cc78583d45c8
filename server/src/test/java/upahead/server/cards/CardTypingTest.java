package upahead.server.cards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.BreakRule;
import upahead.core.cards.Overtime;
import upahead.core.cards.Overtime.Over;
import upahead.core.cards.PunchRounding;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.cards.CardView.CardDayView;
import upahead.server.cards.days.CardRemark.Kind;
import upahead.server.cards.days.ConfirmationStore.Part;
import upahead.server.cards.rules.CardRules;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;

/** Kerensa, person 27, is paid by the hour, 8 hours from Monday to Friday. The week of 19 April 2027 is not closed. */
@WithDemo
class CardTypingTest {

    private static final long KERENSA = 27;
    private static final LocalDate MONDAY = LocalDate.of(2027, 4, 19);
    private static final DateSpan FORTNIGHT = DateSpan.of(LocalDate.of(2027, 4, 12), LocalDate.of(2027, 4, 25));
    private static final LocalDate CLOSED = LocalDate.of(2027, 4, 8);

    @Autowired
    private CardTyping typing;

    @Autowired
    private Cards cards;

    @Autowired
    private Accepting accepting;

    @Autowired
    private Confirming confirming;

    @Autowired
    private SettingCardRules rules;

    @Autowired
    private UnfinishedDays unfinished;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @BeforeEach
    void overtimeOverTheDayAndTheWeek() {
        act(() -> rules.set(new CardRules(
                1,
                LocalDate.of(2027, 4, 12),
                new PunchRounding(5),
                new BreakRule(Amount.of(6), 30),
                List.of(
                        new Overtime(Over.DAY, Amount.of(9), "overtime"),
                        new Overtime(Over.WEEK, Amount.of(39), "overtime"),
                        new Overtime(Over.DAY_OFF, Amount.ZERO, "rest day")),
                true,
                true,
                true)));
    }

    @Test
    void timesBecomeHoursOfTheWeekByTheRulesOfTheGroup() {
        type(0, "8-12:02 12:31-18:02");
        type(1, "8-12 12:30-16:30");
        type(2, "8-12 12:30-16:30");
        type(3, "8-12 12:30-16:30");
        type(4, "8-12 12:30-16:30");
        type(5, "9-12");
        assertThat(hours(0)).isEqualTo("overtime 0.5, regular 9");
        assertThat(hours(3)).isEqualTo("regular 8");
        assertThat(hours(4)).isEqualTo("overtime 2, regular 6");
        assertThat(hours(5)).isEqualTo("rest day 3");
        type(1, "7h");
        assertThat(hours(1)).isEqualTo("regular 7");
        assertThat(hours(4)).isEqualTo("overtime 1, regular 7");
    }

    @Test
    void aDayWithAGapHasNoHoursAndIsToldUntilItIsMended() {
        type(0, "8-12 12:30-");
        CardDayView day = day(0);
        assertThat(day.hours()).isEmpty();
        assertThat(day.remarks()).singleElement().satisfies(remark -> {
            assertThat(remark.kind()).isEqualTo(Kind.NO_END);
            assertThat(remark.message()).isEqualTo("The work from 12:30 has no end.");
        });
        type(0, "8-12 12:30-16");
        assertThat(hours(0)).isEqualTo("regular 7.5");
        assertThat(day(0).remarks()).isEmpty();
    }

    @Test
    void workThatReachesIntoTheNextDayOverlapsThere() {
        type(0, "22-7 (2-2:30)");
        type(1, "6-14 (10-10:30)");
        assertThat(day(1).remarks())
                .extracting(remark -> remark.message())
                .containsExactly("Begins before the work of the day before has ended.");
        assertThat(hours(1)).isEmpty();
        type(0, "22-6 (2-2:30)");
        assertThat(hours(1)).isEqualTo("regular 7.5");
    }

    @Test
    void whatLooksWrongIsAcceptedWithANoteUntilTheDayChanges() {
        type(0, "8-16");
        assertThat(day(0).remarks()).singleElement().satisfies(remark -> {
            assertThat(remark.kind()).isEqualTo(Kind.NO_BREAK);
            assertThat(remark.message())
                    .isEqualTo("More than 6 hours of work need a break of 30 minutes; there are 0.");
        });
        assertThat(hours(0)).isEqualTo("regular 8");
        act(() -> accepting.accept(KERENSA, MONDAY, Kind.NO_BREAK, "stood at the till alone"));
        assertThat(day(0).remarks().get(0).acceptedNote()).isEqualTo("stood at the till alone");
        type(0, "8-17");
        assertThat(day(0).remarks().get(0).acceptedNote()).isNull();
        assertThatThrownBy(() -> act(() -> accepting.accept(KERENSA, MONDAY, Kind.NO_END, "so")))
                .hasMessage("This has to be put right; it cannot be accepted as it is.");
    }

    @Test
    void aClosedDayChangesWithAReasonAndIsNotedForTheNextRun() {
        String seen = line(CLOSED);
        assertThatThrownBy(() -> change(Somebody.ADMINISTRATOR, CLOSED, seen, "8-12", ""))
                .hasMessage("8 April is in a closed period. Please say why it changes.");
        assertThatThrownBy(() -> change(Somebody.ADMINISTRATOR, CLOSED, seen, "8-", "went home"))
                .hasMessage("In a closed period a day must be whole. The work from 08:00 has no end.");
        assertThatThrownBy(() -> change(Somebody.employee(KERENSA), CLOSED, seen, "8-12", "went home"))
                .hasMessage("8 April is in a closed period; ask payroll to change it.");
        change(Somebody.ADMINISTRATOR, CLOSED, seen, "8-12", "went home");
        assertThat(sql.queryForList("select what from late_change order by id desc limit 1", String.class))
                .singleElement()
                .asString()
                .contains("hours of 8 April changed from", "by Ada Payroll: went home");
        assertThat(act(() -> cards.changes(KERENSA, DateSpan.of(CLOSED, CLOSED))))
                .singleElement()
                .satisfies(change -> {
                    assertThat(change.before()).isEqualTo(seen);
                    assertThat(change.after()).isEqualTo("08:00-12:00");
                    assertThat(change.reason()).isEqualTo("went home");
                    assertThat(change.actor()).isEqualTo("Ada Payroll");
                });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-04-19|half past eight|“half past eight” cannot be read; write times as 8-12 12:30-16:30, or hours as 7.5h.",
                "2027-04-19|0-15 15-6|That makes 30 hours on one day.",
                "2027-04-19|20h 5h training|A day has between 0 and 24 hours, not 25.",
                "2027-04-19|4h lunch|“lunch” is no kind of hours; there are regular, overtime, training, rest day.",
                "2027-04-27|8-12|Hours are recorded up to today.",
                "2021-03-02|8-12|Kerensa Saltonstall is not employed on 2 March.",
            })
    void whatCannotBeIsRefusedAndNothingIsStored(LocalDate on, String line, String message) {
        String before = line(on);
        assertThatThrownBy(() -> change(Somebody.ADMINISTRATOR, on, before, line, "test"))
                .hasMessage(message);
        assertThat(line(on)).isEqualTo(before);
    }

    @Test
    void severalDaysAreChangedTogetherOrNotAtAll() {
        assertThatThrownBy(() -> act(() -> typing.change(
                        KERENSA,
                        List.of(new TypedLine(MONDAY, "", "8-12"), new TypedLine(MONDAY.plusDays(1), "", "soon")),
                        "")))
                .hasMessageContaining("“soon”");
        assertThat(line(MONDAY)).isEmpty();
    }

    @Test
    void peopleTypeTheirOwnTimesAndNobodyElses() {
        change(Somebody.employee(KERENSA), MONDAY, "", "8-12", "");
        assertThat(day(0).changedBy()).isNotEqualTo("Ada Payroll");
        assertThatThrownBy(() -> change(Somebody.employee(28), MONDAY, "08:00-12:00", "8-13", ""))
                .hasMessageContaining("Access Denied");
    }

    @Test
    void aCardIsConfirmedWhenItIsFinishedAndAgainAfterItHasChanged() {
        SignedIn own = Somebody.employee(KERENSA);
        LocalDate earlier = LocalDate.of(2027, 4, 12);
        assertThatThrownBy(() -> user.actAs(own, () -> confirm(earlier, Part.PERSON)))
                .hasMessage("Please finish 12 April first: Scheduled, and nothing stands here.");
        for (LocalDate day = earlier; day.isBefore(earlier.plusDays(14)); day = day.plusDays(1)) {
            CardDayView view = view(day);
            if (view.capacity().isPositive() && view.leave().isEmpty()) {
                change(Somebody.ADMINISTRATOR, day, "", "8-12 12:30-16:30", "");
            }
        }
        assertThat(unfinished.of(List.of(KERENSA), FORTNIGHT).unconfirmed())
                .containsEntry(KERENSA, Set.of(Part.PERSON, Part.APPROVER));
        user.actAs(own, () -> confirm(earlier, Part.PERSON));
        assertThat(unfinished.of(List.of(KERENSA), FORTNIGHT).unconfirmed())
                .containsEntry(KERENSA, Set.of(Part.APPROVER));
        assertThat(confirmed(earlier)).containsExactly("PERSON by " + own.name(), "APPROVER by null");
        assertThatThrownBy(() -> user.actAs(own, () -> confirm(earlier, Part.APPROVER)))
                .hasMessageContaining("Only the approver of");
        change(own, earlier, "08:00-12:00 12:30-16:30", "8-12 12:30-16", "");
        assertThat(confirmed(earlier)).containsExactly("PERSON by null", "APPROVER by null");
    }

    private Void confirm(LocalDate on, Part part) {
        confirming.confirm(KERENSA, on, part, true);
        return null;
    }

    private List<String> confirmed(LocalDate on) {
        return act(() -> cards.card(KERENSA, on)).confirmations().stream()
                .map(each -> each.part() + " by " + each.by())
                .toList();
    }

    private void type(int day, String line) {
        LocalDate on = MONDAY.plusDays(day);
        change(Somebody.ADMINISTRATOR, on, line(on), line, "");
    }

    private void change(SignedIn by, LocalDate on, String seen, String line, String reason) {
        user.actAs(by, () -> {
            typing.change(KERENSA, List.of(new TypedLine(on, seen, line)), reason);
            return null;
        });
    }

    private String line(LocalDate on) {
        return view(on).line();
    }

    private CardDayView day(int day) {
        return view(MONDAY.plusDays(day));
    }

    private CardDayView view(LocalDate on) {
        return act(() -> cards.card(KERENSA, on)).days().stream()
                .filter(day -> day.on().equals(on))
                .findFirst()
                .orElseThrow();
    }

    private String hours(int day) {
        return day(day).hours().stream()
                .map(each -> each.kind() + " " + each.hours())
                .sorted()
                .collect(Collectors.joining(", "));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }

    private void act(Runnable work) {
        act(() -> {
            work.run();
            return null;
        });
    }
}
