package upahead.server.accounts.effects;

import java.time.Duration;
import java.time.LocalDate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.stereotype.Component;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyVersion;

/**
 * Works out what a version that changes nothing would change, for a moment once the program is ready and beside whatever it
 * is asked, so that whoever comes first does not wait for the computation to be compiled. Not done on data that last no
 * longer than the program.
 */
@Component
class WarmStart implements ApplicationListener<ApplicationReadyEvent> {

    private static final SignedIn PROGRAM = new SignedIn(0, "", "Up Ahead", Role.ADMINISTRATOR, null);
    private static final Duration LONGEST = Duration.ofSeconds(6);
    private static final int PART = 500;

    private final Impact impact;
    private final Policies policies;
    private final CurrentUser user;
    private final MovableClock clock;
    private final boolean wanted;

    WarmStart(
            Impact impact,
            Policies policies,
            CurrentUser user,
            MovableClock clock,
            @Value("${upahead.warm-start}") boolean wanted,
            @Value("${spring.datasource.url}") String database) {
        this.impact = impact;
        this.policies = policies;
        this.user = user;
        this.clock = clock;
        this.wanted = wanted && database.startsWith("jdbc:h2:durable:");
    }

    @Override
    public void onApplicationEvent(ApplicationReadyEvent ready) {
        if (wanted) {
            Thread warming = new Thread(() -> user.actAs(PROGRAM, this::work), "warm start");
            warming.setDaemon(true);
            warming.start();
        }
    }

    private Void work() {
        LocalDate from = clock.today().plusYears(1);
        long end = System.nanoTime() + LONGEST.toNanos();
        for (PolicyDetail policy : policies.all()) {
            if (!policy.recordedOnly() && !policy.versions().isEmpty()) {
                PolicyVersion version = policy.versions().get(policy.versions().size() - 1);
                int people = 1;
                for (int page = 0; page * PART < people && System.nanoTime() < end; page++) {
                    people = impact.of(policy.id(), version.terms(), from, Coverage.everybody(), page, PART)
                            .people();
                }
            }
        }
        return null;
    }
}
