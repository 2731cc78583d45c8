package upahead.server.payruns;

import java.util.List;

/**
 * A run with its figures.
 *
 * @param blockers what stops its close; empty once it is closed
 */
public record Worksheet(PayRun run, String payGroup, List<Blocker> blockers, List<WorksheetRow> rows) {}
