package upahead.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntConsumer;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.core.earning.PerPeriod;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.quantity.Unit;
import upahead.server.accounts.effects.Impact;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.organisation.Organisation;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.files.FileColumns;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.server.staffing.PeopleImport;
import upahead.server.staffing.PeopleImport.Reading;
import upahead.written.WrittenTerms;

/** A company brought in from one file by a program that was just started, and what a draft would change for everybody. */
final class SettingUp {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final LocalDate NEXT_YEAR = LocalDate.of(2028, 1, 1);
    /** Before the arguments of the process that is started again. */
    static final String STARTED_AGAIN = "started-again";

    private static final Duration OPENED_AFTER = Duration.ofSeconds(8);
    private static final int PART = 2_000;
    private static final int TEAMS = 40;
    private static final int SITES = 5;

    private SettingUp() {}

    static void measure(List<Integer> sizes) throws IOException {
        System.out.println(
                "One file of N people, the first time cold; then, started again, a draft for all of them; milliseconds");
        System.out.printf(
                "%8s %9s %9s %9s %14s %14s %9s%n",
                "people", "look", "take", "again", "impact, first", "impact, second", "search");
        for (int people : sizes) {
            Path data = Files.createTempDirectory("up-ahead-bench");
            try {
                long policy = FreshProgram.on(data, program -> measure(program, people));
                startAgain(data, people, policy);
            } finally {
                FreshProgram.delete(data);
            }
        }
    }

    /**
     * In a process of its own, in which nothing is compiled yet, with the memory and the archive of classes that
     * {@code ./up-ahead start} gives it.
     */
    private static void startAgain(Path data, int people, long policy) throws IOException {
        Path archive = data.resolve("classes.jsa");
        runAgain("-XX:ArchiveClassesAtExit=" + archive, data, 0, policy);
        runAgain("-XX:SharedArchiveFile=" + archive, data, people, policy);
    }

    private static void runAgain(String classes, Path data, int people, long policy) throws IOException {
        Process again = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "@packaging/java.options",
                        "-XX:InitialRAMPercentage=4",
                        classes,
                        "-cp",
                        System.getProperty("java.class.path"),
                        Bench.class.getName(),
                        STARTED_AGAIN,
                        data.toString(),
                        String.valueOf(people),
                        String.valueOf(policy))
                .redirectOutput(people == 0 ? ProcessBuilder.Redirect.DISCARD : ProcessBuilder.Redirect.INHERIT)
                .redirectError(people == 0 ? ProcessBuilder.Redirect.DISCARD : ProcessBuilder.Redirect.INHERIT)
                .start();
        if (again.onExit().join().exitValue() != 0) {
            throw new IOException("the program started again did not end well");
        }
    }

    /**
     * What a draft changes, asked as soon as somebody can have opened it: some seconds after the start.
     *
     * @param people 0 to start only, and end
     */
    static void startedAgain(Path data, int people, long policy) {
        FreshProgram.on(data, program -> {
            program.getBean(MovableClock.class).moveTo(TODAY);
            if (people == 0) {
                return null;
            }
            LockSupport.parkNanos(OPENED_AFTER.toNanos());
            Impact impact = program.getBean(Impact.class);
            IntConsumer part = page -> impact.of(policy, terms("100"), NEXT_YEAR, Coverage.everybody(), page, PART);
            People directory = program.getBean(People.class);
            System.out.printf(
                    "%14d %14d %9d%n",
                    inParts(people, part).toMillis(),
                    inParts(people, part).toMillis(),
                    Stopwatch.median(() -> search(directory)).toMillis());
            return null;
        });
    }

    private static long measure(ConfigurableApplicationContext program, int people) {
        program.getBean(MovableClock.class).moveTo(TODAY);
        program.getBean(Organisation.class)
                .addPayGroup(
                        "Everybody",
                        new PayCalendar(PayCalendar.Every.FORTNIGHT, LocalDate.of(2027, 1, 4)),
                        PayDay.STANDARD);
        PeopleImport imports = program.getBean(PeopleImport.class);
        byte[] file = file(people);
        Reading asItComes = new Reading(FileColumns.Reading.BY_ITSELF, TODAY);
        Duration look = Stopwatch.time(() -> imports.preview(file, asItComes));
        Duration take = Stopwatch.time(() -> imports.take(file, asItComes));
        Duration again = Stopwatch.time(() -> imports.take(file, asItComes));
        System.out.printf("%8d %9d %9d %9d ", people, look.toMillis(), take.toMillis(), again.toMillis());
        return inForce(program.getBean(PolicyTexts.class), program.getBean(PuttingInForce.class));
    }

    private static Duration inParts(int people, IntConsumer part) {
        return Stopwatch.time(() -> {
            for (int page = 0; page * PART < people; page++) {
                part.accept(page);
            }
            return null;
        });
    }

    /** Two words as somebody types them: how many there are, and the first of them. */
    private static List<?> search(People directory) {
        PeopleQuery query = new PeopleQuery("person 123", null, null, null, null, 0, 25);
        directory.count(query);
        return directory.search(query);
    }

    private static long inForce(PolicyTexts texts, PuttingInForce inForce) {
        PolicyDetail draft = texts.write(new NewPolicy(
                "Leave",
                PolicyKind.VACATION,
                Unit.HOURS,
                true,
                "L",
                "01-01",
                new RequestRules(false, false, 0, false),
                terms("120")));
        inForce.putInForce(
                draft.id(), draft.versions().get(0).id(), 0, LocalDate.of(2027, 1, 4), Coverage.everybody(), "");
        return draft.id();
    }

    private static WrittenTerms terms(String balanceLimit) {
        return TermsWriter.perYear("91", PerPeriod.Every.PAY_PERIOD, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR)
                .scaledByFte()
                .limit(Limit.BALANCE, balanceLimit)
                .carry("40", Leftover.LAPSE)
                .write();
    }

    private static byte[] file(int people) {
        StringBuilder file =
                new StringBuilder("Code,Name,Team,Site,Pay group,Hired,Approver,Email,Mon,Tue,Wed,Thu,Fri\n");
        for (int at = 0; at < people; at++) {
            file.append("P%d,Person %d,Team %d,Site %d,Everybody,%s,%s,p%d@example.com,8,8,8,8,8%n"
                    .formatted(
                            at,
                            at * 7_919 % 10_007,
                            at % TEAMS,
                            at % SITES,
                            LocalDate.of(2010, 1, 4).plusDays(at % 5_000),
                            at == 0 ? "" : "P" + at / 20,
                            at));
        }
        return file.toString().getBytes(StandardCharsets.UTF_8);
    }
}
