package upahead.bench;

import java.nio.file.Path;
import java.time.LocalDate;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.clock.DemoClock;

/** The made-up company left in a folder, so that every screen can be looked at with all its people. */
final class KeptCompany {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);
    private static final int PERIODS = 7;
    private static final String NAME = "bench";
    private static final String PASSWORD = "walled-garden";
    private static final long FIRST_PERSON = 1;

    private KeptCompany() {}

    static void make(Path folder, int people) {
        FreshProgram.on(folder, program -> {
            new Company(program, people).setUp(PERIODS);
            program.getBean(DemoClock.class).moveTo(TODAY);
            program.getBean(SignIns.class).add(NAME, PASSWORD, Role.ADMINISTRATOR, "Bench", FIRST_PERSON);
            return null;
        });
        System.out.printf(
                "%d people are in %s; start the program with --data %s and sign in as %s with %s%n",
                people, folder, folder, NAME, PASSWORD);
    }
}
