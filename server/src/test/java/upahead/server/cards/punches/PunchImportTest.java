package upahead.server.cards.punches;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.cards.Cards;
import upahead.server.cards.punches.PunchImport.PunchPreview;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.RowFault;

/** Files of punches of Kerensa Saltonstall, person 27, in the open fortnight that begins on 12 April 2027. */
@WithDemo
class PunchImportTest {

    private static final long KERENSA = 27;

    @Autowired
    private PunchImport imports;

    @Autowired
    private Cards cards;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @BeforeEach
    void nothingStandsThere() {
        sql.update("delete from work_entry where person_id = ? and on_date >= date '2027-04-12'", KERENSA);
    }

    @Test
    void aFileAsItComesFromElsewhereIsUnderstood() {
        String file =
                """
                Mitarbeiter;Zeitpunkt;Buchung
                Saltonstall, Kerensa;14.04.2027 07:58:12;Kommen
                Saltonstall, Kerensa;14.04.2027 12:00;Pause
                kerensa saltonstall;14.04.2027 12:30;pause
                1271;14/04/2027 1630;Gehen
                """;
        PunchPreview preview = act(
                () -> imports.preview(file.getBytes(Charset.forName("windows-1252")), FileColumns.Reading.BY_ITSELF));
        assertThat(preview.faults()).isEmpty();
        assertThat(preview.rows()).isEqualTo(4);
        take(file);
        assertThat(line(14)).isEqualTo("07:58-16:30 (12:00-12:30)");
    }

    @Test
    void theSameFileTwiceChangesNothing() {
        String file = "person,date,in,out\nB127,2027-04-13,8:00,12:00\nB127,2027-04-13,22:00,6:00\n";
        assertThat(take(file).already()).isZero();
        assertThat(line(13)).isEqualTo("08:00-12:00 22:00-06:00");
        assertThat(take(file).already()).isEqualTo(4);
        assertThat(line(13)).isEqualTo("08:00-12:00 22:00-06:00");
        assertThat(sql.queryForObject("select count(*) from punch where person_id = 27", Integer.class))
                .isEqualTo(4);
    }

    @Test
    void whereNothingSaysWhatItIsTheyAreInAndOutInTurn() {
        take("person,date,time\nB127,2027-04-13,16:30\nB127,2027-04-13,8:00\nB127,2027-04-13,12:30\n");
        assertThat(line(13)).isEqualTo("08:00-12:30 16:30-");
    }

    @Test
    void everyFaultyRowIsNamedAndNothingIsTakenUntilItIsLeftOut() {
        String file =
                """
                person,date,time,what
                B127,2027-04-13,8:00,in
                B127,2027-04-13,8:00,in
                B127,2027-04-13,noon,out
                B127,2027-04-13,16:30,home
                B999,2027-04-13,16:30,out
                B127,2027-03-30,16:30,out
                B127,2027-04-27,16:30,out
                B127,13.13.2027,16:30,out
                """;
        PunchPreview preview =
                act(() -> imports.preview(file.getBytes(StandardCharsets.UTF_8), FileColumns.Reading.BY_ITSELF));
        assertThat(preview.faults())
                .extracting(RowFault::reason)
                .containsExactly(
                        "the same stands in the file twice",
                        "“noon” is no time of the clock",
                        "it must be in, out or break, not “home”",
                        "nobody here has the code, address or name “B999”",
                        "30 March 2027 is in a closed period; change it on the card, with a reason",
                        "27 April 2027 is still to come",
                        "“13.13.2027” is no date; write it as 2027-04-12");
        assertThatThrownBy(() -> take(file)).hasMessageStartingWith("Nothing was taken: line 3:");
        assertThat(line(13)).isEmpty();
        take(file, 3, 4, 5, 6, 7, 8, 9);
        assertThat(line(13)).isEqualTo("08:00-");
    }

    private PunchPreview take(String file, long... skip) {
        Set<Long> lines = Arrays.stream(skip).boxed().collect(Collectors.toSet());
        return act(() -> imports.take(
                file.getBytes(StandardCharsets.UTF_8), FileColumns.Reading.BY_ITSELF, "punches.csv", lines));
    }

    private String line(int day) {
        return act(() -> cards.lineOf(KERENSA, LocalDate.of(2027, 4, day)));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
