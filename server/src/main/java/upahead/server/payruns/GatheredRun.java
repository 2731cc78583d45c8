package upahead.server.payruns;

import java.time.LocalDate;
import java.util.List;

/**
 * Everything that the page of a run shows, as it was at one moment.
 *
 * @param turn how often something had been changed in the program until then
 * @param today of that moment
 * @param people how many are paid in the group
 * @param cautions of people without a blocker of their own about the same, those not accepted first
 * @param rows what is unusual first
 * @param changed what is no longer as it was when the run was checked, a sentence a person; empty where nothing is
 */
record GatheredRun(
        PayRun run,
        long turn,
        LocalDate today,
        int people,
        List<Blocker> blockers,
        List<Caution> cautions,
        List<WorksheetRow> rows,
        List<String> changed) {

    List<Caution> openCautions() {
        return cautions.stream().filter(Caution::isOpen).toList();
    }
}
