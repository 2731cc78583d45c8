package upahead.core.cards;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import upahead.core.cards.CardFault.Kind;
import upahead.core.cards.Stretch.What;

/** What holds of every card, however it was typed. */
class CardLawsTest {

    private static final Instant MIDNIGHT = Instant.parse("2027-04-20T00:00:00Z");
    private static final int MOST_MINUTES = 30 * 60;

    @Provide
    Arbitrary<List<Stretch>> days() {
        return Combinators.combine(
                        Arbitraries.of(What.class),
                        Arbitraries.integers().between(0, MOST_MINUTES),
                        Arbitraries.integers().between(1, 20 * 60))
                .as((what, from, length) -> Stretch.of(what, minute(from), minute(from + length)))
                .list()
                .ofMaxSize(6);
    }

    @Property
    void ofAFinishedDayNothingOverlapsAndTheHoursAreThoseCountedMinuteByMinute(
            @ForAll("days") List<Stretch> stretches) {
        CardDay day = new CardDay(stretches);
        if (!day.isFinished()) {
            return;
        }
        for (Stretch one : day.stretches()) {
            for (Stretch other : day.stretches()) {
                assertThat(one == other
                                || one.what() != other.what()
                                || one.shared(other).isZero())
                        .isTrue();
            }
        }
        assertThat(day.worked()).isEqualTo(Duration.ofMinutes(minuteByMinute(stretches)));
    }

    @Property
    void theOrderInWhichItIsTypedDoesNotMatter(@ForAll("days") List<Stretch> stretches, @ForAll Random random) {
        List<Stretch> shuffled = new ArrayList<>(stretches);
        Collections.shuffle(shuffled, random);
        assertThat(new CardDay(shuffled).worked()).isEqualTo(new CardDay(stretches).worked());
        assertThat(new CardDay(shuffled).isFinished()).isEqualTo(new CardDay(stretches).isFinished());
    }

    @Property
    void everyFaultNamesAStretchThatIsThere(@ForAll("days") List<Stretch> stretches) {
        CardDay day = new CardDay(stretches);
        assertThat(day.faults())
                .allMatch(fault -> fault.at() >= 0 && fault.at() < stretches.size())
                .noneMatch(fault -> fault.kind() == Kind.NO_BEGIN || fault.kind() == Kind.NO_END);
    }

    private static Instant minute(int at) {
        return MIDNIGHT.plus(Duration.ofMinutes(at));
    }

    private static long minuteByMinute(List<Stretch> stretches) {
        long minutes = 0;
        for (int at = 0; at <= MOST_MINUTES + 20 * 60; at++) {
            Instant minute = minute(at);
            minutes += covers(stretches, What.WORK, minute) && !covers(stretches, What.BREAK, minute) ? 1 : 0;
        }
        return minutes;
    }

    private static boolean covers(List<Stretch> stretches, What what, Instant minute) {
        return stretches.stream()
                .anyMatch(each -> each.what() == what
                        && !each.from().orElseThrow().isAfter(minute)
                        && each.to().orElseThrow().isAfter(minute));
    }
}
