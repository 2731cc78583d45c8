package upahead.bench;

import java.time.Duration;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** Times work. */
final class Stopwatch {

    private static final int REPEATS = 5;

    private Stopwatch() {}

    static Duration time(Supplier<?> work) {
        long start = System.nanoTime();
        work.get();
        return Duration.ofNanos(System.nanoTime() - start);
    }

    /** The median of doing it five times. */
    static Duration median(Supplier<?> work) {
        return median(() -> {}, work);
    }

    /** The median of doing it five times, each after something that is not timed. */
    static Duration median(Runnable before, Supplier<?> work) {
        return Stream.generate(() -> {
                    before.run();
                    return time(work);
                })
                .limit(REPEATS)
                .sorted()
                .skip(REPEATS / 2)
                .findFirst()
                .orElseThrow();
    }
}
