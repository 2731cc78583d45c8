package upahead.server.cards.terminals;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.core.cards.Punch.Kind;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.cards.Cards;
import upahead.server.cards.punches.OpenPunches;
import upahead.server.cards.punches.StoredPunch.State;
import upahead.server.cards.terminals.HearingPunches.HeardPunch;
import upahead.server.cards.terminals.HearingPunches.SaidPunch;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;

/** A terminal of the site whose clock is that of Greenwich, in the open week of 19 April 2027. */
@WithDemo
class HearingPunchesTest {

    private static final long KERENSA = 27;
    private static final LocalDate MONDAY = LocalDate.of(2027, 4, 19);
    private static final String CODE = "7352";

    @Autowired
    private Terminals terminals;

    @Autowired
    private AtTheTerminal atTheTerminal;

    @Autowired
    private HearingPunches hearing;

    @Autowired
    private OpenPunches open;

    @Autowired
    private Cards cards;

    @Autowired
    private CardTyping typing;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MovableClock clock;

    @Autowired
    private JdbcTemplate sql;

    private String token;

    @BeforeEach
    void pair() {
        sql.update("update site set time_zone = 'Etc/UTC'");
        sql.update("update person set clock_code = null where clock_code = ?", CODE);
        sql.update("update person set clock_code = ? where id = ?", CODE, KERENSA);
        sql.update("delete from work_entry where person_id = ? and on_date >= date '2027-04-12'", KERENSA);
        var code = act(() -> terminals.add("Potting shed", 1));
        token = atTheTerminal.pair(code.code(), "10.0.0.1").token();
    }

    @Test
    void whatIsSaidMakesTimesOnTheCard() {
        assertThat(say(said("a", "2027-04-19T08:00:20Z", Kind.IN)))
                .extracting(HeardPunch::message)
                .containsExactly("In at 08:00.");
        assertThat(line()).isEqualTo("08:00-");
        say(
                said("b", "2027-04-19T12:00:00Z", Kind.BREAK),
                said("c", "2027-04-19T12:30:00Z", Kind.BREAK),
                said("d", "2027-04-19T16:30:00Z", Kind.OUT));
        assertThat(line()).isEqualTo("08:00-16:30 (12:00-12:30)");
        assertThat(cardSource()).isEqualTo("terminal Potting shed");
    }

    @Test
    void whatArrivesTwiceOrLateEndsAsIfItHadComeInOrder() {
        say(said("d", "2027-04-19T16:30:00Z", Kind.OUT));
        assertThat(line()).isEqualTo("-16:30");
        say(said("c", "2027-04-19T12:30:00Z", Kind.BREAK), said("b", "2027-04-19T12:00:00Z", Kind.BREAK));
        List<HeardPunch> last =
                say(said("a", "2027-04-19T08:00:00Z", Kind.IN), said("d", "2027-04-19T16:30:00Z", Kind.OUT));
        assertThat(last).extracting(HeardPunch::message).containsExactly("In at 08:00.", "Heard before.");
        assertThat(line()).isEqualTo("08:00-16:30 (12:00-12:30)");
        assertThat(sql.queryForObject("select count(*) from punch where person_id = 27", Integer.class))
                .isEqualTo(4);
    }

    @Test
    void aClockThatIsAnHourOffIsPutRight() {
        Instant now = clock.instant();
        hearing.hear(
                token,
                now.minus(Duration.ofHours(1)),
                List.of(new SaidPunch("a", CODE, Kind.IN, Instant.parse("2027-04-19T07:00:00Z"))));
        assertThat(line()).startsWith("08:0");
        assertThat(sql.queryForObject("select note from punch where mark = 'a'", String.class))
                .isEqualTo("The terminal’s clock was 60 minutes behind; put right by as much.");
    }

