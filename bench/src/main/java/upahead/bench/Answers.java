package upahead.bench;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.core.calendar.DateSpan;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.overview.BalanceQuery;
import upahead.server.accounts.overview.EverybodysBalances;
import upahead.server.ahead.AheadOfAll;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.tables.ColumnView;
import upahead.server.reports.ReportFiles;
import upahead.server.reports.ReportFiles.Format;
import upahead.server.reports.ReportQuestion;
import upahead.server.value.ValueDays;
import upahead.server.value.ValueOfAll;
import upahead.server.yearend.YearEnds;

/** Everybody's balances in any order, what is ahead for everybody, and a report of all of them as a workbook. */
final class Answers {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);
    private static final int PERIODS = 7;
    private static final int ROWS = 100;
    private static final long CARRIED = 2;

    private Answers() {}

    static void measure(List<Integer> sizes) throws IOException {
        System.out.println("Answers about N people in five policies; milliseconds");
        for (int people : sizes) {
            FreshProgram.measure(program -> {
                new Company(program, people).setUp(PERIODS);
                program.getBean(MovableClock.class).moveTo(TODAY);
                tell(program, people);
                return null;
            });
        }
    }

    private static void tell(ConfigurableApplicationContext program, int people) {
        System.out.printf("%d people%n", people);
        EverybodysBalances balances = program.getBean(EverybodysBalances.class);
        print("a page by name, nothing known", Stopwatch.time(() -> page(balances, "")));
        print("another page by name", Stopwatch.median(() -> balances.slice(BalanceQuery.all(TODAY, ""), ROWS, ROWS)));
        print("by balance, all worked out once", Stopwatch.time(() -> page(balances, "balance")));
        List<Duration> orders = BalanceRow.COLUMNS.shown().stream()
                .map(ColumnView::key)
                .map(key -> Stopwatch.median(() -> page(balances, "-" + key)))
                .sorted()
                .toList();
        print("any column, median of them", orders.get(orders.size() / 2));
        print(
                "any column, the slowest",
                orders.stream().max(Comparator.naturalOrder()).orElseThrow());
        AheadOfAll ahead = program.getBean(AheadOfAll.class);
        DateSpan weeks = DateSpan.of(TODAY.plusDays(1), TODAY.plusWeeks(8));
        print("eight weeks ahead, once", Stopwatch.time(() -> ahead.rows(weeks)));
        print("eight weeks ahead, again", Stopwatch.median(() -> ahead.rows(weeks)));
        worth(program.getBean(ValueOfAll.class), program.getBean(YearEnds.class));
        workbook(program);
    }

    private static void worth(ValueOfAll value, YearEnds yearEnds) {
        ValueDays days = ValueDays.of(TODAY, null);
        print("what all of it is worth, once", Stopwatch.time(() -> value.rows(days)));
        print("what all of it is worth, again", Stopwatch.median(() -> value.rows(days)));
        print("a year's end of everybody, once", Stopwatch.time(() -> yearEnds.of(CARRIED, TODAY.getYear() + 1)));
        print("a year's end of everybody, again", Stopwatch.median(() -> yearEnds.of(CARRIED, TODAY.getYear() + 1)));
    }

    private static Object page(EverybodysBalances balances, String order) {
        return balances.slice(BalanceQuery.all(TODAY, order), 0, ROWS);
    }

    /** Of all balances and of the ledgers of a quarter, with how much memory it takes at most. */
    private static void workbook(ConfigurableApplicationContext program) {
        ReportFiles files = program.getBean(ReportFiles.class);
        DateSpan quarter = DateSpan.of(TODAY.minusMonths(3), TODAY);
        for (String report : List.of("balances", "ledger")) {
            System.gc();
            heap().forEach(MemoryPoolMXBean::resetPeakUsage);
            int[] bytes = new int[1];
            Duration taken = Stopwatch.time(() -> {
                bytes[0] = files.file(report, new ReportQuestion(quarter, null, null, ""), Format.XLSX)
                        .read()
                        .length;
                return null;
            });
            print("XLSX of " + report, taken);
            long peak = heap().stream()
                            .mapToLong(pool -> pool.getPeakUsage().getUsed())
                            .sum()
                    >> 20;
            System.out.printf("%34s %6d MB of heap at most, file %d kB%n", "", peak, bytes[0] >> 10);
        }
    }

    private static List<MemoryPoolMXBean> heap() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .toList();
    }

    private static void print(String what, Duration taken) {
        System.out.printf("%34s %6d%n", what, taken.toMillis());
    }
}
