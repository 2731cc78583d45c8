package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import upahead.core.quantity.Amount;
import upahead.written.Choices;

/** The fields of one JSON object, read strictly: a key that nobody asks for is an error, null means left out. */
final class Fields {

    private static final int LAST_YEAR = 9999;
    private static final int MOST_SHOWN = 40;

    private final String path;
    private final JsonNode object;
    private final Set<String> known = new HashSet<>();

    private Fields(String path, JsonNode object) {
        this.path = path;
        this.object = object;
    }

    static Fields of(String path, JsonNode node) {
        if (!node.isObject()) {
            throw new InvalidCase(path, "must be an object");
        }
        return new Fields(path, node);
    }

    /** Reads the object with a function and then makes sure that it has no other keys. */
    static <T> T read(String path, JsonNode node, Function<Fields, T> reader) {
        Fields fields = of(path, node);
        T result;
        try {
            result = reader.apply(fields);
        } catch (IllegalArgumentException refused) {
            throw new InvalidCase(path, refused.getMessage());
        }
        fields.refuseOthers();
        return result;
    }

    /** Allows keys that cannot matter here. */
    Fields allowing(String... keys) {
        known.addAll(Arrays.asList(keys));
        return this;
    }

    boolean has(String key) {
        JsonNode value = object.get(key);
        return value != null && !value.isNull();
    }

    String path(String key) {
        return path.isEmpty() ? key : path + "." + key;
    }

    Optional<JsonNode> node(String key) {
        known.add(key);
        return has(key) ? Optional.of(object.get(key)) : Optional.empty();
    }

    JsonNode requiredNode(String key) {
        return node(key).orElseThrow(() -> new InvalidCase(path(key), "is required"));
    }

    <T> Optional<T> object(String key, Function<Fields, T> reader) {
        return node(key).map(value -> read(path(key), value, reader));
    }

    <T> List<T> list(String key, Function<Fields, T> reader) {
        List<T> items = new ArrayList<>();
        nodes(key).forEach(item -> items.add(read(path(key) + "[" + items.size() + "]", item, reader)));
        return items;
    }

    List<String> texts(String key) {
        List<String> texts = new ArrayList<>();
        nodes(key).forEach(item -> texts.add(text(path(key) + "[" + texts.size() + "]", item)));
        return texts;
    }

    List<JsonNode> nodes(String key) {
        return node(key).map(value -> elements(path(key), value)).orElse(List.of());
    }

    List<LocalDate> dates(String key) {
        List<LocalDate> dates = new ArrayList<>();
        nodes(key).forEach(item -> dates.add(date(path(key) + "[" + dates.size() + "]", item)));
        return dates;
    }

    Optional<LocalDate> date(String key) {
        return node(key).map(value -> date(path(key), value));
    }

    LocalDate requiredDate(String key) {
        return date(path(key), requiredNode(key));
    }

    Optional<String> text(String key) {
        return node(key).map(value -> text(path(key), value));
    }

    String requiredText(String key) {
        return text(path(key), requiredNode(key));
    }

    Optional<Amount> amount(String key) {
        return node(key).map(value -> amount(path(key), value));
    }

    Amount requiredAmount(String key) {
        return amount(path(key), requiredNode(key));
    }

    /** An amount of at least 0, which is 0 where it is left out. */
    Amount counter(String key) {
        Amount counter = amountOr(key, Amount.ZERO);
        if (counter.isNegative()) {
            throw new InvalidCase(path(key), "must be at least 0, not " + counter);
        }
        return counter;
    }

    Amount amountOr(String key, Amount otherwise) {
        return amount(key).orElse(otherwise);
    }

    Optional<Integer> whole(String key) {
        return amount(key).map(amount -> {
            try {
                return amount.value().intValueExact();
            } catch (ArithmeticException fractional) {
                throw new InvalidCase(path(key), "must be a whole number, not " + amount);
            }
        });
    }

    boolean flag(String key) {
        return node(key)
                .map(value -> {
                    if (!value.isBoolean()) {
                        throw new InvalidCase(path(key), "must be true or false");
                    }
                    return value.booleanValue();
                })
                .orElse(false);
    }

    Optional<MonthDay> monthDay(String key) {
        return text(key).map(text -> {
            try {
                return MonthDay.parse("--" + text);
            } catch (DateTimeException notADay) {
                throw new InvalidCase(path(key), "must be a month and day such as 03-31, not " + shown(text));
            }
        });
    }

    /** One of the choices, written in lower case with hyphens. */
    <E> Optional<E> choice(String key, Class<E> choices) {
        return text(key).map(text -> Choices.read(choices, text)
                .orElseThrow(() -> new InvalidCase(
                        path(key),
                        "must be one of " + String.join(", ", Choices.allOf(choices)) + ", not " + shown(text))));
    }

    InvalidCase invalid(String key, String why) {
        return new InvalidCase(path(key), why);
    }

    String path() {
        return path;
    }

    private void refuseOthers() {
        object.fieldNames().forEachRemaining(key -> {
            if (!known.contains(key)) {
                throw new InvalidCase(path(key), "is not a known key here");
            }
        });
    }

    static List<JsonNode> elements(String path, JsonNode value) {
        if (!value.isArray()) {
            throw new InvalidCase(path, "must be a list");
        }
        List<JsonNode> elements = new ArrayList<>();
        value.forEach(elements::add);
        return elements;
    }

    static String text(String path, JsonNode value) {
        if (!value.isTextual()) {
            throw new InvalidCase(path, "must be a text");
        }
        if (value.textValue().isBlank()) {
            throw new InvalidCase(path, "must not be empty");
        }
        return value.textValue();
    }

    static LocalDate date(String path, JsonNode value) {
        String text = text(path, value);
        try {
            LocalDate date = LocalDate.parse(text);
            if (date.getYear() < 1 || date.getYear() > LAST_YEAR) {
                throw new InvalidCase(
                        path, "must be a date from 0001-01-01 to " + LAST_YEAR + "-12-31, not " + shown(text));
            }
            return date;
        } catch (DateTimeException notADate) {
            throw new InvalidCase(path, "must be a date such as 2027-01-31, not " + shown(text));
        }
    }

    static Amount amount(String path, JsonNode value) {
        return Decimals.read(path, value);
    }

    /** A text of a message, which need not be shown whole. */
    static String shown(String text) {
        return text.length() <= MOST_SHOWN ? text : text.substring(0, MOST_SHOWN) + "...";
    }
}
