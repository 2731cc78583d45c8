package upahead.server.platform.audit;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.security.Principal;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.clock.MovableClock;

/** Writes down who changed what, before and after, in the transaction of the change itself. */
@Service
public class Audit {

    private static final int LONGEST = 20_000;

    private final AuditStore store;
    private final MovableClock clock;
    private final ObjectMapper json;

    Audit(AuditStore store, MovableClock clock, ObjectMapper json) {
        this.store = store;
        this.clock = clock;
        this.json = json;
    }

    /**
     * Records a change by whoever is signed in.
     *
     * @param before what it was, null where there was nothing
     * @param after what it is now, null where nothing is left
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void record(Thing subject, long subjectId, String what, Object before, Object after) {
        record(actor(), subject, subjectId, what, before, after);
    }

    /**
     * Records the same kind of change of many things at once, by whoever is signed in.
     *
     * @param changes what each was and is now, by the thing's id
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void recordAll(Thing subject, String what, Map<Long, Change> changes) {
        LocalDateTime now = clock.now();
        String actor = actor();
        store.add(changes.entrySet().stream()
                .map(each -> new AuditStore.Entry(
                        now,
                        actor,
                        subject.words(),
                        each.getKey(),
                        what,
                        written(each.getValue().before()),
                        written(each.getValue().after())))
                .toList());
    }

    /** Whether anybody does: a program by itself is nobody. */
    static boolean isAnybody() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof Principal;
    }

    /**
     * What was changed of one thing.
     *
     * @param before null where there was nothing
     * @param after null where nothing is left
     */
    public record Change(Object before, Object after) {}

    /** Who does what is done now. */
    static String actor() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof Principal principal
                ? principal.getName()
                : "nobody";
    }

    /** Records a change by somebody who is not signed in yet. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void record(String actor, Thing subject, long subjectId, String what, Object before, Object after) {
        store.add(List.of(new AuditStore.Entry(
                clock.now(), actor, subject.words(), subjectId, what, written(before), written(after))));
    }

    private String written(Object value) {
        if (value == null) {
            return null;
        }
        try {
            String text = value instanceof String string ? string : json.writeValueAsString(value);
            return text.length() > LONGEST ? text.substring(0, LONGEST) : text;
        } catch (JsonProcessingException unwritable) {
            throw new IllegalStateException("cannot be written down: " + value.getClass(), unwritable);
        }
    }
}
