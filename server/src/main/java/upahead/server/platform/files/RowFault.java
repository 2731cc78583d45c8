package upahead.server.platform.files;

import java.util.List;
import java.util.Set;
import upahead.server.platform.problems.Refusal;

/**
 * A row that cannot be taken.
 *
 * @param line of the file, from 1
 * @param text of the row
 * @param reason why not
 */
public record RowFault(long line, String text, String reason) {

    /**
     * @param skip the lines of faulty rows that are left out on purpose
     * @throws Refusal if any other row is faulty
     */
    public static void requireNone(List<RowFault> faults, Set<Long> skip) {
        List<RowFault> open =
                faults.stream().filter(fault -> !skip.contains(fault.line())).toList();
        if (!open.isEmpty()) {
            throw Refusal.of(
                    "file",
                    "Nothing was taken: line " + open.get(0).line() + ": "
                            + open.get(0).reason()
                            + (open.size() == 1 ? "." : ", and " + (open.size() - 1) + " more."));
        }
    }
}
