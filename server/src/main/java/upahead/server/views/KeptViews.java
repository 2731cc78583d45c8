package upahead.server.views;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;
import upahead.server.views.KeptView.Place;

/** The views of tables that whoever is signed in keeps; nobody sees those of others. */
@Service
public class KeptViews {

    private static final int MOST = 40;

    private final KeptViewStore store;
    private final CurrentUser user;

    KeptViews(KeptViewStore store, CurrentUser user) {
        this.store = store;
        this.user = user;
    }

    /** In order of their names. */
    @Transactional(readOnly = true)
    public List<KeptView> of(Place place) {
        return store.of(user.get().id(), place);
    }

    /**
     * Keeps a view, in place of one of the same name.
     *
     * @throws Refusal if there are 40 others already
     */
    @Transactional
    public void keep(Place place, KeptView view) {
        long signInId = user.get().id();
        String name = view.name().strip();
        store.remove(signInId, place, name);
        if (store.of(signInId, place).size() >= MOST) {
            throw Refusal.of("name", "You keep " + MOST + " views already; please forget one first.");
        }
        store.add(signInId, place, new KeptView(name, view.wanted()));
    }

    /** Forgets a view, if there is one of that name. */
    @Transactional
    public void forget(Place place, String name) {
        store.remove(user.get().id(), place, name);
    }
}
