package upahead.rehearsal;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.BooleanNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.NullNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.POJONode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;

/** Reads a JSON text into a tree in which every number stands as it was written, however long it is. */
final class JsonText {

    /** A number as written, not looked at yet. */
    record Number(String written) {}

    private static final char BYTE_ORDER_MARK = '\uFEFF';
    private static final int DEEPEST = 100;
    private static final JsonFactory JSON = JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder()
                    .maxNestingDepth(DEEPEST)
                    .maxNumberLength(Integer.MAX_VALUE)
                    .build())
            .build();

    private JsonText() {}

    /**
     * @throws InvalidCase if it is not JSON, or has a key twice
     */
    static JsonNode read(String text) {
        String json = !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
        try (JsonParser parser = JSON.createParser(json)) {
            if (parser.nextToken() == null) {
                throw new InvalidCase("", "is empty");
            }
            JsonNode read = value(parser, "");
            if (parser.nextToken() != null) {
                throw new InvalidCase(at(parser.currentTokenLocation()), "there is more after the end of the object");
            }
            return read;
        } catch (JsonEOFException cut) {
            throw new InvalidCase(at(cut.getLocation()), "the file ends in the middle of something");
        } catch (StreamConstraintsException tooMuch) {
            throw new InvalidCase(at(tooMuch.getLocation()), "is nested too deeply or has too long a text");
        } catch (JsonProcessingException malformed) {
            throw new InvalidCase(
                    at(malformed.getLocation()),
                    "is not JSON here: a comma, colon, quote, bracket or value is missing or wrong");
        } catch (IOException unreadable) {
            throw new InvalidCase("", "cannot be read");
        }
    }

    private static String at(JsonLocation location) {
        return location == null ? "" : "line " + location.getLineNr() + ", column " + location.getColumnNr();
    }

    private static JsonNode value(JsonParser parser, String path) throws IOException {
        return switch (parser.currentToken()) {
            case START_OBJECT -> object(parser, path);
            case START_ARRAY -> array(parser, path);
            case VALUE_STRING -> TextNode.valueOf(parser.getText());
            case VALUE_TRUE -> BooleanNode.TRUE;
            case VALUE_FALSE -> BooleanNode.FALSE;
            case VALUE_NULL -> NullNode.instance;
            default -> new POJONode(new Number(parser.getText()));
        };
    }

    private static JsonNode object(JsonParser parser, String path) throws IOException {
        ObjectNode object = JsonNodeFactory.instance.objectNode();
        while (parser.nextToken() != JsonToken.END_OBJECT) {
            String key = parser.currentName();
            String inner = path.isEmpty() ? key : path + "." + key;
            if (object.has(key)) {
                throw new InvalidCase(inner, "stands twice");
            }
            parser.nextToken();
            object.set(key, value(parser, inner));
        }
        return object;
    }

    private static JsonNode array(JsonParser parser, String path) throws IOException {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            array.add(value(parser, path + "[" + array.size() + "]"));
        }
        return array;
    }
}
