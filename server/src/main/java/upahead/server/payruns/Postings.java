package upahead.server.payruns;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.payruns.PostedLineStore.AccountKey;
import upahead.server.payruns.PostedLineStore.Posted;
import upahead.server.periods.LateChange;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.rights.Permission;

/** What was posted for one balance besides the plain lines of its periods: corrections and reversals. */
@Service
public class Postings {

    /**
     * A correction or a reversal with the run that posted it.
     *
     * @param firstDay of the run's period
     * @param lastDay of the run's period
     */
    public record RunPosting(long runId, LocalDate firstDay, LocalDate lastDay, WorksheetLine line) {}

    private final PostedLineStore posted;
    private final PayRunStore runs;
    private final LateChanges changes;
    private final CurrentUser user;

    Postings(PostedLineStore posted, PayRunStore runs, LateChanges changes, CurrentUser user) {
        this.posted = posted;
        this.runs = runs;
        this.changes = changes;
        this.user = user;
    }

    /** Newest first. What moved no balance is of no interest to the person it belongs to. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<RunPosting> corrections(long personId, long policyId) {
        List<Posted> lines = posted.corrections(new AccountKey(personId, policyId)).stream()
                .filter(line -> user.get().may(Permission.RUN_PAYROLL)
                        || !line.line().amount().isZero())
                .toList();
        Map<Long, LateChange> causes = changes.get(lines.stream()
                .map(Posted::lateChangeId)
                .filter(id -> id != null)
                .distinct()
                .toList());
        return lines.stream()
                .map(line -> {
                    PayRun run = runs.find(line.runId()).orElseThrow();
                    return new RunPosting(
                            run.id(),
                            run.firstDay(),
                            run.lastDay(),
                            WorksheetLine.of(new CausedPosting(line.line(), causes.get(line.lateChangeId()))));
                })
                .toList();
    }
}
