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
        return Stream.generate(() -> time(work))
                .limit(REPEATS)
                .sorted()
                .skip(REPEATS / 2)
                .findFirst()
                .orElseThrow();
    }
}
