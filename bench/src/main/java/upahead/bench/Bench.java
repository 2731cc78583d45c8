package upahead.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * Runs all measurements and prints them; with numbers of people as arguments, only the whole run of these sizes, and with
 * {@code setting-up} before them, only how long a company takes to be brought in; with {@code time-off}, only the queue and
 * the calendar; with {@code answers}, only balances, what is ahead and reports of everybody. With {@code company} and a folder before a number
 * it leaves a company of that many people there, to be looked at.
 */
public final class Bench {

    private static final String SETTING_UP = "setting-up";
    private static final String TIME_OFF = "time-off";
    private static final String HOURS = "hours";
    private static final String ANSWERS = "answers";
    private static final String COMPANY = "company";
    private static final int LARGEST = 10_000;
    private static final int WAITING = 2_000;
    private static final List<Integer> SIZES = List.of(1_000, 2_000, 5_000, 10_000);

    private Bench() {}

    public static void main(String[] arguments) throws RunnerException, IOException {
        if (arguments.length > 0 && arguments[0].equals(SETTING_UP)) {
            SettingUp.measure(sizes(arguments, 1));
            return;
        }
        if (arguments.length > 0 && arguments[0].equals(TIME_OFF)) {
            TimeOff.measure(LARGEST, WAITING);
            return;
        }
        if (arguments.length > 0 && arguments[0].equals(HOURS)) {
            Hours.measure(arguments.length > 1 ? sizes(arguments, 1) : SIZES);
            return;
        }
        if (arguments.length > 0 && arguments[0].equals(ANSWERS)) {
            Answers.measure(arguments.length > 1 ? sizes(arguments, 1) : List.of(LARGEST));
            return;
        }
        if (arguments.length > 1 && arguments[0].equals(COMPANY)) {
            KeptCompany.make(Path.of(arguments[1]), arguments.length > 2 ? Integer.parseInt(arguments[2]) : LARGEST);
            return;
        }
        if (arguments.length > 0 && arguments[0].equals(SettingUp.STARTED_AGAIN)) {
            SettingUp.startedAgain(Path.of(arguments[1]), Integer.parseInt(arguments[2]), Long.parseLong(arguments[3]));
            return;
        }
        if (arguments.length > 0) {
            WholeRun.measure(sizes(arguments, 0));
            return;
        }
        new Runner(new OptionsBuilder()
                        .include(DeriveBenchmark.class.getSimpleName())
                        .build())
                .run();
        WholeRun.measure(SIZES);
        SettingUp.measure(SIZES);
        TimeOff.measure(LARGEST, WAITING);
        Hours.measure(SIZES);
        Answers.measure(List.of(LARGEST));
    }

    private static List<Integer> sizes(String[] arguments, int from) {
        return Arrays.stream(arguments).skip(from).map(Integer::valueOf).toList();
    }
}
