package upahead.server.views;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.views.KeptView.Place;

@WithDemo
class KeptViewsTest {

    @Autowired
    private KeptViews views;

    @Autowired
    private CurrentUser user;

    @BeforeEach
    void twoAreKept() {
        keep("late", "{\"order\":\"-last_out\"}");
        keep(" early ", "{}");
    }

    @Test
    void standInOrderOfTheirNames() {
        assertThat(of(Somebody.ADMINISTRATOR)).extracting(KeptView::name).containsExactly("early", "late");
    }

    @Test
    void oneOfTheSameNameIsReplacedAndOneIsForgotten() {
        keep("late", "{\"order\":\"person\"}");
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            views.forget(Place.ATTENDANCE, "early");
            views.forget(Place.ATTENDANCE, "never kept");
            return null;
        });
        assertThat(of(Somebody.ADMINISTRATOR)).containsExactly(new KeptView("late", "{\"order\":\"person\"}"));
    }

    @Test
    void areSeenByNobodyElse() {
        assertThat(of(Somebody.SECOND_ADMINISTRATOR)).isEmpty();
    }

    @Test
    void areFortyAtMost() {
        for (int more = 3; more <= 40; more++) {
            keep("view " + more, "{}");
        }
        assertThatThrownBy(() -> keep("one more", "{}")).hasMessageContaining("40 views already");
    }

    private void keep(String name, String wanted) {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            views.keep(Place.ATTENDANCE, new KeptView(name, wanted));
            return null;
        });
    }

    private List<KeptView> of(SignedIn somebody) {
        return user.actAs(somebody, () -> views.of(Place.ATTENDANCE));
    }
}
