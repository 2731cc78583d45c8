package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A version of a policy as it stands in a case file.
 *
 * @param from its first day, nothing where it has held always
 * @param unit {@code hours} or {@code days}
 * @param benefitYear a month and day such as {@code 01-01}, or {@code hire-anniversary}
 * @param terms its terms as JSON, as {@link upahead.written.WrittenTerms} are written
 */
public record WrittenVersion(Optional<LocalDate> from, String unit, String benefitYear, String terms) {

    private static final LocalDate ALWAYS = LocalDate.of(1, 1, 1);
    private static final String CALENDAR_YEAR = "01-01";
    private static final List<String> BESIDE_TERMS = List.of("from", "unit", "benefitYear");

    /**
     * The versions a case's policy has, by date.
     *
     * @throws InvalidCase if it says something that cannot be
     */
    static List<WrittenVersion> read(JsonNode policy) {
        PolicyReader.read("policy", policy);
        List<WrittenVersion> versions = new ArrayList<>();
        if (policy.isArray()) {
            policy.forEach(each -> versions.add(version(each)));
        } else {
            versions.add(version(policy));
        }
        versions.sort(Comparator.comparing(version -> version.from().orElse(ALWAYS)));
        return versions;
    }

    private static WrittenVersion version(JsonNode written) {
        ObjectNode terms = written.deepCopy();
        terms.remove(BESIDE_TERMS);
        Optional<LocalDate> from = written.hasNonNull("from")
                ? Optional.of(LocalDate.parse(written.get("from").textValue()))
                : Optional.empty();
        return new WrittenVersion(
                from.filter(day -> !day.equals(ALWAYS)),
                written.get("unit").textValue(),
                written.hasNonNull("benefitYear") ? written.get("benefitYear").textValue() : CALENDAR_YEAR,
                CaseLayout.exact(terms));
    }

    /** The policy of a case: one version without a date, or a list of which the first has held always. */
    static JsonNode policy(List<WrittenVersion> versions) {
        if (versions.size() == 1) {
            return versions.get(0).written(null);
        }
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        List<WrittenVersion> inOrder = versions.stream()
                .sorted(Comparator.comparing(version -> version.from().orElse(ALWAYS)))
                .toList();
        for (WrittenVersion version : inOrder) {
            list.add(version.written(list.isEmpty() ? ALWAYS : version.from().orElse(ALWAYS)));
        }
        return list;
    }

    private ObjectNode written(LocalDate from) {
        ObjectNode object = JsonNodeFactory.instance.objectNode();
        if (from != null) {
            object.set("from", TextNode.valueOf(from.toString()));
        }
        object.set("unit", TextNode.valueOf(unit));
        object.set("benefitYear", TextNode.valueOf(benefitYear));
        for (Iterator<Map.Entry<String, JsonNode>> fields = JsonText.read(terms).fields(); fields.hasNext(); ) {
            Map.Entry<String, JsonNode> field = fields.next();
            if (!CaseLayout.saysNothing(field.getValue())) {
                object.set(field.getKey(), CaseLayout.withoutNothing(field.getValue()));
            }
        }
        return object;
    }
}
