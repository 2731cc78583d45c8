package upahead.server.requests;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.requests.leave.LeaveOnDay;
import upahead.server.requests.leave.LeaveOnDaysStore;

/** The leave that stands on time cards. Whose cards somebody sees is decided by whoever asks. */
@Service
public class LeaveOnCards {

    private final LeaveOnDaysStore store;

    LeaveOnCards(LeaveOnDaysStore store) {
        this.store = store;
    }

    /** Approved and waiting leave within a span, by the people's ids and in order of time. */
    @Transactional(readOnly = true)
    public Map<Long, List<LeaveOnDay>> of(Collection<Long> people, DateSpan span) {
        return store.of(people, span);
    }
}
