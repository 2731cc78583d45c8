package upahead.server.payruns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.server.employment.People;

/** Tells what is no longer as it was when a run was checked. */
@Component
class CheckedFigures {

    private static final int PEOPLE_NAMED = 5;

    private final StatementStore statements;
    private final People people;

    CheckedFigures(StatementStore statements, People people) {
        this.statements = statements;
        this.people = people;
    }

    /** Compares a run, if it is checked, with what it was then; takes people from several threads. */
    Comparison compareWith(PayRun run) {
        return new Comparison(run, run.isChecked() ? statements.fingerprints(run) : Map.of());
    }

    /** A comparison that people are shown to, one by one. */
    final class Comparison {

        private final PayRun run;
        private final Map<Long, String> before;
        private final Set<Long> seen = ConcurrentHashMap.newKeySet();
        private final Map<Long, Statement> differing = new ConcurrentHashMap<>();

        private Comparison(PayRun run, Map<Long, String> before) {
            this.run = run;
            this.before = before;
        }

        void look(PersonPostings person) {
            if (run.isChecked()) {
                long id = person.person().id();
                seen.add(id);
                if (!Fingerprint.of(person).equals(before.get(id))) {
                    differing.put(id, Fingerprint.figures(person, run));
                }
            }
        }

        /** A sentence for each of the first people that something changed for, and one for all others. */
        List<String> changed() {
            List<String> sentences = new ArrayList<>();
            List<Long> gone = before.keySet().stream()
                    .filter(id -> !seen.contains(id))
                    .sorted()
                    .toList();
            new TreeMap<>(differing)
                    .entrySet().stream()
                            .limit(PEOPLE_NAMED)
                            .forEach(each -> sentences.add(sentence(each.getKey(), each.getValue())));
            gone.stream()
                    .limit(PEOPLE_NAMED)
                    .forEach(id -> sentences.add(people.get(id).name() + " is no longer paid in this group."));
            int more = differing.size() + gone.size() - sentences.size();
            return more == 0
                    ? sentences
                    : Stream.concat(sentences.stream(), Stream.of("And " + more + " more."))
                            .toList();
        }

        private String sentence(long personId, Statement now) {
            return statements
                    .of(run, personId)
                    .map(then -> now.person() + ": " + StatementDifference.words(then, now) + ".")
                    .orElse(now.person() + " has come into this group.");
        }
    }
}
