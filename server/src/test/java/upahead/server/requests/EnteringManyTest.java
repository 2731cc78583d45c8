package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.EnteringMany.EntryOfOne;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** The same leave for a whole team. */
@WithDemo
class EnteringManyTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long KERENSA = 27;
    private static final long NUALA = 30;
    private static final long CORVIN = 4;

    @Autowired
    private EnteringMany many;

    @Autowired
    private Requests requests;

    @Autowired
    private CurrentUser user;

    @Test
    void eachIsSaidWhatItCostsAndWhoCannotHaveItIsNamed() {
        List<EntryOfOne> shown = act(() -> many.preview(List.of(KERENSA, NUALA, CORVIN), leave()));
        assertThat(shown).hasSize(3);
        assertThat(shown)
                .filteredOn(each -> each.personId() == CORVIN)
                .singleElement()
                .satisfies(each -> assertThat(each.hindered()).contains("not enrolled"));
        assertThat(shown)
                .filteredOn(each -> each.personId() != CORVIN)
                .allSatisfy(each -> assertThat(each.hindered()).isNull())
                .allSatisfy(each -> assertThat(each.total().isPositive()).isTrue());
    }

    @Test
    void itIsEnteredForAllOrForNone() {
        int before = count(KERENSA);
        assertThatThrownBy(() -> act(() -> many.enter(List.of(KERENSA, CORVIN), leave(), "")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Corvin Harnquist");
        act(() -> many.enter(List.of(KERENSA, NUALA), leave(), "stocktaking"));
        assertThat(count(KERENSA)).isGreaterThan(before);
    }

    @Test
    void onlyWhoMayEnterLeaveDoes() {
        SignedIn approver = Somebody.approver(CORVIN);
        assertThatThrownBy(() -> user.actAs(approver, () -> many.enter(List.of(KERENSA), leave(), "")))
                .isInstanceOf(AccessDeniedException.class);
    }

    private int count(long person) {
        return act(() -> requests.ofPerson(person)).size();
    }

    private static RequestDraft leave() {
        return new RequestDraft(
                0, HOURLY_LEAVE, List.of(new AskedDay(LocalDate.of(2027, 8, 18), Part.WHOLE, null)), "");
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
