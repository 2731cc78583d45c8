package upahead.server.reports.schedule;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.core.calendar.DateSpan;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.mail.Message;
import upahead.server.reports.ReportFiles.Format;

/** Teodric, the demo's administrator, has the sign-in 1. */
@WithDemo
class ScheduledReportsTest {

    private static final LocalDate MONDAY = LocalDate.of(2027, 4, 26);
    private static final long KERENSA = 27;

    @Autowired
    private ScheduledReports scheduled;

    @Autowired
    private SendingReports sending;

    @Autowired
    private SignIns signIns;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @Autowired
    private TransactionTemplate transaction;

    private SignedIn teodric() {
        return signIns.active(1).orElseThrow();
    }

    private <T> T asTeodric(Supplier<T> what) {
        return user.actAs(teodric(), what);
    }

    private static ScheduledReport weekly(Long... recipients) {
        return new ScheduledReport(
                "Who was away",
                "absences",
                RelativeDays.LAST_MONTH,
                null,
                null,
                "",
                Format.CSV,
                ReportRhythm.WEEKLY,
                1,
                List.of(recipients));
    }

    private void comes(LocalDate day) {
        transaction.executeWithoutResult(status -> sending.doFor(day));
    }

    private List<Message> mails() {
        return asTeodric(mailbox::newest).stream()
                .filter(mail -> mail.subject().equals("Who was away"))
                .toList();
    }

    @Test
    void itIsSentOnItsDaysWithTheFileAndNotTwice() {
        asTeodric(() -> scheduled.add(weekly(teodric().personId())));
        comes(MONDAY);
        comes(MONDAY.plusDays(1));
        assertThat(mails()).hasSize(1);
        comes(MONDAY.plusWeeks(1));
        assertThat(mails()).hasSize(2);
        Message first = mails().get(1);
        assertThat(first.attached()).isEqualTo("absences-2027-03-01-to-2027-03-31.csv");
        assertThat(new String(asTeodric(() -> mailbox.attachment(first.id())).content(), UTF_8))
                .contains("person", "2027-03");
        SignedIn another = Somebody.employee(KERENSA);
        assertThatThrownBy(() -> user.actAs(another, () -> mailbox.attachment(first.id())))
                .hasMessageContaining("no such file");
    }

    @Test
    void aDayOnWhichTheProgramDidNotRunIsMadeUpFor() {
        asTeodric(() -> scheduled.add(weekly(teodric().personId())));
        comes(MONDAY.plusDays(3));
        assertThat(mails()).hasSize(1);
    }

    @Test
    void whoMayNotReadReportsGetsNone() {
        assertThatThrownBy(() -> asTeodric(() -> scheduled.add(weekly(KERENSA))))
                .hasMessage("Kerensa Saltonstall may not read this report.");
        long second = people.search(new PeopleQuery("Corvin", null, null, null, null, 0, 1))
                .get(0)
                .id();
        asTeodric(() -> signIns.change(second, Role.ADMINISTRATOR, true));
        asTeodric(() -> scheduled.add(weekly(second, teodric().personId())));
        asTeodric(() -> signIns.change(second, Role.APPROVER, true));
        comes(MONDAY);
        assertThat(mails()).hasSize(1);
        assertThat(asTeodric(scheduled::all)).singleElement().satisfies(sent -> assertThat(sent.problem())
                .isEqualTo("Not sent to Corvin Harnquist, who may not read it any more."));
    }

    @Test
    void aReportThatIsRefusedIsNotedAndTheOthersAreSent() {
        asTeodric(() -> scheduled.add(new ScheduledReport(
                "All attendance",
                "attendance",
                RelativeDays.THIS_YEAR,
                null,
                null,
                "",
                Format.XLSX,
                ReportRhythm.DAILY,
                0,
                List.of(teodric().personId()))));
        asTeodric(() -> scheduled.add(weekly(teodric().personId())));
        comes(MONDAY);
        assertThat(mails()).hasSize(1);
        assertThat(asTeodric(scheduled::all).get(0).problem())
                .isEqualTo("Not sent: Attendance is of at most 100 days.");
    }

    @Test
    void itEndsWhenItIsEnded() {
        long id = asTeodric(() -> scheduled.add(weekly(teodric().personId())))
                .get(0)
                .id();
        assertThat(asTeodric(() -> scheduled.remove(id))).isEmpty();
        comes(MONDAY);
        assertThat(mails()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "THAT_DAY, 2027-04-28, 2027-04-28",
        "LAST_WEEK, 2027-04-19, 2027-04-25",
        "LAST_MONTH, 2027-03-01, 2027-03-31",
        "THIS_MONTH, 2027-04-01, 2027-04-30",
        "THIS_YEAR, 2027-01-01, 2027-12-31",
        "LAST_YEAR, 2026-01-01, 2026-12-31",
        "NEXT_EIGHT_WEEKS, 2027-04-28, 2027-06-23",
    })
    void daysAreMeantAsSeenFromTheDayOnWhichItIsSent(RelativeDays days, LocalDate first, LocalDate last) {
        assertThat(days.from(LocalDate.of(2027, 4, 28))).isEqualTo(new DateSpan(first, last));
    }
}
