package upahead.core.cards;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import upahead.core.cards.Stretch.What;
import upahead.core.hours.Work;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;

/**
 * A day of a card in one line, as somebody types it: "8-12 12:30-16:30", "22-6 (1:30-2)" with a break in brackets,
 * "9-12 training 13-17", "8-" as long as the end is not known, or hours without times: "7.5h 1h overtime".
 *
 * @param stretches in the order in which they were typed
 * @param hours by kind, of a day without times; empty where there are times
 */
public record TypedDay(List<TypedStretch> stretches, Map<String, Amount> hours) {

    private static final Pattern HOURS = Pattern.compile("(\\d{1,2}(?:[.,]\\d{1,4})?|\\d{1,2}:\\d{2})\\s*h(?:ours?)?");
    private static final String TIME = "\\d{1,2}(?:[:.]?\\d{2})?(?:\\s*[ap]\\.?m?\\b\\.?)?\\*?";
    private static final Pattern SPAN = Pattern.compile(
            "(" + TIME + ")?\\s*(?:-|–|—|\\bto\\b)\\s*(" + TIME + ")?|(" + TIME + ")\\s+(" + TIME + ")");
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L} ]*\\p{L}|\\p{L}");
    private static final Pattern BETWEEN = Pattern.compile("[\\s,;+]+");

    public TypedDay {
        stretches = List.copyOf(stretches);
        hours = Map.copyOf(hours);
    }

    /** What a line says that cannot be read, in words. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String words) {
            super(words);
        }
    }

    /**
     * Reads a line.
     *
     * @param kinds of hours that may be named
     * @return an empty day for an empty line
     * @throws Unreadable if it cannot be read, or has times and hours
     */
    public static TypedDay read(String line, Set<String> kinds) throws Unreadable {
        return new Reader(line.strip().toLowerCase(Locale.ROOT), kinds).read();
    }

    /** A day as it is shown and read again. */
    public static String line(CardDay day, ZoneId zone) {
        StringBuilder line = new StringBuilder();
        for (Stretch stretch : day.stretches()) {
            line.append(line.isEmpty() ? "" : " ");
            String span = stretch.from()
                            .map(at -> ClockTime.of(at, zone).toString())
                            .orElse("")
                    + "-"
                    + stretch.to().map(at -> ClockTime.of(at, zone).toString()).orElse("");
            line.append(stretch.what() == What.BREAK ? "(" + span + ")" : span);
            line.append(
                    stretch.what() == What.WORK && !stretch.kind().equals(Work.REGULAR) ? " " + stretch.kind() : "");
        }
        return line.toString();
    }

    /** Hours without times as they are shown and read again; those of regular work come first. */
    public static String line(Map<String, Amount> hours) {
        return hours.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<String, Amount> each) ->
                                !each.getKey().equals(Work.REGULAR))
                        .thenComparing(Map.Entry::getKey))
                .map(each -> each.getValue() + "h" + (each.getKey().equals(Work.REGULAR) ? "" : " " + each.getKey()))
                .collect(Collectors.joining(" "));
    }

    /** The moments that are meant on a day. */
    public CardDay on(LocalDate day, ZoneId zone) {
        return TypedStretch.day(day, stretches, zone);
    }

    public boolean isEmpty() {
        return stretches.isEmpty() && hours.isEmpty();
    }

    private static final class Reader {

        private final Set<String> kinds;
        private final List<TypedStretch> stretches = new ArrayList<>();
        private final Map<String, Amount> hours = new LinkedHashMap<>();
        private String rest;

        Reader(String line, Set<String> kinds) {
            this.rest = line;
            this.kinds = kinds;
        }

        TypedDay read() throws Unreadable {
            while (!rest.isEmpty()) {
                Optional<String> length = take(HOURS);
                if (length.isPresent()) {
                    hours.merge(kind(), hours(length.get()), Amount::plus);
                } else if (rest.startsWith("(")) {
                    rest = rest.substring(1).strip();
                    stretches.add(span(What.BREAK));
                    if (!rest.startsWith(")")) {
                        throw unreadable();
                    }
                    rest = rest.substring(1);
                } else {
                    stretches.add(span(What.WORK));
                }
                take(BETWEEN);
            }
            if (!stretches.isEmpty() && !hours.isEmpty()) {
                throw new Unreadable("give either times or hours, not both on one day");
            }
            return new TypedDay(stretches, hours);
        }

        private TypedStretch span(What what) throws Unreadable {
            Matcher match = SPAN.matcher(rest);
            if (!match.lookingAt() || match.group().length() < 2) {
                throw unreadable();
            }
            boolean apart = match.group(3) != null;
            Optional<ClockTime> from = time(apart ? match.group(3) : match.group(1));
            Optional<ClockTime> to = time(apart ? match.group(4) : match.group(2));
            rest = rest.substring(match.end()).strip();
            return new TypedStretch(what, what == What.WORK ? kind() : Work.REGULAR, from, to);
        }

        private Optional<ClockTime> time(String text) throws Unreadable {
            if (text == null) {
                return Optional.empty();
            }
            return Optional.of(
                    ClockTime.read(text).orElseThrow(() -> new Unreadable("“" + text + "” is no time of the clock")));
        }

        private String kind() throws Unreadable {
            Matcher match = WORD.matcher(rest);
            if (!match.lookingAt()) {
                return Work.REGULAR;
            }
            String word = match.group();
            String kind = kinds.stream()
                    .filter(each -> each.equals(word) || (word.length() > 2 && each.startsWith(word)))
                    .findFirst()
                    .orElseThrow(() -> new Unreadable(
                            "“" + word + "” is no kind of hours; there are " + String.join(", ", kinds)));
            rest = rest.substring(match.end());
            return kind;
        }

        private static Amount hours(String text) {
            String[] parts = text.replaceAll("\\s*h.*", "").split(":");
            return parts.length == 1
                    ? Amount.of(parts[0].replace(',', '.'))
                    : Amount.of(parts[0]).plus(ClockSpan.hours(Duration.ofMinutes(Long.parseLong(parts[1]))));
        }

        private Optional<String> take(Pattern pattern) {
            Matcher match = pattern.matcher(rest);
            if (!match.lookingAt()) {
                return Optional.empty();
            }
            String taken = match.group();
            rest = rest.substring(match.end()).strip();
            return Optional.of(taken);
        }

        private Unreadable unreadable() {
            return new Unreadable("“" + rest + "” cannot be read; write times as 8-12 12:30-16:30, or hours as 7.5h");
        }
    }
}
