package upahead.server.staffing;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.staffing.PeopleImport.Reading;
import upahead.server.staffing.PeoplePreview.RowState;

/** Files of people as other programs write them, and those that the program writes itself. */
@WithDemo
class PeopleFilesAsTheyComeTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    private static final Reading AS_IT_COMES = new Reading(FileColumns.Reading.BY_ITSELF, TODAY);

    private static final String HEADING = "Code,Name,Site,Team,Employed as,Pay group,Approver,Hired\n";

    @Autowired
    private PeopleImport imports;

    @Autowired
    private PeopleFiles files;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @Test
    void theSameFileAgainChangesNothing() {
        String file = HEADING + "N1,Wren Hollis,Brindlemoor,Grounds,hourly,Hourly staff,B104,2027-05-03\n";
        take(file);
        PeoplePreview again = take(file);
        assertThat(again.added() + again.changed() + again.wrong()).isZero();
        assertThat(again.same()).isEqualTo(1);
    }

    @Test
    void anExportOfEverybodyImportsWithoutAnyChange() {
        String export = act(() -> files.export(PeopleQuery.everybody())).content();
        PeoplePreview preview = preview(export);
        assertThat(preview.rows())
                .filteredOn(row -> row.state() != RowState.SAME)
                .isEmpty();
        assertThat(preview.same()).isEqualTo(62);
    }

    @Test
    void theTemplateNeedsOnlyItsRowToBeOverwritten() {
        PeoplePreview preview = preview(files.template().content());
        assertThat(preview.columns())
                .filteredOn(match -> match.heading() == null)
                .extracting(FileColumns.ColumnMatch::title)
                .containsExactly("Hours a week");
        assertThat(preview.rows()).hasSize(1);
    }

    @Test
    void aFileAsItComesFromElsewhereIsUnderstood() {
        String file = "Code;Name;Site;Team;Pay group;Manager;Hire date;FTE;Hours per week\n"
                + "N1;Wren Hollis;Brindlemoor;Grounds;Hourly staff;Moor, Tansy;3.5.2027;60 %;22,5\n"
                + "N2;Tansy Moor;Brindlemoor;Grounds;Hourly staff;;3.5.2027;;\n";
        PeoplePreview preview = preview(file);
        assertThat(preview.wrong()).isZero();
        assertThat(preview.rows().get(0).says()).contains("22.5 hours a week, spread over Monday to Friday");
        act(() -> imports.take(bytes(file), AS_IT_COMES));
        Person wren = byCode("N1");
        assertThat(wren.approverId()).isEqualTo(byCode("N2").id());
        Employment employment =
                act(() -> people.employments(List.of(wren.id()))).get(wren.id());
        assertThat(employment.fteOn(wren.hired())).isEqualTo(Amount.of("0.6"));
        assertThat(employment.schedule().on(wren.hired()).orElseThrow().on(DayOfWeek.MONDAY))
                .isEqualTo(Amount.of("4.5"));
    }

    @Test
    void whoIsLikelyThereAlreadyUnderAnotherCodeIsPointedOut() {
        Person kerensa = byCode("B127");
        PeoplePreview preview = preview("Code,Name,Site,Team,Pay group,Hired\nN1," + kerensa.name()
                + ",Brindlemoor,Grounds,Hourly staff," + kerensa.hired() + "\n");
        assertThat(preview.rows().get(0).says()).contains("perhaps B127 already: the same name and hire date");
    }

    @Test
    void columnsOfOtherNamesAreChosenByHand() {
        List<FileColumns.ColumnChoice> columns = Map.of(
                        PersonColumn.CODE,
                        "Badge",
                        PersonColumn.NAME,
                        "Who",
                        PersonColumn.TEAM,
                        "Where",
                        PersonColumn.SITE,
                        "Place",
                        PersonColumn.PAY_GROUP,
                        "Paid with",
                        PersonColumn.HIRED,
                        "Since")
                .entrySet()
                .stream()
                .map(each -> new FileColumns.ColumnChoice(each.getKey().name(), each.getValue()))
                .toList();
        String file = "Badge,Who,Where,Place,Paid with,Since\nN1,Wren,Grounds,Brindlemoor,Hourly staff,03/05/2027\n";
        assertThat(preview(file).rows().get(0).says()).contains("has no code");
        act(() -> imports.take(
                bytes(file), new Reading(new FileColumns.Reading(columns, Dates.Order.MONTH_FIRST), TODAY)));
        assertThat(byCode("N1").hired()).isEqualTo("2027-03-05");
        assertThat(byCode("N1").employmentType()).isEqualTo(EmploymentType.HOURLY);
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
