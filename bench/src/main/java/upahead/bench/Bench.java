package upahead.bench;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs all measurements and prints them; with numbers of people as arguments, only the whole run of these sizes. */
public final class Bench {

    private static final List<Integer> SIZES = List.of(1_000, 2_000, 5_000, 10_000);

    private Bench() {}

    public static void main(String[] arguments) throws RunnerException, IOException {
        if (arguments.length > 0) {
            WholeRun.measure(Arrays.stream(arguments).map(Integer::valueOf).toList());
            return;
        }
        new Runner(new OptionsBuilder()
                        .include(DeriveBenchmark.class.getSimpleName())
                        .build())
                .run();
        WholeRun.measure(SIZES);
    }
}
