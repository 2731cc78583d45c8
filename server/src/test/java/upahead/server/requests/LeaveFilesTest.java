package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.LeaveFiles.LeavePreview;
import upahead.server.requests.LeaveFiles.LeaveRow;
import upahead.server.requests.LeaveFiles.LeaveRowState;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/** Leave by file on the demo day, Monday 26 April 2027. */
@WithDemo
class LeaveFilesTest {

    private static final long KERENSA = 27;

    @Autowired
    private LeaveFiles files;

    @Autowired
    private Requests requests;

    @Autowired
    private CurrentUser user;

    @Test
    void aFileAsItComesFromElsewhereIsTakenAsApproved() {
        String file = "Name;Leave type;From;Until;Hours;Comment\n"
                + "Saltonstall, Kerensa;sick time;18.05.2027;19.05.2027;7,5;für die Kur\n";
        LeavePreview preview = preview(file);
        assertThat(preview.wrong()).isZero();
        assertThat(preview.order()).isEqualTo(Dates.Order.DAY_FIRST);
        assertThat(preview.rows()).singleElement().satisfies(row -> assertThat(row.says())
                .contains("costs 15 hours"));
        take(file, "agreed before the start");
        assertThat(of(LocalDate.of(2027, 5, 18))).singleElement().satisfies(request -> {
            assertThat(request.policy()).isEqualTo("Sick time");
            assertThat(request.last()).isEqualTo("2027-05-19");
            assertThat(request.state()).isEqualTo(RequestState.APPROVED);
        });
    }

    @Test
    void whatIsWrongIsSaidRowByRowAndNothingIsTaken() {
        String file = "person,policy,first day,last day,hours a day\n"
                + "X9,Moon leave,3 some,2027-05-04,\n"
                + "B127,Sick time,2027-05-06,2027-05-05,\n"
                + "B127,Sick time,2027-05-10,,8\n"
                + "B127,Sick time,2027-05-10,,8\n"
                + "B127,Sick time,2027-05-11,,none\n";
        LeavePreview preview = preview(file);
        assertThat(preview.rows())
                .filteredOn(row -> row.state() == LeaveRowState.WRONG)
                .extracting(LeaveRow::says)
                .containsExactly(
                        List.of(
                                "nobody here has the code, address or name “X9”",
                                "there is no policy “Moon leave”",
                                "first day: “3 some” is no date; write it as 2027-04-26"),
                        List.of("the last day is before the first"),
                        List.of("a day of it stands in an earlier row already"),
                        List.of("hours a day: “none” is no number above 0"));
        assertThatThrownBy(() -> take(file, "")).hasMessage("Nothing was taken: some rows are wrong.");
        assertThat(of(LocalDate.of(2027, 5, 10))).isEmpty();
    }

    @Test
    void moreThanIsLeftNeedsAReason() {
        String file = "person,policy,first day,last day\nB127,Sick time,2027-06-07,2027-09-03\n";
        assertThat(preview(file).unusual()).isEqualTo(1);
        assertThatThrownBy(() -> take(file, ""))
                .isInstanceOfSatisfying(Refusal.class, refused -> assertThat(refused.getMessage())
                        .contains("say why"));
        take(file, "agreed with the board");
        assertThat(of(LocalDate.of(2027, 6, 7))).hasSize(1);
    }

    @Test
    void onlyAnAdministratorBringsLeaveIn() {
        assertThatThrownBy(() -> user.actAs(
                        Somebody.employee(KERENSA), () -> files.preview(new byte[0], FileColumns.Reading.BY_ITSELF)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private LeavePreview preview(String file) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> files.preview(bytes(file), FileColumns.Reading.BY_ITSELF));
    }

    private LeavePreview take(String file, String reason) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> files.take(bytes(file), FileColumns.Reading.BY_ITSELF, reason));
    }

    private List<RequestSummary> of(LocalDate first) {
        return user
                .actAs(
                        Somebody.ADMINISTRATOR,
                        () -> requests.queue(RequestQuery.in(EnumSet.allOf(RequestState.class), 200)))
                .items()
                .stream()
                .filter(request ->
                        request.personId() == KERENSA && request.first().equals(first))
                .toList();
    }

    /** In the encoding of older spreadsheet programs. */
    private static byte[] bytes(String file) {
        return file.getBytes(Charset.forName("windows-1252"));
    }
}
