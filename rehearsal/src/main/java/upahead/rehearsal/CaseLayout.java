package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.POJONode;
import java.util.Iterator;
import java.util.Map;
import java.util.regex.Pattern;

/** Writes case files: always in the same form, so that two of them can be compared line by line. */
final class CaseLayout {

    private static final Pattern DECIMAL = Pattern.compile("-?(?:0|[1-9][0-9]*)(?:\\.[0-9]+)?");
    private static final String STEP = "  ";
    /** Objects down to here have a line for each of their keys. */
    private static final int DEEPEST_SPREAD = 1;

    private final StringBuilder text = new StringBuilder();
    private final boolean forPeople;

    private CaseLayout(boolean forPeople) {
        this.forPeople = forPeople;
    }

    /** Spread over lines, each element of a list on one, amounts as numbers. */
    static String text(JsonNode tree) {
        CaseLayout layout = new CaseLayout(true);
        layout.write(tree, 0, false);
        return layout.text.append('\n').toString();
    }

    /** On one line, numbers as decimal strings. */
    static String exact(JsonNode tree) {
        CaseLayout layout = new CaseLayout(false);
        layout.write(tree, DEEPEST_SPREAD + 1, false);
        return layout.text.toString();
    }

    /** Whether a value says no more than if it were left out. */
    static boolean saysNothing(JsonNode value) {
        return value.isNull()
                || (value.isContainerNode() && value.isEmpty())
                || (value.isBoolean() && !value.booleanValue());
    }

    /** The same value without parts that say nothing. */
    static JsonNode withoutNothing(JsonNode value) {
        if (!(value instanceof ObjectNode object)) {
            return value;
        }
        ObjectNode other = object.objectNode();
        for (Iterator<Map.Entry<String, JsonNode>> fields = object.fields(); fields.hasNext(); ) {
            Map.Entry<String, JsonNode> field = fields.next();
            if (!saysNothing(field.getValue())) {
                other.set(field.getKey(), withoutNothing(field.getValue()));
            }
        }
        return other;
    }

    private void write(JsonNode value, int depth, boolean isText) {
        if (value instanceof ObjectNode object) {
            object(object, depth);
        } else if (value instanceof ArrayNode array) {
            array(array, depth, isText);
        } else if (value instanceof POJONode node && node.getPojo() instanceof JsonText.Number number) {
            text.append(
                    forPeople
                            ? number.written()
                            : '"' + Decimals.read("", value).toString() + '"');
        } else if (forPeople
                && !isText
                && value.isTextual()
                && DECIMAL.matcher(value.textValue()).matches()) {
            text.append(value.textValue());
        } else {
            text.append(value);
        }
    }

    private void object(ObjectNode object, int depth) {
        boolean spread = depth <= DEEPEST_SPREAD && forPeople;
        text.append('{');
        String between = "";
        for (Iterator<Map.Entry<String, JsonNode>> fields = object.fields(); fields.hasNext(); ) {
            Map.Entry<String, JsonNode> field = fields.next();
            text.append(between);
            line(spread, depth + 1);
            text.append('"').append(field.getKey()).append("\": ");
            write(field.getValue(), depth + 1, isWords(field.getKey()));
            between = spread ? "," : ", ";
        }
        line(spread && !object.isEmpty(), depth);
        text.append('}');
    }

    private void array(ArrayNode array, int depth, boolean isText) {
        boolean spread = depth <= DEEPEST_SPREAD
                && forPeople
                && array.size() > 0
                && array.get(0).isObject();
        text.append('[');
        String between = "";
        for (JsonNode element : array) {
            text.append(between);
            line(spread, depth + 1);
            write(element, DEEPEST_SPREAD + 1, isText);
            between = spread ? "," : ", ";
        }
        line(spread, depth);
        text.append(']');
    }

    private void line(boolean spread, int depth) {
        if (spread) {
            text.append('\n').append(STEP.repeat(depth));
        }
    }

    /** Keys whose values are words even where they look like numbers. */
    private static boolean isWords(String key) {
        return key.equals("case") || key.equals("reason") || key.equals("kind") || key.equals("counts");
    }
}
