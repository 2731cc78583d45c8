package upahead.server.staffing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.staffing.PeopleImport.Reading;
import upahead.server.staffing.PeoplePreview.RowState;
import upahead.server.staffing.PeoplePreview.RowView;

/** Bringing people in from files as they come. */
@WithDemo
class PeopleImportTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    private static final Reading AS_IT_COMES = new Reading(FileColumns.Reading.BY_ITSELF, TODAY);

    private static final String HEADING = "Code,Name,Site,Team,Employed as,Pay group,Approver,Hired\n";

    @Autowired
    private PeopleImport imports;

    @Autowired
    private People people;

    @Autowired
    private Enrolments enrolments;

    @Autowired
    private Policies policies;

    @Autowired
    private CurrentUser user;

    @Test
    void somebodyNewIsEnrolledByEveryPolicyThatCoversThem() {
        take(HEADING + "N1,Wren Hollis,Brindlemoor,Grounds,hourly,Hourly staff,B104,2027-05-03\n");
        Person wren = byCode("N1");
        assertThat(wren.approver()).isEqualTo("Corvin Harnquist");
        assertThat(enrolled(wren.id()))
                .contains("Hourly leave from 2027-05-03", "Sick time from 2027-05-03")
                .doesNotContain("Salaried leave from 2027-05-03");
    }

    @Test
    void anApproverMayStandLaterInTheSameFile() {
        take(HEADING + "N1,Wren Hollis,Brindlemoor,Grounds,hourly,Hourly staff,N2,2027-05-03\n"
                + "N2,Bryn Dell,Brindlemoor,Grounds,salaried,Salaried staff,,2027-05-03\n");
        assertThat(byCode("N1").approver()).isEqualTo("Bryn Dell");
    }

    @Test
    void newTeamsAndSitesComeWithTheFileAndAreToldBeforehand() {
        String file = HEADING + "N1,Wren Hollis,Far Meadow,Orchard,hourly,Hourly staff,,2027-05-03\n"
                + "N2,Bryn Dell,far meadow,orchard,hourly,Hourly staff,,2027-05-03\n";
        PeoplePreview preview = preview(file);
        assertThat(preview.teams()).containsExactly("Orchard");
        assertThat(preview.sites()).containsExactly("Far Meadow");
        take(file);
        assertThat(byCode("N2").teamId()).isEqualTo(byCode("N1").teamId());
    }

    @Test
    void whoIsThereIsChangedFromTheDayThatWasChosenAndEnrolmentsFollow() {
        LocalDate from = LocalDate.of(2027, 5, 10);
        String file = "code;team;fte;mon;tue;wed;thu;fri;sat;sun\nb127;Office;0.5;4;4;4;4;4;;\n";
        PeoplePreview taken = act(() -> imports.take(bytes(file), new Reading(FileColumns.Reading.BY_ITSELF, from)));
        assertThat(taken.rows().get(0).says())
                .containsExactly(
                        "team Grounds to Office from 10 May 2027", "FTE 1 to 0.5", "schedule of 20 hours a week");
        assertThat(people.placing(27, from.minusDays(1)).teamId())
                .isNotEqualTo(people.placing(27, from).teamId());
        assertThat(people.employments(List.of(27L)).get(27L).fteOn(from)).isEqualTo(Amount.of("0.5"));
        assertThat(taken.enrolments())
                .extracting(count -> count.policy() + " " + count.begin() + " " + count.end())
                .containsExactly("Time in lieu 0 1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = "=>",
            value = {
                "N1,Wren,Brindlemoor,Grounds,hourly,Nowhere,,2027-05-03 => there is no pay group “Nowhere”",
                "N1,Wren,Brindlemoor,Grounds,weekly,Hourly staff,,2027-05-03 => employed as hourly, salaried, seasonal, not “weekly”",
                "N1,Wren,Brindlemoor,Grounds,hourly,Hourly staff,X9,2027-05-03 => approver: nobody here has the code, address or name “X9”",
                "N1,Wren,Brindlemoor,Grounds,hourly,Hourly staff,N1,2027-05-03 => nobody decides for themselves",
                "N1,Wren,Brindlemoor,Grounds,hourly,Hourly staff,,soon => hired: “soon” is no date; write it as 2027-04-26",
                "N1,Wren,Brindlemoor,Grounds,hourly,Hourly staff,,2031-05-03 => the hire date 3 May 2031 is too far ahead",
                "N1,,Brindlemoor,,hourly,Hourly staff,, => somebody new needs a name, a hire date, a team",
                ",Wren,Brindlemoor,Grounds,hourly,Hourly staff,,2027-05-03 => has no code",
                "N1,Wren,Brindlemoor,Grounds,hourly,Hourly staff,,2027-05-03,x => has more cells than there are headings; perhaps a separator stands in a name without quotes",
            })
    void aWrongRowSaysWhatIsWrong(String row, String says) {
        assertThat(preview(HEADING + row + "\n").rows()).singleElement().satisfies(view -> {
            assertThat(view.state()).isEqualTo(RowState.WRONG);
            assertThat(view.says()).contains(says);
        });
    }

    @Test
    void circlesOfApproversAreNamed() {
        PeoplePreview preview = preview(HEADING + "N1,Wren,Brindlemoor,Grounds,hourly,Hourly staff,N2,2027-05-03\n"
                + "N2,Bryn,Brindlemoor,Grounds,hourly,Hourly staff,N1,2027-05-03\n");
        assertThat(preview.wrong()).isEqualTo(2);
        assertThat(preview.rows().get(0).says())
                .containsExactly("these would decide for each other in a circle: N1, N2, N1");
    }

    @Test
    void aCodeStandsOnceAndAClockCodeIsOnesOwn() {
        PeoplePreview preview = preview("Code,Name,Site,Team,Pay group,Hired,Clock code\n"
                + "N1,Wren,Brindlemoor,Grounds,Hourly staff,2027-05-03,4711\n"
                + "n1,Wren,Brindlemoor,Grounds,Hourly staff,2027-05-03,\n"
                + "N2,Bryn,Brindlemoor,Grounds,Hourly staff,2027-05-03,4711\n");
        assertThat(preview.rows())
                .extracting(RowView::says)
                .anySatisfy(says -> assertThat(says).contains("the code n1 stands in the file twice"))
                .anySatisfy(says -> assertThat(says).contains("the clock code 4711 is that of N1"));
    }

    @Test
    void aScheduleWithoutHoursAndALastDayBeforeTheHireDateAreWrong() {
        PeoplePreview preview = preview("Code,Last day,Mon\nB127,2001-01-01,\nB128,,0\n");
        assertThat(preview.rows().get(0).says()).singleElement().asString().startsWith("the last day, 1 January 2001");
        assertThat(preview.rows().get(1).says()).singleElement().asString().startsWith("a schedule needs hours");
    }

    @Test
    void nothingIsTakenWhileOneRowIsWrong() {
        int before = people.count(PeopleQuery.everybody());
        assertThatThrownBy(() -> take(HEADING
                        + "N1,Wren,Brindlemoor,Grounds,hourly,Hourly staff,,2027-05-03\n"
                        + "N2,Bryn,Brindlemoor,Grounds,hourly,Nowhere,,2027-05-03\n"))
                .isInstanceOf(Refusal.class)
                .hasMessage("Nothing was taken: line 3: there is no pay group “Nowhere”.");
        assertThat(people.count(PeopleQuery.everybody())).isEqualTo(before);
    }

    @Test
    void onlyAnAdministratorBringsPeopleIn() {
        assertThatThrownBy(() -> user.actAs(
                        Somebody.approver(4), () -> imports.preview(bytes(HEADING + "N1,,,,,,,\n"), AS_IT_COMES)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private List<String> enrolled(long personId) {
        Map<Long, PolicyDetail> byId = policies.byId();
        return enrolments.of(List.of(personId)).stream()
                .map((Enrolled each) -> byId.get(each.policyId()).name() + " from "
                        + each.enrolment().from())
                .toList();
    }

    private Person byCode(String code) {
        return people.get(people.idsByCode().get(code));
    }

    private PeoplePreview preview(String file) {
        return act(() -> imports.preview(bytes(file), AS_IT_COMES));
    }

    private PeoplePreview take(String file) {
        return act(() -> imports.take(bytes(file), AS_IT_COMES));
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
