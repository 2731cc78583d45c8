package upahead.server.facts.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.facts.hours.HoursImport.HoursPreview;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;

/** Files of hours for the hourly pay group, 1, in its open period and in the closed one before. */
@WithDemo
class HoursImportTest {

    private static final long HOURLY = 1;
    private static final long KERENSA = 27;
    private static final DateSpan OPEN = span("2027-04-12", "2027-04-25");
    private static final DateSpan CLOSED = span("2027-03-29", "2027-04-11");
    private static final String TWO_GOOD_ONE_BAD =
            """
            person,date,kind,hours
            B127,2027-04-13,regular,6.5
            B127,2027-04-14,regular,30
            B127,2027-04-15,overtime,1.25
            """;

    @Autowired
    private HoursImport imports;

    @Autowired
    private RecordedHours hours;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void lookingAtAFileTakesNothing() {
        List<RecordedDay> before = recorded(OPEN);
        HoursPreview preview =
                act(() -> imports.preview(bytes(TWO_GOOD_ONE_BAD), FileColumns.Reading.BY_ITSELF, HOURLY, OPEN));
        assertThat(preview.rows()).isEqualTo(2);
        assertThat(preview.people()).isEqualTo(1);
        assertThat(preview.hours()).isEqualTo(Amount.of("7.75"));
        assertThat(preview.faults()).singleElement().satisfies(fault -> assertThat(fault.line())
                .isEqualTo(3));
        assertThat(recorded(OPEN)).isEqualTo(before);
    }

    @Test
    void oneFaultyRowStopsAllUnlessItIsLeftOutOnPurpose() {
        List<RecordedDay> before = recorded(OPEN);
        assertThatThrownBy(() -> take(TWO_GOOD_ONE_BAD, OPEN, Set.of()))
                .hasMessage("Nothing was taken: line 3: a day has between 0 and 24 hours, not 30.");
        assertThatThrownBy(() -> take(TWO_GOOD_ONE_BAD, OPEN, Set.of(2L))).hasMessageContaining("line 3");
        assertThat(recorded(OPEN)).isEqualTo(before);
        take(TWO_GOOD_ONE_BAD, OPEN, Set.of(3L));
        assertThat(recorded(OPEN))
                .anySatisfy(day -> {
                    assertThat(day.on()).isEqualTo("2027-04-13");
                    assertThat(day.hours()).isEqualTo(Amount.of("6.5"));
                })
                .anySatisfy(day -> assertThat(day.kind()).isEqualTo("overtime"));
    }

    @Test
    void theSameFileAgainReplacesAndDoesNotAdd() {
        take(TWO_GOOD_ONE_BAD, OPEN, Set.of(3L));
        List<RecordedDay> once = recorded(OPEN);
        take(TWO_GOOD_ONE_BAD, OPEN, Set.of(3L));
        assertThat(recorded(OPEN)).isEqualTo(once);
    }

    @Test
    void hoursOfAClosedPeriodAreNotedForTheNextRunAndOpenOnesAreNot() {
        int before = late();
        take(TWO_GOOD_ONE_BAD, OPEN, Set.of(3L));
        assertThat(late()).isEqualTo(before);
        take("person,date,kind,hours\nB127,2027-04-08,regular,5\n", CLOSED, Set.of());
        assertThat(late()).isEqualTo(before + 1);
        assertThat(sql.queryForObject(
                        "select what from late_change where id = (select max(id) from late_change)", String.class))
                .isEqualTo("Hours from 8 April on brought in from cards.csv");
    }

    @Test
    void whoTookItWithHowManyRowsStandsInTheTrail() {
        take(TWO_GOOD_ONE_BAD, OPEN, Set.of(3L));
        assertThat(sql.queryForMap("select * from audit_record where id = (select max(id) from audit_record)"))
                .containsEntry("SUBJECT", "pay group")
                .containsEntry("WHAT", "brought in hours for 12 April to 25 April")
                .containsEntry("AFTER_CHANGE", "cards.csv: 2 rows, left out lines [3]")
                .containsEntry("ACTOR", "Ada Payroll");
    }

    private int late() {
        return sql.queryForObject("select count(*) from late_change", Integer.class);
    }

    private List<RecordedDay> recorded(DateSpan days) {
        return hours.of(Set.of(KERENSA), days).getOrDefault(KERENSA, Map.of()).values().stream()
                .flatMap(List::stream)
                .toList();
    }

    private void take(String file, DateSpan period, Set<Long> skip) {
        act(() -> imports.take(bytes(file), "cards.csv", HOURLY, period, skip));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static DateSpan span(String first, String last) {
        return new DateSpan(LocalDate.parse(first), LocalDate.parse(last));
    }
}
