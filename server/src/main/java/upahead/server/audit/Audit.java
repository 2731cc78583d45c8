package upahead.server.audit;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.security.Principal;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.clock.MovableClock;

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
    public void record(String subject, long subjectId, String what, Object before, Object after) {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        String actor = authentication != null && authentication.getPrincipal() instanceof Principal principal
                ? principal.getName()
                : "nobody";
        record(actor, subject, subjectId, what, before, after);
    }

    /** Records a change by somebody who is not signed in yet. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void record(String actor, String subject, long subjectId, String what, Object before, Object after) {
        store.add(clock.now(), actor, subject, subjectId, what, written(before), written(after));
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
