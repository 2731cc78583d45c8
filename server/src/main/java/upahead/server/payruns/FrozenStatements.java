package upahead.server.payruns;

import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.Organisation;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** What closed runs have frozen for each person. */
@Service
public class FrozenStatements {

    private final PayRunStore runs;
    private final StatementStore statements;
    private final HandedOverStore handedOver;
    private final Organisation organisation;

    FrozenStatements(
            PayRunStore runs, StatementStore statements, HandedOverStore handedOver, Organisation organisation) {
        this.runs = runs;
        this.statements = statements;
        this.handedOver = handedOver;
        this.organisation = organisation;
    }

    /** The closed runs that have a statement of somebody, the newest first. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<PayRun> runsOf(long personId) {
        return statements.runsOf(personId);
    }

    /**
     * What a closed run has frozen for somebody.
     *
     * @throws Refusal if the run is not closed or has nothing of that person
     */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public FrozenStatement of(long runId, long personId) {
        PayRun run = closed(runId);
        return statements
                .of(run, personId)
                .map(statement -> new FrozenStatement(
                        run, organisation.payGroup(run.payGroupId()).name(), statement, handedOver.of(run, personId)))
                .orElseThrow(() -> Refusal.notFound("statement of this person in this run"));
    }

    /**
     * The ids of the people who have a statement of a closed run.
     *
     * @throws Refusal if the run is not closed
     */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<Long> people(long runId) {
        return statements.people(closed(runId));
    }

    private PayRun closed(long runId) {
        PayRun run = runs.find(runId).orElseThrow(() -> Refusal.notFound("pay run"));
        if (!run.isClosed()) {
            throw Refusal.conflict("There are statements once the run is closed.");
        }
        return run;
    }
}
