package upahead.server.platform.notices;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;

/** What each person chose: of what they are told by mail at once, once a day, or not at all. */
@Service
public class NoticeChoices {

    private final NoticeChoiceStore store;
    private final CurrentUser user;

    NoticeChoices(NoticeChoiceStore store, CurrentUser user) {
        this.store = store;
        this.user = user;
    }

    ByMail of(long personId, Topic topic) {
        return store.of(personId).getOrDefault(topic, ByMail.AT_ONCE);
    }

    /** One's own, of every topic; none for whoever is nobody's employee. */
    @Transactional(readOnly = true)
    public List<NoticeChoice> own() {
        return user.get().person().map(this::all).orElse(List.of());
    }

    /** Sets one of one's own. */
    @Transactional
    public List<NoticeChoice> choose(NoticeChoice choice) {
        store.set(user.personId(), choice);
        return own();
    }

    private List<NoticeChoice> all(long personId) {
        Map<Topic, ByMail> chosen = store.of(personId);
        return Arrays.stream(Topic.values())
                .map(topic -> new NoticeChoice(topic, chosen.getOrDefault(topic, ByMail.AT_ONCE)))
                .toList();
    }
}
