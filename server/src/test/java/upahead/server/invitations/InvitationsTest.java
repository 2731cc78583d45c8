package upahead.server.invitations;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.PersonChanges;
import upahead.server.employment.PersonDetails;
import upahead.server.invitations.ManyInvitations.Invited;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignInView;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.mail.Message;
import upahead.server.platform.problems.Refusal;

/** Inviting people, setting and resetting passwords, and switching sign-ins off. */
@WithDemo
class InvitationsTest {

    private static final long ALARIC = 12;
    private static final long KERENSA = 27;
    private static final String LONG_ENOUGH = "seven-tall-poplars";

    @Autowired
    private Invitations invitations;

    @Autowired
    private People people;

    @Autowired
    private PersonChanges personChanges;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MovableClock clock;

    @Autowired
    private MockMvc http;

    @Test
    void anInvitedPersonSetsAPasswordByTheMailAndSignsIn() throws Exception {
        SignInView invited = act(() -> invitations.invite(ALARIC, Role.EMPLOYEE));
        assertThat(invited.hasPassword()).isFalse();
        signIn(invited.username(), LONG_ENOUGH).andExpect(status().isUnprocessableEntity());
        String token = token();
        http.perform(get("/api/session/password/" + token))
                .andExpect(jsonPath("username").value(invited.username()));
        setPassword(token, "short").andExpect(jsonPath("field").value("password"));
        setPassword(token, LONG_ENOUGH).andExpect(status().isOk());
        signIn(invited.username(), LONG_ENOUGH).andExpect(jsonPath("personId").value(ALARIC));
        setPassword(token, LONG_ENOUGH).andExpect(jsonPath("field").value("token"));
    }

    @Test
    void manyAreInvitedAtOnceEachAsWhatTheyAre() {
        ManyInvitations shown = act(() -> invitations.preview(PeopleQuery.everybody()));
        assertThat(shown.already()).as("those who sign in with the demo").isPositive();
        assertThat(shown.invited()).extracting(Invited::personId).doesNotContain(KERENSA);
        Set<Long> deciding = people.search(PeopleQuery.everybody()).stream()
                .map(Person::approverId)
                .collect(Collectors.toSet());
        assertThat(shown.invited())
                .allMatch(each -> each.role() == (deciding.contains(each.personId()) ? Role.APPROVER : Role.EMPLOYEE));
        assertThat(invited(shown, ALARIC).role()).isEqualTo(Role.EMPLOYEE);
        List<Long> ids = shown.invited().stream().map(Invited::personId).toList();
        assertThat(act(() -> invitations.inviteAll(ids)).invited()).isEqualTo(shown.invited());
        assertThat(newest(ids.get(0)).body()).matches(".* at http://localhost(:\\d+)?/#/set-password/\\S+");
        ManyInvitations again = act(() -> invitations.inviteAll(ids));
        assertThat(again.invited()).isEmpty();
        assertThat(again.already()).isEqualTo(ids.size());
    }

    @Test
    void whoHasNoAddressOrOneOfSomebodyElseIsNamed() {
        String shared = people.get(ALARIC).email();
        act(() -> {
            giveAddress(13, shared);
            giveAddress(14, null);
            return null;
        });
        ManyInvitations shown = act(() -> invitations.preview(PeopleQuery.everybody()));
        assertThat(shown.withoutMail()).contains(people.get(14).name());
        assertThat(shown.sharedAddress()).hasSize(1);
        assertThat(shown.invited()).extracting(Invited::email).doesNotHaveDuplicates();
    }

    private void giveAddress(long personId, String email) {
        Person person = people.get(personId);
        personChanges.change(
                personId,
                new PersonDetails(person.code(), person.name(), email, person.serviceFrom(), person.clockCode()));
    }

    private static Invited invited(ManyInvitations many, Long personId) {
        return many.invited().stream()
                .filter(each -> personId.equals(each.personId()))
                .findFirst()
                .orElse(null);
    }

