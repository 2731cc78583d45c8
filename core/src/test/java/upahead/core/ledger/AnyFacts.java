package upahead.core.ledger;

import static upahead.core.ledger.AnyAccount.amounts;
import static upahead.core.ledger.AnyAccount.days;

import java.time.LocalDate;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import upahead.core.facts.Adjustment;
import upahead.core.facts.Facts;
import upahead.core.facts.OpeningBalance;
import upahead.core.facts.OpeningBalance.OpeningLot;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.leave.Taken;
import upahead.core.quantity.Amount;

/** Facts of all kinds. */
final class AnyFacts {

    private AnyFacts() {}

    static Arbitrary<Facts> facts() {
        return Combinators.combine(
                        work("regular", 80),
                        work("leave", 10),
                        work("holiday", 4),
                        taken().list().ofMaxSize(12),
                        adjustments().list().ofMaxSize(6),
                        openings().list().uniqueElements(OpeningBalance::on).ofMaxSize(2))
                .as(Facts::new);
    }

    static Arbitrary<Taken> taken() {
        return Combinators.combine(days(0), amounts(0, 12)).as(Taken::new);
    }

    private static Arbitrary<WorkLog> work(String kind, int most) {
        return Combinators.combine(days(0), amounts(0, 12))
                .as((on, hours) -> new Work(on, kind, hours))
                .list()
                .ofMaxSize(most)
                .map(WorkLog::new);
    }

    private static Arbitrary<Adjustment> adjustments() {
        return Combinators.combine(days(30), amounts(-12, 12), Arbitraries.of("found", "counted twice"))
                .as(Adjustment::new);
    }

    private static Arbitrary<OpeningBalance> openings() {
        return days(200)
                .flatMap(on -> Combinators.combine(lots(on).list().ofMaxSize(3), amounts(-20, 60), amounts(0, 40))
                        .as((lots, whole, counter) -> opening(on, lots, whole, counter)));
    }

    private static OpeningBalance opening(LocalDate on, List<OpeningLot> lots, Amount whole, Amount counter) {
        Amount balance = lots.isEmpty()
                ? whole
                : Amount.sum(lots.stream().map(OpeningLot::amount).toList());
        return new OpeningBalance(on, balance, counter, counter, lots, counter);
    }

    private static Arbitrary<OpeningLot> lots(LocalDate on) {
        return Combinators.combine(
                        amounts(1, 30),
                        AnyAccount.whole(0, 300).map(on::plusDays).optional(0.6))
                .as(OpeningLot::new);
    }
}
