package upahead.server.payruns;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import upahead.core.payrun.NewPosting;

/**
 * How much there is in a run.
 *
 * @param people paid in the group
 * @param balances with a row
 * @param lines that are or will be frozen
 * @param corrections of earlier runs among them
 * @param causes of the corrections, each once
 * @param open cautions that nobody has accepted, by their kinds
 * @param accepted cautions that somebody has accepted
 */
public record WorksheetSums(
        int people,
        int balances,
        int lines,
        int corrections,
        List<String> causes,
        Map<Caution.Kind, Integer> open,
        int accepted) {

    private static final int CAUSES_NAMED = 8;

    static WorksheetSums of(GatheredRun gathered) {
        List<WorksheetLine> corrections = gathered.rows().stream()
                .flatMap(row -> row.lines().stream())
                .filter(line -> line.sort() == NewPosting.Sort.CORRECTION)
                .toList();
        Map<Caution.Kind, Integer> open = gathered.openCautions().stream()
                .collect(Collectors.toMap(Caution::kind, unused -> 1, Integer::sum, TreeMap::new));
        return new WorksheetSums(
                gathered.people(),
                gathered.rows().size(),
                gathered.rows().stream().mapToInt(row -> row.lines().size()).sum(),
                corrections.size(),
                corrections.stream()
                        .map(WorksheetLine::cause)
                        .filter(Objects::nonNull)
                        .map(cause -> cause.what())
                        .distinct()
                        .limit(CAUSES_NAMED)
                        .toList(),
                new LinkedHashMap<>(open),
                gathered.cautions().size() - gathered.openCautions().size());
    }
}
