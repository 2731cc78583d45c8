package upahead.server.platform.access;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** Bodies that the description of the interface allows, so that a refusal is one of rights. */
final class SampleBodies {

    private static final String DAY = "2027-05-03";

    private final JsonNode description;

    private SampleBodies(JsonNode description) {
        this.description = description;
    }

    static SampleBodies ofTheDescription() throws IOException {
        return new SampleBodies(new ObjectMapper().readTree(Files.readString(Path.of("../web/openapi.json"))));
    }

    /** A body for a resource; an empty object where it takes none. */
    JsonNode of(String method, String path) {
        JsonNode schema = description
                .path("paths")
                .path(path)
                .path(method.toLowerCase(Locale.ROOT))
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        return schema.isMissingNode() ? JsonNodeFactory.instance.objectNode() : sample(schema);
    }

    private JsonNode sample(JsonNode schema) {
        if (schema.has("$ref")) {
            String name = schema.path("$ref").asText();
            return sample(
                    description.path("components").path("schemas").path(name.substring(name.lastIndexOf('/') + 1)));
        }
        if (schema.path("nullable").asBoolean()) {
            return JsonNodeFactory.instance.nullNode();
        }
        for (String several : new String[] {"oneOf", "allOf"}) {
            if (schema.has(several)) {
                return sample(schema.path(several).get(0));
            }
        }
        if (schema.has("enum")) {
            return schema.path("enum").get(0);
        }
        return switch (schema.path("type").asText()) {
            case "object" -> object(schema);
            case "array" -> list(schema);
            case "integer", "number" ->
                JsonNodeFactory.instance.numberNode(
                        Math.max(1, schema.path("minimum").asInt()));
            case "boolean" -> JsonNodeFactory.instance.booleanNode(false);
            default -> JsonNodeFactory.instance.textNode(text(schema));
        };
    }

    private ObjectNode object(JsonNode schema) {
        ObjectNode object = JsonNodeFactory.instance.objectNode();
        schema.path("properties").fields().forEachRemaining(each -> object.set(each.getKey(), sample(each.getValue())));
        return object;
    }

    private ArrayNode list(JsonNode schema) {
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        int least = Math.max(1, schema.path("minItems").asInt());
        for (int item = 0; item < least; item++) {
            list.add(sample(schema.path("items")));
        }
        return list;
    }

    private static String text(JsonNode schema) {
        if (schema.path("format").asText().equals("date")) {
            return DAY;
        }
        return schema.has("pattern") ? "1" : "x";
    }
}
