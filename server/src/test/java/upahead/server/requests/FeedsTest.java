package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.PasswordLinks;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.absences.Feed.Scope;
import upahead.server.requests.absences.Feeds;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** Calendars by secret address, read by a reader that did not write them. */
@WithDemo
class FeedsTest {

    private static final long KERENSA = 27;
    private static final long SICK_TIME = 3;
    private static final LocalDate FRIDAY = LocalDate.of(2027, 4, 30);

    @Autowired
    private Feeds feeds;

    @Autowired
    private EnteredLeave entered;

    @Autowired
    private SignIns signIns;

    @Autowired
    private PasswordLinks named;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MockMvc http;

    @Test
    void aCalendarOpensInAnotherProgramAndShowsNoMoreThanItsMakerSees() throws Exception {
        RequestDraft sick = new RequestDraft(28, SICK_TIME, List.of(new AskedDay(FRIDAY, Part.WHOLE, null)), "");
        act(Somebody.ADMINISTRATOR, () -> entered.enter(sick, "called in"));
        List<String> employees = summaries(address("kerensa", Scope.TEAM));
        assertThat(employees).contains("Silvan Bellwether: away").noneMatch(each -> each.contains("Sick time"));
        assertThat(summaries(address("corvin", Scope.TEAM)))
                .contains("Silvan Bellwether: Hourly leave")
                .anyMatch(each -> each.endsWith(": Sick time"));
    }

    @Test
    void aStretchOfDaysIsOneEventAndWhatWaitsIsTentative() throws Exception {
        VEvent waiting = events(address("corvin", Scope.TEAM)).stream()
                .filter(event -> event.getSummary().getValue().startsWith("Petrel Yaxley"))
                .filter(event -> event.getStatus().getValue().equals("TENTATIVE"))
                .findFirst()
                .orElseThrow();
        assertThat(waiting.getDateTimeStart().getDate()).isEqualTo(LocalDate.of(2027, 5, 4));
        assertThat(waiting.getDateTimeEnd().getDate()).isEqualTo(LocalDate.of(2027, 5, 8));
        assertThat(summaries(address("kerensa", Scope.OWN))).allMatch(each -> each.startsWith("Kerensa Saltonstall"));
    }

    @Test
    void anAddressThatIsGuessedRevokedOrOfASignInSwitchedOffIsNotThere() throws Exception {
        http.perform(get("/feeds/guessed.ics")).andExpect(status().isNotFound());
        SignedIn kerensa = signedIn("kerensa");
        Feeds.NewFeed made = act(kerensa, () -> feeds.make(Scope.OWN));
        http.perform(get(made.path())).andExpect(status().isOk());
        assertThat(act(kerensa, feeds::own)).singleElement().satisfies(feed -> assertThat(feed.readAt())
                .isNotNull());
        assertThatThrownBy(() ->
                        act(signedIn("corvin"), () -> feeds.revoke(made.feed().id())))
                .isInstanceOf(Refusal.class);
        act(kerensa, () -> feeds.revoke(made.feed().id()));
        http.perform(get(made.path())).andExpect(status().isNotFound());
        String other = address("kerensa", Scope.OWN);
        act(Somebody.ADMINISTRATOR, () -> signIns.change(KERENSA, Role.EMPLOYEE, false));
        http.perform(get(other)).andExpect(status().isNotFound());
    }

    private String address(String username, Scope scope) {
        return act(signedIn(username), () -> feeds.make(scope)).path();
    }

    private SignedIn signedIn(String username) {
        return named.named(username).orElseThrow();
    }

    private List<String> summaries(String address) throws Exception {
        return events(address).stream()
                .map(event -> event.getSummary().getValue())
                .toList();
    }

    private List<VEvent> events(String address) throws Exception {
        String text = http.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        Calendar calendar = new CalendarBuilder().build(new StringReader(text));
        calendar.validate();
        return calendar.getComponents("VEVENT");
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
