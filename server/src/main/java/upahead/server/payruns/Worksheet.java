package upahead.server.payruns;

import java.util.List;
import upahead.server.platform.tables.ColumnView;

/**
 * A run with what it comes to; its rows are asked for page by page.
 *
 * @param blockers what stops its close; empty once it is closed
 * @param canBeUndone whether it is the newest closed run of its group
 * @param events what was done to it, oldest first
 * @param policies names of those on its rows
 * @param teams names of those on its rows
 * @param beingRenewed whether something has changed, and all of this is being gathered anew
 */
public record Worksheet(
        PayRun run,
        String payGroup,
        List<Blocker> blockers,
        boolean canBeUndone,
        List<RunEvent> events,
        List<ColumnView> columns,
        WorksheetSums sums,
        List<String> policies,
        List<String> teams,
        boolean beingRenewed) {}
