package upahead.server.payruns;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** The figures of a run person by person, as they are compared: hours as payroll gets them, and each balance. */
@Component
class RunFigures {

    private static final int WORDS = 2;

    private final RunPostings postings;

    RunFigures(RunPostings postings) {
        this.postings = postings;
    }

    /** Whose figure it is, and of what. */
    record Key(long personId, String what, Unit unit) {}

    /**
     * A figure.
     *
     * @param why in words, empty where nothing is to be said
     */
    record Figure(Amount amount, List<String> why) {}

    /** All figures of a run that are not 0. */
    Map<Key, Figure> of(PayRun run) {
        Map<Key, Figure> figures = new LinkedHashMap<>();
        postings.each(run, Function.identity(), person -> {
            person.worked()
                    .forEach(line ->
                            add(figures, new Key(line.personId(), line.what(), line.unit()), line.amount(), List.of()));
            person.accounts().forEach(account -> add(figures, account));
        });
        figures.values().removeIf(figure -> figure.amount().isZero());
        return figures;
    }

    private static void add(Map<Key, Figure> figures, AccountPostings account) {
        String policy = account.account().policy().name();
        Unit unit = account.account().policy().unit();
        long person = account.account().person().id();
        List<NewPosting> posted =
                account.lines().stream().map(CausedPosting::line).toList();
        for (NewPosting line : posted) {
            add(figures, new Key(person, policy + " " + words(line), unit), sized(line), List.of(line.why()));
        }
        if (!account.account().policy().recordedOnly()) {
            Amount closing = account.opening()
                    .plus(Amount.sum(posted.stream().map(NewPosting::amount).toList()));
            add(figures, new Key(person, policy + " balance", unit), closing, List.of());
        }
    }

    private static String words(NewPosting line) {
        if (line.isCorrection()) {
            return "corrected";
        }
        return switch (line.kind()) {
            case OPENING -> "opened";
            case EARNED -> "earned";
            case ADJUSTED -> "adjusted";
            case TAKEN -> "used";
            case LAPSED -> "lapsed";
            case PAID_OUT -> "paid out";
        };
    }

    /** What goes out is told as what it is, without its sign. */
    private static Amount sized(NewPosting line) {
        boolean goesOut =
                line.kind() == LineKind.TAKEN || line.kind() == LineKind.LAPSED || line.kind() == LineKind.PAID_OUT;
        return goesOut && !line.isCorrection() ? line.amount().negated() : line.amount();
    }

    private static void add(Map<Key, Figure> figures, Key key, Amount amount, List<String> why) {
        figures.merge(
                key,
                new Figure(amount, why),
                (one, other) -> new Figure(one.amount().plus(other.amount()), firstOf(one.why(), other.why())));
    }

    private static List<String> firstOf(List<String> one, List<String> other) {
        List<String> both = new ArrayList<>(one);
        both.addAll(other);
        return both.stream().distinct().limit(WORDS).toList();
    }
}