    @Test
    void aPunchOfAnUnknownCodeIsKeptUntilSomebodySaysWhoseItIs() {
        HeardPunch heard = hearing.hear(
                        token,
                        clock.instant(),
                        List.of(new SaidPunch("a", "0000000", Kind.IN, Instant.parse("2027-04-19T08:00:00Z"))))
                .get(0);
        assertThat(heard.state()).isEqualTo(State.UNKNOWN);
        long id = openOf("0000000");
        act(() -> open.assign(id, KERENSA));
        assertThat(line()).isEqualTo("08:00-");
        assertThat(act(() -> open.all())).noneMatch(each -> each.code().equals("0000000"));
    }

    @Test
    void aDayChangedByHandIsOnlyAddedTo() {
        type("", "7:45-");
        say(said("a", "2027-04-19T16:30:00Z", Kind.OUT));
        assertThat(line()).isEqualTo("07:45-16:30");
        HeardPunch late = say(said("b", "2027-04-19T16:40:00Z", Kind.OUT)).get(0);
        assertThat(late.message()).isEqualTo("Kept for payroll to look at. 19 April was changed by hand.");
        assertThat(line()).isEqualTo("07:45-16:30");
        long id = openOf(CODE);
        act(() -> open.dismiss(id, "pressed twice"));
        assertThatThrownBy(() -> act(() -> open.dismiss(id, "again")))
                .hasMessage("Somebody has looked at this already.");
    }

    @Test
    void whatArrivesForAClosedPeriodIsSetAside() {
        HeardPunch heard = say(said("a", "2027-04-08T08:00:00Z", Kind.IN)).get(0);
        assertThat(heard.message()).isEqualTo("Kept for payroll to look at. 8 April is in a closed period.");
    }

    @Test
    void aTerminalThatIsUnpairedKeepsWhatItHasUntilItIsPairedAgain() {
        long id = act(() -> terminals.all()).stream()
                .filter(each -> each.name().equals("Potting shed"))
                .findFirst()
                .orElseThrow()
                .id();
        act(() -> terminals.unpair(id));
        assertThatThrownBy(() -> say(said("a", "2027-04-19T08:00:00Z", Kind.IN)))
                .hasMessageStartingWith("This terminal is not paired any more.");
        token = atTheTerminal
                .pair(act(() -> terminals.offer(id)).code(), "10.0.0.1")
                .token();
        say(said("a", "2027-04-19T08:00:00Z", Kind.IN));
        assertThat(line()).isEqualTo("08:00-");
        assertThatThrownBy(() -> atTheTerminal.pair("12 34", "10.0.0.1")).hasMessageStartingWith("This code is not");
    }

    @Test
    void peopleSeeTheirOwnBalancesAtAGlanceAndNobodyFindsCodesByTrying() {
        assertThat(atTheTerminal.glance(token, CODE).person()).isEqualTo("Kerensa Saltonstall");
        assertThat(atTheTerminal.glance(token, CODE).balances()).isNotEmpty();
        for (int tried = 0; tried < 12; tried++) {
            String code = "999" + tried;
            assertThatThrownBy(() -> atTheTerminal.glance(token, code)).hasMessage("Nobody has this code.");
        }
        assertThatThrownBy(() -> atTheTerminal.glance(token, CODE))
                .hasMessage("Too many codes were tried here. Please wait a minute.");
    }

    private long openOf(String code) {
        return act(() -> open.all()).stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private SaidPunch said(String mark, String at, Kind kind) {
        return new SaidPunch(mark, CODE, kind, Instant.parse(at));
    }

    private List<HeardPunch> say(SaidPunch... said) {
        return hearing.hear(token, clock.instant(), List.of(said));
    }

    private String line() {
        return act(() -> cards.lineOf(KERENSA, MONDAY));
    }

    private String cardSource() {
        return sql.queryForObject(
                "select source from card_day where person_id = 27 and on_date = date '2027-04-19'", String.class);
    }

    private void type(String seen, String line) {
        act(() -> typing.change(KERENSA, List.of(new TypedLine(MONDAY, seen, line)), ""));
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
