package upahead.server.lookout;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.platform.json.Page;
import upahead.server.platform.serving.AsBefore.Shown;

/**
 * The front page.
 *
 * @param lines what needs whoever looks, soonest first; a part of them
 * @param total how many lines there are altogether
 * @param counts how many things there are altogether of each urgency that there is
 * @param beingRenewed whether something has changed, and some of it is being worked out anew
 */
public record LookoutView(List<LookoutLine> lines, int total, Map<Urgency, Integer> counts, boolean beingRenewed) {

    /** A part of what there is. */
    static LookoutView of(Shown<LookoutItem> found, int page, int size) {
        Page<LookoutLine> lines = Page.of(LookoutLine.together(found.rows()), page, size);
        Map<Urgency, Integer> counts = found.rows().stream()
                .map(LookoutItem::urgency)
                .collect(Collectors.groupingBy(Function.identity(), Collectors.summingInt(each -> 1)));
        return new LookoutView(lines.items(), lines.total(), counts, found.beingRenewed());
    }
}
