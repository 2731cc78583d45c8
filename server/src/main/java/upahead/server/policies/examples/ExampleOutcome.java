package upahead.server.policies.examples;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.rehearsal.WrittenCase;

/**
 * What came of an example under some text of its policy.
 *
 * @param kept whether every figure expected came out
 * @param days in the order in which the example asks for them; none where it could not be run
 * @param fault why it could not be run, empty where it could
 */
public record ExampleOutcome(boolean kept, List<ExampleDay> days, String fault) {

    /** A day that was asked for. */
    public record ExampleDay(LocalDate asOf, List<ExampleFigure> figures) {}

    /**
     * A figure of a day.
     *
     * @param name as case files name it
     * @param expected null where the example says nothing about it
     */
    public record ExampleFigure(String name, Amount is, @Nullable Amount expected) {}

    static ExampleOutcome of(List<WrittenCase.Outcome> days) {
        return new ExampleOutcome(
                days.stream().allMatch(WrittenCase.Outcome::isKept),
                days.stream()
                        .map(day -> new ExampleDay(
                                day.asOf(),
                                WrittenCase.figureNames().stream()
                                        .map(name -> new ExampleFigure(
                                                name,
                                                day.figures().get(name),
                                                day.expected().get(name)))
                                        .toList()))
                        .toList(),
                "");
    }

    static ExampleOutcome faulty(String fault) {
        return new ExampleOutcome(false, List.of(), fault);
    }
}
