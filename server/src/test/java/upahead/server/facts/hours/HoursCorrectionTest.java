package upahead.server.facts.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

/** Hours of Kerensa, person 27, around the last closed day, 11 April 2027. */
@WithDemo
class HoursCorrectionTest {

    private static final long KERENSA = 27;
    private static final LocalDate CLOSED = LocalDate.of(2027, 4, 8);

    @Autowired
    private HoursCorrection hours;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void hoursOfAClosedDayAreChangedAndNotedForTheNextRun() {
        Amount before = on(CLOSED);
        int late = lateChanges();
        List<RecordedDay> day = change(CLOSED, "regular", before, "6.25");
        assertThat(day).singleElement().satisfies(each -> assertThat(each.hours())
                .isEqualTo(Amount.of("6.25")));
        assertThat(lateChanges()).isEqualTo(late + 1);
        assertThat(sql.queryForObject(
                        "select max(what) from late_change where id = (select max(id) from late_change)", String.class))
                .contains("Regular hours of 8 April changed from");
    }

    @Test
    void theSameHoursAgainAreNoChange() {
        int late = lateChanges();
        change(CLOSED, "regular", on(CLOSED), on(CLOSED).toString());
        assertThat(lateChanges()).isEqualTo(late);
    }

    @Test
    void aDayOfTwoKindsHasAtMostTwentyFourHours() {
        change(CLOSED, "overtime", Amount.ZERO, "3");
        assertThatThrownBy(() -> change(CLOSED, "regular", on(CLOSED), "21.5"))
                .hasMessage("With the other hours of that day this is more than 24.");
    }

    @Test
    void whatSomebodyElseChangedMeanwhileIsNotOverwritten() {
        Amount seen = on(CLOSED);
        change(CLOSED, "regular", seen, "5");
        assertThatThrownBy(() -> change(CLOSED, "regular", seen, "7"))
                .hasMessage("Somebody else changed these hours meanwhile to 5. Yours were not stored.");
        assertThat(on(CLOSED)).isEqualTo(Amount.of(5));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-04-08|juggling|4|The kind must be one of",
                "2027-04-08|regular|-1|The hours of a day are between 0 and 24.",
                "2027-04-08|regular|24.5|The hours of a day are between 0 and 24.",
                "2027-04-27|regular|4|Hours are recorded up to today.",
                "2021-06-06|regular|4|is not employed on 6 June.",
            })
    void hoursThatCannotBeAreRefused(LocalDate on, String kind, String amount, String message) {
        assertThatThrownBy(() -> change(on, kind, Amount.ZERO, amount)).hasMessageContaining(message);
    }

    @Test
    void onlyAnAdministratorLooksAtThem() {
        DateSpan april = new DateSpan(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 4, 30));
        assertThat(act(() -> hours.of(KERENSA, april))).isNotEmpty();
        assertThatThrownBy(() -> user.actAs(Somebody.employee(KERENSA), () -> hours.of(KERENSA, april)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private Amount on(LocalDate day) {
        return act(() -> hours.of(KERENSA, new DateSpan(day, day))).stream()
                .filter(each -> each.kind().equals("regular"))
                .map(RecordedDay::hours)
                .findFirst()
                .orElse(Amount.ZERO);
    }

    private int lateChanges() {
        return sql.queryForObject("select count(*) from late_change", Integer.class);
    }

    private List<RecordedDay> change(LocalDate on, String kind, Amount seen, String amount) {
        return act(() -> hours.change(KERENSA, on, kind, seen, Amount.of(amount), "counted wrongly"));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
