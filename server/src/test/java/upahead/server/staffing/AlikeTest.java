package upahead.server.staffing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.staffing.Starters.Alike;

/** Somebody about to be added who is there already. */
@WithDemo
class AlikeTest {

    private static final long KERENSA = 27;
    private static final LocalDate ANOTHER_DAY = LocalDate.of(2027, 5, 3);

    @Autowired
    private Starters starters;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @Test
    void isToldByTheNameTheAddressOrBoth() {
        Person kerensa = people.get(KERENSA);
        assertThat(alike(" kerensa SALTONSTALL ", null, ANOTHER_DAY))
                .singleElement()
                .satisfies(each -> {
                    assertThat(each.personId()).isEqualTo(KERENSA);
                    assertThat(each.what()).isEqualTo("the same name");
                });
        assertThat(alike("K. Saltonstall", kerensa.email(), kerensa.hired()))
                .extracting(Alike::what)
                .containsExactly("the same e-mail address and hire date");
        assertThat(alike(kerensa.name(), kerensa.email(), kerensa.hired()))
                .extracting(Alike::what)
                .containsExactly("the same name, e-mail address and hire date");
    }

    @Test
    void aHireDateAloneSaysNothing() {
        assertThat(alike("Somebody Else", "", people.get(KERENSA).hired())).isEmpty();
        assertThat(alike("", null, null)).isEmpty();
    }

    @Test
    void onlyAnAdministratorAsks() {
        assertThatThrownBy(() -> user.actAs(Somebody.approver(4), () -> starters.alike("Kerensa", null, null)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private List<Alike> alike(String name, String email, LocalDate hired) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> starters.alike(name, email, hired));
    }
}