    @Test
    void aLinkHoldsForAWeekAndOnlyTheNewestOne() throws Exception {
        act(() -> invitations.invite(ALARIC, Role.EMPLOYEE));
        String first = token();
        act(() -> invitations.sendLink(ALARIC));
        setPassword(first, LONG_ENOUGH).andExpect(jsonPath("field").value("token"));
        String second = token();
        LocalDate today = clock.today();
        clock.moveTo(today.plusDays(8));
        try {
            setPassword(second, LONG_ENOUGH).andExpect(jsonPath("field").value("token"));
        } finally {
            clock.moveTo(today);
        }
    }

    @Test
    void whoForgotThePasswordGetsALinkAndNobodyLearnsWhoIsThere() throws Exception {
        int before = mails();
        forgotten("kerensa");
        assertThat(mails()).isEqualTo(before + 1);
        forgotten("nobody at all");
        assertThat(mails()).isEqualTo(before + 1);
    }

    @Test
    void switchingOffEndsTheSessionAtOnce() throws Exception {
        MockHttpSession session = (MockHttpSession) signIn("kerensa", "walled-garden")
                .andExpect(status().isOk())
                .andReturn()
                .getRequest()
                .getSession();
        http.perform(get("/api/people/27").session(session)).andExpect(status().isOk());
        act(() -> invitations.change(KERENSA, Role.EMPLOYEE, false));
        http.perform(get("/api/people/27").session(session)).andExpect(status().isUnauthorized());
        signIn("kerensa", "walled-garden").andExpect(status().isUnprocessableEntity());
        assertThatThrownBy(() -> act(() -> invitations.sendLink(KERENSA))).hasMessage("This sign-in is switched off.");
        act(() -> invitations.change(KERENSA, Role.APPROVER, true));
        signIn("kerensa", "walled-garden").andExpect(jsonPath("role").value("APPROVER"));
    }

    @Test
    void theLastAdministratorStays() {
        assertThatThrownBy(() -> act(() -> invitations.change(2, Role.EMPLOYEE, true)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("only administrator");
    }

    @Test
    void somebodyWithoutAnAddressGetsAClockCodeInstead() {
        long id = act(() -> people.search(PeopleQuery.everybody())).stream()
                .filter(person -> person.email() == null)
                .findFirst()
                .orElseThrow()
                .id();
        assertThatThrownBy(() -> act(() -> invitations.invite(id, Role.EMPLOYEE)))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("email"));
        var details = details(id, "4711");
        act(() -> {
            personChanges.change(id, details);
            return null;
        });
        assertThat(people.get(id).clockCode()).isEqualTo("4711");
        assertThatThrownBy(() -> act(() -> {
                    personChanges.change(KERENSA, details(KERENSA, "4711"));
                    return null;
                }))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("clockCode"));
    }

    @Test
    void nobodyIsInvitedTwiceAndOnlyByAnAdministrator() {
        assertThatThrownBy(() -> act(() -> invitations.invite(KERENSA, Role.EMPLOYEE)))
                .hasMessage("Kerensa Saltonstall has a sign-in already.");
        assertThatThrownBy(() -> user.actAs(Somebody.approver(4), () -> invitations.invite(ALARIC, Role.EMPLOYEE)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private PersonDetails details(long id, String clockCode) {
        var person = people.get(id);
        return new PersonDetails(person.code(), person.name(), person.email(), person.serviceFrom(), clockCode);
    }

    private int mails() {
        return user.actAs(Somebody.employee(KERENSA), mailbox::newest).size();
    }

    /** The newest mail as its recipient reads it. */
    private Message newest(long personId) {
        return user.actAs(Somebody.employee(personId), mailbox::newest).get(0);
    }

    private String token() {
        Message newest = newest(ALARIC);
        return newest.body().substring(newest.body().lastIndexOf('/') + 1);
    }

    private ResultActions setPassword(String token, String password) throws Exception {
        return send("/api/session/password", "{\"token\": \"" + token + "\", \"password\": \"" + password + "\"}");
    }

    private ResultActions signIn(String username, String password) throws Exception {
        return send("/api/session", "{\"username\": \"" + username + "\", \"password\": \"" + password + "\"}");
    }

    private void forgotten(String username) throws Exception {
        send("/api/session/forgotten", "{\"username\": \"" + username + "\"}").andExpect(status().isNoContent());
    }

    private ResultActions send(String path, String body) throws Exception {
        return http.perform(
                post(path).with(csrf()).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
