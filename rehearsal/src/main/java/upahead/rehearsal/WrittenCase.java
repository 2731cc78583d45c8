package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Account;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.quantity.Amount;

/**
 * A worked example as it is written: a case file that may leave out the policy, so that it can be held against one policy
 * or another. Immutable.
 */
public final class WrittenCase {

    private static final String POLICY = "policy";

    /**
     * What came out on a day.
     *
     * @param asOf one of the dates asked for
     * @param figures all figures by the names that case files have for them
     * @param expected those of them that the example expects
     */
    public record Outcome(LocalDate asOf, Map<String, Amount> figures, Map<String, Amount> expected) {

        /** Whether each figure expected came out. */
        public boolean isKept() {
            return expected.entrySet().stream().allMatch(each -> each.getValue().equals(figures.get(each.getKey())));
        }
    }

    private final ObjectNode tree;

    private WrittenCase(ObjectNode tree) {
        this.tree = tree;
    }

    /** The names of the figures that can be expected, in the order in which they are printed. */
    public static List<String> figureNames() {
        return Figures.NAMES;
    }

    /**
     * @param json a case file, with or without its policy
     * @throws InvalidCase if it is no JSON object, or has no name; what else it says is looked at when it is run
     */
    public static WrittenCase read(String json) {
        JsonNode tree = JsonText.read(json);
        if (!(tree instanceof ObjectNode object)) {
            throw new InvalidCase("", "must be an object");
        }
        Fields.of("", object).requiredText("case");
        return new WrittenCase(object);
    }

    /**
     * The example that an account is, without its policy and without figures that are expected. Paid leave of other policies
     * and half holidays cannot be said in it.
     *
     * @param name not empty
     * @param through the last day of which facts are taken along
     */
    public static WrittenCase of(String name, Account account, LocalDate through) {
        return new WrittenCase(CaseWriter.write(name, account, through));
    }

    public String name() {
        return tree.get("case").textValue();
    }

    /** Whether it brings its policy along. */
    public boolean hasPolicy() {
        return tree.hasNonNull(POLICY);
    }

    /** The same without its policy. */
    public WrittenCase withoutPolicy() {
        ObjectNode other = tree.deepCopy();
        other.remove(POLICY);
        return new WrittenCase(other);
    }

    /** The versions of the policy that it brings along, by date; none where it brings none. */
    public List<WrittenVersion> versions() {
        return hasPolicy() ? WrittenVersion.read(tree.get(POLICY)) : List.of();
    }

    /**
     * The same under a policy.
     *
     * @param versions at least one, no two from one date; the first is taken to have held always
     */
    public WrittenCase under(List<WrittenVersion> versions) {
        ObjectNode other = tree.objectNode();
        // the policy stands where case files usually have it: before the facts
        for (Iterator<Map.Entry<String, JsonNode>> fields = tree.fields(); fields.hasNext(); ) {
            Map.Entry<String, JsonNode> field = fields.next();
            if (List.of("facts", "ask", "expect").contains(field.getKey())) {
                other.set(POLICY, WrittenVersion.policy(versions));
            }
            if (!field.getKey().equals(POLICY)) {
                other.set(field.getKey(), field.getValue());
            }
        }
        if (!other.has(POLICY)) {
            other.set(POLICY, WrittenVersion.policy(versions));
        }
        return new WrittenCase(other);
    }

    /** The same, and on some days everything is worked that is scheduled. */
    public WrittenCase working(DateSpan days) {
        ObjectNode other = tree.deepCopy();
        other.withArray("facts")
                .addObject()
                .put("from", days.first().toString())
                .put("to", days.last().toString())
                .put("work", "scheduled");
        return new WrittenCase(other);
    }

    /** The same under another name. */
    public WrittenCase named(String name) {
        ObjectNode other = tree.deepCopy();
        other.set("case", TextNode.valueOf(name));
        return new WrittenCase(other);
    }

    /**
     * Derives the figures of each day asked for, in the order in which they are asked for.
     *
     * @throws InvalidCase if it has no policy or says something that cannot be
     */
    public List<Outcome> run() {
        CaseFile read = CaseFile.read(tree);
        LocalDate through = read.ask().stream().max(LocalDate::compareTo).orElse(LocalDate.MIN);
        Ledger ledger = Derivation.derive(read.account(), through);
        List<Outcome> outcomes = new ArrayList<>();
        for (LocalDate asOf : read.ask()) {
            Map<String, Amount> expected = new TreeMap<>();
            read.expect().stream()
                    .filter(each -> each.asOf().equals(asOf))
                    .forEach(each -> expected.putAll(each.figures()));
            outcomes.add(new Outcome(asOf, Figures.on(ledger, asOf), expected));
        }
        return outcomes;
    }

    /** As a file for people and version control: a line for each fact, each day and each figure expected. */
    public String text() {
        return CaseLayout.text(tree);
    }

    /** As it travels: numbers as decimal strings, so that nobody reads them as binary floating point. */
    public String exact() {
        return CaseLayout.exact(tree);
    }
}
