package upahead.rehearsal;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.JsonNode;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.quantity.Amount;
import upahead.written.Choices;

/**
 * Reads what is {@linkplain upahead.written written} from the fields of an object, by the names and types of the parts of
 * its record; strictly, and without the time that a general mapper takes to begin.
 */
final class WrittenReader {

    private WrittenReader() {}

    /** A record, or that of its kinds which the object names. */
    static <T> T read(Fields fields, Class<T> type) {
        Class<? extends T> record = type.isRecord() ? type : kind(fields, type);
        RecordComponent[] parts = record.getRecordComponents();
        Object[] values = Arrays.stream(parts).map(part -> value(fields, part)).toArray();
        Class<?>[] types = Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
        try {
            return record.getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException refused) {
            throw refused.getCause() instanceof RuntimeException because
                    ? because
                    : new IllegalStateException(refused.getCause());
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static <T> Class<? extends T> kind(Fields fields, Class<T> type) {
        String key = type.getAnnotation(JsonTypeInfo.class).property();
        String named = fields.requiredText(key);
        List<String> names = new ArrayList<>();
        for (JsonSubTypes.Type kind : type.getAnnotation(JsonSubTypes.class).value()) {
            if (kind.name().equals(named)) {
                return kind.value().asSubclass(type);
            }
            names.add(kind.name());
        }
        throw fields.invalid(key, "must be one of " + String.join(", ", names) + ", not " + Fields.shown(named));
    }

    private static Object value(Fields fields, RecordComponent part) {
        String key = part.getName();
        Class<?> type = part.getType();
        if (type == boolean.class) {
            return fields.flag(key);
        }
        if (type == Integer.class) {
            return fields.whole(key).orElse(null);
        }
        if (type == Amount.class) {
            return fields.amount(key).orElse(null);
        }
        if (type == String.class) {
            return fields.node(key)
                    .map(node -> textOrNumber(fields.path(key), node))
                    .orElse(null);
        }
        if (type == Limits.class) {
            return fields.object(key, WrittenReader::limits).orElse(null);
        }
        if (type == List.class) {
            Class<?> element = (Class<?>) ((ParameterizedType) part.getGenericType()).getActualTypeArguments()[0];
            List<?> list = list(fields, key, element);
            return fields.has(key) ? list : null;
        }
        return Choices.isOne(type)
                ? fields.choice(key, type).orElse(null)
                : fields.object(key, inner -> read(inner, type)).orElse(null);
    }

    private static List<?> list(Fields fields, String key, Class<?> element) {
        return element == String.class ? fields.texts(key) : fields.list(key, inner -> read(inner, element));
    }

    private static String textOrNumber(String path, JsonNode node) {
        return node.isTextual()
                ? Fields.text(path, node)
                : Fields.amount(path, node).toString();
    }

    private static Limits limits(Fields fields) {
        Map<Limit, Amount> figures = new EnumMap<>(Limit.class);
        for (Limit limit : Limit.values()) {
            fields.amount(limit.key()).ifPresent(figure -> figures.put(limit, figure));
        }
        return Limits.of(figures);
    }
}
