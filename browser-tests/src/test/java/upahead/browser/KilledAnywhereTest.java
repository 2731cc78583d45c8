package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestReporter;
import org.junit.jupiter.api.io.TempDir;
import upahead.server.DemoData;

/** The program is killed at any moment while several people do things at once. */
class KilledAnywhereTest {

    private static final int ROUNDS = Integer.getInteger("upahead.kills", 2);
    private static final int LATEST_MOMENT = 2_500;
    private static final String MAIL_AT_ONCE = "--upahead.mail.every=1s";

    /** A mail that was on its way at a kill is tried again when this is over. */
    private static final String MAIL_TAKEN_FOR = "--upahead.mail.taken-for=20s";

    @TempDir
    Path folder;

    @BeforeEach
    void setUp() throws Exception {
        DemoData.copyTo(folder);
    }

    /** The moments are made up anew each time; a seed that was said brings the same ones again. */
    @Test
    void aKillAtAnyMomentLeavesNothingHalfDone(TestReporter told) throws Exception {
        long seed = Long.getLong("upahead.seed", System.nanoTime());
        Random moments = new Random(seed);
        Commotion commotion = new Commotion(new ClosingAnew(), new BringingHours(), new AskingForLeave(folder));
        ProgramProcess program = ProgramProcess.startWith(folder, MAIL_AT_ONCE, MAIL_TAKEN_FOR);
        for (int round = 1; round <= ROUNDS; round++) {
            commotion.begin(program);
            int moment = moments.nextInt(LATEST_MOMENT);
            CompletableFuture.delayedExecutor(moment, TimeUnit.MILLISECONDS).execute(program::killNow);
            commotion.end();
            told.publishEntry("killed after " + moment + " ms", "of the seed " + seed);
            program = ProgramProcess.startWith(folder, MAIL_AT_ONCE, MAIL_TAKEN_FOR);
            commotion.isThere(program);
        }
        program.kill();
        assertThat(ProgramProcess.verify(folder)).contains("What was posted is what is derived");
    }
}
