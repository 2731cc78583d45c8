package upahead.server.cards.attendance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.cards.Cards;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.tables.Condition;

/** The glasshouses in the open fortnight; their approver is person 3. */
@WithDemo
class AttendanceTest {

    private static final DateSpan OPEN = DateSpan.of(LocalDate.of(2027, 4, 12), LocalDate.of(2027, 4, 25));
    private static final long VERENA = 38;

    @Autowired
    private Attendance attendance;

    @Autowired
    private CardTyping typing;

    @Autowired
    private Cards cards;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MovableClock clock;

    @Test
    void theFiguresOfADayAreThoseOfItsCard() {
        type("7:30-12 12:45-19:00");
        AttendanceRow row = of(DateSpan.of(LocalDate.of(2027, 4, 20), LocalDate.of(2027, 4, 20)), "Verena")
                .get(0);
        assertThat(row.firstIn()).isEqualTo("07:30");
        assertThat(row.lastOut()).isEqualTo("19:00");
        assertThat(row.worked()).isEqualTo(Amount.of("10.75"));
        assertThat(row.breaks()).isEqualTo(Amount.of("0.75"));
        assertThat(row.capacity()).isEqualTo(Amount.of(8));
        assertThat(row.overtime()).isEqualTo(Amount.of("1.25"));
        assertThat(row.over()).isEqualTo(Amount.of("2.75"));
        assertThat(row.under()).isEqualTo(Amount.ZERO);
    }

    @Test
    void whoHasUnfinishedDaysComesFirstAndSaysWhy() {
        List<AttendanceRow> rows = of(OPEN, "Glasshouses");
        assertThat(rows.stream().filter(row -> row.unfinished().isPositive()))
                .extracting(AttendanceRow::person)
                .containsExactly("Ulric Dravenor", "Winslow Finderne", "Yorick Hexworthy");
        assertThat(rows.get(0).remarks()).containsExactly("15 April: The work from 07:24 has no end.");
        assertThat(of(OPEN, "").subList(0, 4))
                .extracting(AttendanceRow::person)
                .startsWith("Ulric Dravenor", "Winslow Finderne", "Yorick Hexworthy");
    }

    @Test
    void anApproverSeesThePeopleAssignedAndAnEmployeeNobody() {
        SignedIn approver = Somebody.approver(3);
        assertThat(user.actAs(approver, () -> attendance.of(query(OPEN, ""))))
                .isNotEmpty()
                .allMatch(row -> row.team().equals("Glasshouses"));
        assertThatThrownBy(() -> user.actAs(Somebody.employee(27), () -> attendance.of(query(OPEN, ""))))
                .isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void whoIsThereNowIsKnownFromWorkThatHasNoEnd() {
        LocalDate today = clock.today();
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            typing.change(VERENA, List.of(new TypedLine(today, "", "0:05-")), "");
            return null;
        });
        assertThat(user.actAs(
                        Somebody.ADMINISTRATOR,
                        () -> attendance.of(
                                new AttendanceQuery(DateSpan.of(today, today), "", null, null, List.of(), true))))
                .extracting(AttendanceRow::now)
                .containsExactly("in since 00:05");
    }

    @ParameterizedTest
    @CsvSource({
        "worked at-least 10.75, true",
        "worked at-least 10.76, false",
        "worked at-most 10.75, true",
        "over exactly 2.75, true",
        "over between 2 3, true",
        "over between 2.8 3, false",
        "first_in at-most 7.5, true",
        "last_out at-least 19.25, false",
        "leave at-least 0.25, false",
    })
    void conditionsAreHeldAgainstAnyFigure(String condition, boolean holds) {
        type("7:30-12 12:45-19:00");
        DateSpan day = DateSpan.of(LocalDate.of(2027, 4, 20), LocalDate.of(2027, 4, 20));
        AttendanceQuery query =
                new AttendanceQuery(day, "Verena", null, null, Condition.read(List.of(condition)), false);
        assertThat(!user.actAs(Somebody.ADMINISTRATOR, () -> attendance.of(query))
                        .isEmpty())
                .isEqualTo(holds);
    }

    @ParameterizedTest
    @CsvSource({"worked about 8", "worked at-least lots", "worked at-least 1.2.3"})
    void aConditionThatCannotBeReadIsSaidSo(String condition) {
        assertThatThrownBy(() -> Condition.read(List.of(condition)))
                .hasMessage("“" + condition + "” is no condition; one is worked at-least 8.");
    }

    @Test
    void aConditionOnAFigureThatThereIsNotIsSaidSo() {
        DateSpan day = DateSpan.of(LocalDate.of(2027, 4, 20), LocalDate.of(2027, 4, 20));
        AttendanceQuery query =
                new AttendanceQuery(day, "Verena", null, null, Condition.read(List.of("happiness at-least 8")), false);
        assertThatThrownBy(() -> user.actAs(Somebody.ADMINISTRATOR, () -> attendance.of(query)))
                .hasMessage("Attendance has no figure “happiness”.");
    }

    private void type(String line) {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            LocalDate on = LocalDate.of(2027, 4, 20);
            typing.change(VERENA, List.of(new TypedLine(on, cards.lineOf(VERENA, on), line)), "");
            return null;
        });
    }

    private List<AttendanceRow> of(DateSpan days, String search) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> attendance.of(query(days, search)));
    }

    private static AttendanceQuery query(DateSpan days, String search) {
        return new AttendanceQuery(days, search, null, null, List.of(), false);
    }
}
