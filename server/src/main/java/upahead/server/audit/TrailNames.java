package upahead.server.audit;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Puts names where records of changes have the numbers of people, policies and other things. */
@Component
class TrailNames {

    private static final Map<String, String> KIND_OF_FIELD = Map.ofEntries(
            Map.entry("personId", "person"),
            Map.entry("approverId", "person"),
            Map.entry("excluded", "person"),
            Map.entry("people", "person"),
            Map.entry("named", "person"),
            Map.entry("teams", "team"),
            Map.entry("notTeams", "team"),
            Map.entry("sites", "site"),
            Map.entry("policyId", "policy"),
            Map.entry("movedTo", "policy"),
            Map.entry("siteId", "site"),
            Map.entry("teamId", "team"),
            Map.entry("payGroupId", "pay group"));
    private static final String COVERED = "ids";
    private static final String COVERED_BY = "by";

    /** What becomes of a number that stands for a thing. */
    private interface Replacement {
        JsonNode of(String kind, JsonNode number);
    }

    private final ThingStore things;
    private final ObjectMapper json;

    TrailNames(ThingStore things, ObjectMapper json) {
        this.things = things;
        this.json = json;
    }

    /** The same records, with names. */
    List<AuditRecord> named(List<AuditRecord> records) {
        Map<String, Set<Long>> wanted = new HashMap<>();
        Replacement collect = (kind, number) -> {
            wanted.computeIfAbsent(kind, unused -> new HashSet<>()).add(number.longValue());
            return number;
        };
        for (AuditRecord each : records) {
            wanted.computeIfAbsent(each.subject(), unused -> new HashSet<>()).add(each.subjectId());
            replaced(each.before(), collect);
            replaced(each.after(), collect);
        }
        Map<String, Map<Long, String>> names = new HashMap<>();
        wanted.forEach((kind, ids) -> names.put(kind, things.names(kind, ids)));
        Replacement name = (kind, number) -> {
            String found = names.get(kind).get(number.longValue());
            return found == null ? number : TextNode.valueOf(found);
        };
        return records.stream()
                .map(each -> each.named(
                        names.get(each.subject()).get(each.subjectId()),
                        replaced(each.before(), name),
                        replaced(each.after(), name)))
                .toList();
    }

    /** Text that is no JSON stays as it is. */
    private String replaced(String text, Replacement replacement) {
        if (text == null || !(text.startsWith("{") || text.startsWith("["))) {
            return text;
        }
        try {
            JsonNode tree = json.readTree(text);
            replace(tree, replacement);
            return json.writeValueAsString(tree);
        } catch (JsonProcessingException cutOff) {
            return text;
        }
    }

    private static void replace(JsonNode node, Replacement replacement) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(field -> {
                String kind = kind(field.getKey(), object);
                if (kind == null) {
                    replace(field.getValue(), replacement);
                } else {
                    field.setValue(replaced(kind, field.getValue(), replacement));
                }
            });
        } else {
            node.forEach(each -> replace(each, replacement));
        }
    }

    private static JsonNode replaced(String kind, JsonNode value, Replacement replacement) {
        if (value.isIntegralNumber()) {
            return replacement.of(kind, value);
        }
        if (value instanceof ArrayNode array) {
            for (int at = 0; at < array.size(); at++) {
                array.set(at, replaced(kind, array.get(at), replacement));
            }
        }
        return value;
    }

    /** Of what kind the thing is whose number a field has, or null where it has none. */
    private static String kind(String field, ObjectNode around) {
        if (!field.equals(COVERED)) {
            return KIND_OF_FIELD.get(field);
        }
        return switch (around.path(COVERED_BY).asText()) {
            case "TEAM" -> "team";
            case "SITE" -> "site";
            case "PERSON" -> "person";
            default -> null;
        };
    }
}
