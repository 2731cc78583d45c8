package upahead.bench;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.accounts.overview.BalanceQuery;
import upahead.server.accounts.overview.EverybodysBalances;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayRuns;
import upahead.server.payruns.Proof;
import upahead.server.payruns.ProofReport;
import upahead.server.payruns.RunChecking;
import upahead.server.payruns.RunClosing;
import upahead.server.payruns.WorksheetQuery;
import upahead.server.platform.clock.MovableClock;

/**
 * The whole program with its database in a file: half a year's start of a company, a pay run closed and stored, the same
 * lines inserted barely, and the first page of balances.
 */
final class WholeRun {

    private static final int RUNS_BEFORE = 6;
    private static final int POLICIES = 5;
    private static final int ROWS = 100;

    private record Measured(
            int people,
            long lines,
            Duration gather,
            Duration rows,
            Duration check,
            Duration close,
            Duration bareInsert,
            Duration proof,
            Duration firstPage,
            Duration lastPage,
            long peakMegabytes) {

        double ratio() {
            return (double) close.toNanos() / bareInsert.toNanos();
        }
    }

    private WholeRun() {}

    static void measure(List<Integer> sizes) throws IOException {
        System.out.println("A pay run of N people times five policies, after " + RUNS_BEFORE + " closed fortnights, "
                + FreshProgram.place());
        System.out.printf(
                "%8s %9s %9s %8s %8s %10s %12s %7s %10s %12s %12s %9s%n",
                "people",
                "lines",
                "gather ms",
                "rows ms",
                "check ms",
                "close ms",
                "insert ms",
                "ratio",
                "proof ms",
                "1st page ms",
                "last page ms",
                "peak MB");
        Measured smallest = null;
        for (int people : sizes) {
            Measured measured = measure(people);
            System.out.printf(
                    "%8d %9d %9d %8d %8d %10d %12d %7.2f %10d %12d %12d %9d%n",
                    measured.people(),
                    measured.lines(),
                    measured.gather().toMillis(),
                    measured.rows().toMillis(),
                    measured.check().toMillis(),
                    measured.close().toMillis(),
                    measured.bareInsert().toMillis(),
                    measured.ratio(),
                    measured.proof().toMillis(),
                    measured.firstPage().toMillis(),
                    measured.lastPage().toMillis(),
                    measured.peakMegabytes());
            smallest = smallest == null ? measured : smallest;
            if (people > smallest.people()) {
                System.out.printf(
                        "         %.1f times the people of the smallest take %.1f times its time to close%n",
                        (double) people / smallest.people(),
                        (double) measured.close().toNanos() / smallest.close().toNanos());
            }
        }
    }

    private static Measured measure(int people) throws IOException {
        return FreshProgram.measure(program -> measure(program, people));
    }

    private static Measured measure(ConfigurableApplicationContext program, int people) {
        Company company = new Company(program, people);
        long groupId = company.setUp(RUNS_BEFORE + 1);
        PayRuns runs = program.getBean(PayRuns.class);
        RunClosing closing = program.getBean(RunClosing.class);
        RunChecking checking = program.getBean(RunChecking.class);
        MovableClock clock = program.getBean(MovableClock.class);
        for (int before = 0; before < RUNS_BEFORE; before++) {
            PayRun run = runs.ofGroup(groupId).get(0);
            clock.moveTo(run.lastDay().plusDays(1));
            checking.check(run.id(), "as it should be");
            closing.close(run.id());
        }
        PayRun run = runs.ofGroup(groupId).get(0);
        clock.moveTo(run.lastDay().plusDays(1));
        Duration gather = Stopwatch.time(() -> runs.worksheet(run.id()));
        Duration rows = Stopwatch.median(
                () -> runs.rows(run.id(), new WorksheetQuery("1", null, null, WorksheetQuery.Which.MOVED, "-earned")));
        Duration check = Stopwatch.time(() -> {
            checking.check(run.id(), "as it should be");
            return null;
        });
        // as the page does after a check
        runs.worksheet(run.id());
        System.gc();
        resetPeaks();
        Duration close = Stopwatch.time(() -> closing.close(run.id()));
        long peak = peakMegabytes();
        BareInsert bare = new BareInsert(program.getBean(DSLContext.class), run.id());
        TransactionTemplate transaction = program.getBean(TransactionTemplate.class);
        Duration insert = bare.median(transaction);
        ProofReport[] report = new ProofReport[1];
        Duration proof =
                Stopwatch.time(() -> report[0] = program.getBean(Proof.class).prove());
        if (!report[0].differences().isEmpty()) {
            throw new IllegalStateException("posted is not derived");
        }
        EverybodysBalances balances = program.getBean(EverybodysBalances.class);
        LocalDate asOf = run.lastDay().plusDays(1);
        return new Measured(
                people,
                bare.size(),
                gather,
                rows,
                check,
                close,
                insert,
                proof,
                page(balances, asOf, 0),
                page(balances, asOf, people * POLICIES - ROWS),
                peak);
    }

    private static Duration page(EverybodysBalances balances, LocalDate asOf, int firstRow) {
        return Stopwatch.median(() -> balances.slice(BalanceQuery.all(asOf, ""), firstRow, ROWS));
    }

    private static Stream<MemoryPoolMXBean> heap() {
        return ManagementFactory.getMemoryPoolMXBeans().stream().filter(pool -> pool.getType() == MemoryType.HEAP);
    }

    private static void resetPeaks() {
        heap().forEach(MemoryPoolMXBean::resetPeakUsage);
    }

    private static long peakMegabytes() {
        return heap().mapToLong(pool -> pool.getPeakUsage().getUsed()).sum() >> 20;
    }
}
