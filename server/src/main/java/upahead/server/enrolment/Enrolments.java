package upahead.server.enrolment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who is enrolled in what. */
@Service
public class Enrolments {

    private final EnrolmentStore store;

    Enrolments(EnrolmentStore store) {
        this.store = store;
    }

    /** The people who are or were enrolled in a policy. */
    @Transactional(readOnly = true)
    public List<Long> peopleIn(long policyId) {
        return store.peopleIn(policyId);
    }

    /** All enrolments of some people. */
    @Transactional(readOnly = true)
    public List<Enrolled> of(Collection<Long> personIds) {
        return store.of(personIds);
    }

    /** All enrolments in a policy. */
    @Transactional(readOnly = true)
    public List<Enrolled> inPolicy(long policyId) {
        return store.inPolicy(policyId);
    }

    /** Whoever is enrolled in something on a day. */
    @Transactional(readOnly = true)
    public List<Enrolled> on(LocalDate day) {
        return store.on(day);
    }
}
