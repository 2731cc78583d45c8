package upahead.server.platform.audit;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Puts names where records of changes have the numbers of people, policies and other things. */
@Component
class TrailNames {

    private static final Map<String, Thing> KIND_OF_FIELD = Map.ofEntries(
            Map.entry("personId", Thing.PERSON),
            Map.entry("approverId", Thing.PERSON),
            Map.entry("excluded", Thing.PERSON),
            Map.entry("people", Thing.PERSON),
            Map.entry("named", Thing.PERSON),
            Map.entry("teams", Thing.TEAM),
            Map.entry("notTeams", Thing.TEAM),
            Map.entry("sites", Thing.SITE),
            Map.entry("policyId", Thing.POLICY),
            Map.entry("movedTo", Thing.POLICY),
            Map.entry("siteId", Thing.SITE),
            Map.entry("teamId", Thing.TEAM),
            Map.entry("payGroupId", Thing.PAY_GROUP));
    private static final String COVERED = "ids";
    private static final String COVERED_BY = "by";

    /** What becomes of a number that stands for a thing. */
    private interface Replacement {
        JsonNode of(Thing kind, JsonNode number);
    }

    private final Map<Thing, ThingNames> known = new EnumMap<>(Thing.class);
    private final ObjectMapper json;

    TrailNames(List<ThingNames> all, ObjectMapper json) {
        all.forEach(each -> each.things().forEach(thing -> known.put(thing, each)));
        this.json = json;
    }

    /** The same records, with names. */
    List<AuditRecord> named(List<AuditRecord> records) {
        Map<Thing, Set<Long>> wanted = new EnumMap<>(Thing.class);
        Replacement collect = (kind, number) -> {
            wanted.computeIfAbsent(kind, unused -> new HashSet<>()).add(number.longValue());
            return number;
        };
        for (AuditRecord each : records) {
            subject(each).ifPresent(thing -> wanted.computeIfAbsent(thing, unused -> new HashSet<>())
                    .add(each.subjectId()));
            replaced(each.before(), collect);
            replaced(each.after(), collect);
        }
        Map<Thing, Map<Long, String>> names = new EnumMap<>(Thing.class);
        wanted.forEach((kind, ids) -> names.put(kind, names(kind, ids)));
        Replacement name = (kind, number) -> {
            String found = names.get(kind).get(number.longValue());
            return found == null ? number : TextNode.valueOf(found);
        };
        return records.stream()
                .map(each -> each.named(
                        subject(each)
                                .map(thing -> names.get(thing).get(each.subjectId()))
                                .orElse(null),
                        replaced(each.before(), name),
                        replaced(each.after(), name)))
                .toList();
    }

    private Map<Long, String> names(Thing kind, Set<Long> ids) {
        return known.containsKey(kind) ? known.get(kind).names(kind, ids) : Map.of();
    }

    private static Optional<Thing> subject(AuditRecord written) {
        return Arrays.stream(Thing.values())
                .filter(thing -> thing.words().equals(written.subject()))
                .findFirst();
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
                Thing kind = kind(field.getKey(), object);
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

    private static JsonNode replaced(Thing kind, JsonNode value, Replacement replacement) {
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
    private static Thing kind(String field, ObjectNode around) {
        if (!field.equals(COVERED)) {
            return KIND_OF_FIELD.get(field);
        }
        return switch (around.path(COVERED_BY).asText()) {
            case "TEAM" -> Thing.TEAM;
            case "SITE" -> Thing.SITE;
            case "PERSON" -> Thing.PERSON;
            default -> null;
        };
    }
}
