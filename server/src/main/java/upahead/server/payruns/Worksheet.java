package upahead.server.payruns;

import java.util.List;
import upahead.server.platform.tables.ColumnView;

/**
 * A run with its figures.
 *
 * @param blockers what stops its close; empty once it is closed
 * @param canBeUndone whether it is the newest closed run of its group
 * @param events closes and undone closes, oldest first
 */
public record Worksheet(
        PayRun run,
        String payGroup,
        List<Blocker> blockers,
        boolean canBeUndone,
        List<RunEvent> events,
        List<ColumnView> columns,
        List<WorksheetRow> rows) {}
