package upahead.server.employment;

import jakarta.annotation.Nullable;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Finds people by whatever a file calls them: code, e-mail address, or name in either order.
 *
 * @param <T> what is known of each
 */
public final class PersonFinder<T> {

    /**
     * Who is meant.
     *
     * @param person null where nobody or not only one is
     * @param fault why not, empty where somebody is
     */
    public record Meant<T>(@Nullable T person, String fault) {}

    private final Map<String, T> byCode = new HashMap<>();
    private final Map<String, T> byMail = new HashMap<>();
    private final Map<String, List<T>> byName = new HashMap<>();

    /** The headings under which files say whom they mean, in small letters without spaces, and some more. */
    public static String[] headings(String... more) {
        return Stream.concat(
                        Stream.of(
                                "person",
                                "code",
                                "personcode",
                                "employee",
                                "employeecode",
                                "employeenumber",
                                "number",
                                "id",
                                "name",
                                "employeename",
                                "email",
                                "mitarbeiter",
                                "personalnummer"),
                        Stream.of(more))
                .toArray(String[]::new);
    }

    /** Finds people also by what they type at a clock, where that is not another's code. */
    public static PersonFinder<Person> withClockCodes(Collection<Person> people) {
        PersonFinder<Person> finder = new PersonFinder<>();
        people.stream()
                .filter(person -> person.clockCode() != null)
                .forEach(person -> finder.add(person.clockCode(), null, null, person));
        people.forEach(person -> finder.add(person.code(), person.email(), person.name(), person));
        return finder;
    }

    public static PersonFinder<Person> of(Collection<Person> people) {
        PersonFinder<Person> finder = new PersonFinder<>();
        people.forEach(person -> finder.add(person.code(), person.email(), person.name(), person));
        return finder;
    }

    /** Adds somebody. */
    public void add(String code, @Nullable String email, @Nullable String name, T person) {
        byCode.put(plain(code), person);
        if (email != null) {
            byMail.put(plain(email), person);
        }
        if (name != null) {
            byName.computeIfAbsent(plain(name), unused -> new ArrayList<>()).add(person);
        }
    }

    /** Who is meant by a text such as B127, kerensa@example.com, Kerensa Saltonstall or Saltonstall, Kerensa. */
    public Meant<T> find(String text) {
        String wanted = plain(text);
        T one = byCode.getOrDefault(wanted, byMail.get(wanted));
        if (one != null) {
            return new Meant<>(one, "");
        }
        List<T> named = byName.getOrDefault(wanted, byName.getOrDefault(turned(wanted), List.of()));
        if (named.size() == 1) {
            return new Meant<>(named.get(0), "");
        }
        return new Meant<>(
                null,
                text.isBlank()
                        ? "says nothing about whom it is"
                        : named.isEmpty()
                                ? "nobody here has the code, address or name “" + text + "”"
                                : named.size() + " people are called “" + text + "”; use their codes");
    }

    /** Kerensa Saltonstall of Saltonstall, Kerensa. */
    private static String turned(String name) {
        int comma = name.indexOf(',');
        return comma < 0
                ? name
                : name.substring(comma + 1).strip() + " "
                        + name.substring(0, comma).strip();
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFC)
                .strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\s+", " ");
    }
}
