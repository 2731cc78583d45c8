package upahead.server.payruns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.ClosingStore.Key;
import upahead.server.payruns.ClosingStore.Sums;
import upahead.server.platform.words.Words;

/** Looks whether everything that runs have posted is still there: each close with its sums, and no run left out. */
@Component
class WhatMustBeThere {

    private final PayRunStore runs;
    private final ClosingStore closings;
    private final Organisation organisation;

    WhatMustBeThere(PayRunStore runs, ClosingStore closings, Organisation organisation) {
        this.runs = runs;
        this.closings = closings;
        this.organisation = organisation;
    }

    /** What is missing or other than it was, a sentence each; empty where nothing is. */
    @Transactional(readOnly = true)
    public List<String> missing() {
        Map<Key, Sums> noted = closings.noted();
        Map<Key, Sums> found = closings.found();
        List<String> missing = new ArrayList<>();
        for (PayGroup group : organisation.payGroups()) {
            List<PayRun> closed = runs.ofGroup(group.id()).stream()
                    .filter(run -> run.closings() > 0)
                    .toList();
            runs.ofLeavers(group.id()).forEach(run -> missing.addAll(notWhole(run, group, noted, found)));
            for (int at = 0; at < closed.size(); at++) {
                PayRun run = closed.get(at);
                missing.addAll(notWhole(run, group, noted, found));
                if (at > 0 && !isNext(run.period(), closed.get(at - 1).period())) {
                    missing.add("There is no closed run of " + group.name() + " between "
                            + Words.span(run.period()) + " and "
                            + Words.span(closed.get(at - 1).period()) + ".");
                }
            }
        }
        return missing;
    }

    private static List<String> notWhole(PayRun run, PayGroup group, Map<Key, Sums> noted, Map<Key, Sums> found) {
        return IntStream.rangeClosed(1, run.closings())
                .mapToObj(closing -> new Key(run.id(), closing))
                .filter(key -> !isWhole(noted.get(key), found.get(key)))
                .map(key -> "The lines of close " + key.closing() + " of the run " + Words.span(run.period()) + " of "
                        + group.name() + " are not those it posted.")
                .toList();
    }

    private static boolean isWhole(Sums noted, Sums found) {
        return noted != null && (noted.equals(found) || (noted.lines() == 0 && found == null));
    }

    private static boolean isNext(DateSpan one, DateSpan next) {
        return one.last().plusDays(1).equals(next.first());
    }
}
