package upahead.server.accounts;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import upahead.core.ledger.Comparison;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.clock.MovableClock;

/**
 * Derives the accounts of some people for a moment once the program is ready, beside whatever it is asked, so that whoever
 * comes first does not wait for the computation to be compiled. Not done on data that last no longer than the program.
 */
@Component
@ConditionalOnExpression("'${spring.datasource.url}'.startsWith('jdbc:h2:durable:')")
class WarmStart {

    private static final Duration LONGEST = Duration.ofSeconds(4);
    private static final int SOME = 400;
    private static final int YEARS_AHEAD = 2;

    private final Accounts accounts;
    private final People people;
    private final MovableClock clock;

    WarmStart(Accounts accounts, People people, MovableClock clock) {
        this.accounts = accounts;
        this.people = people;
        this.clock = clock;
    }

    @EventListener
    void warm(ApplicationReadyEvent ready) {
        Thread warming = new Thread(this::derive, "warm start");
        warming.setDaemon(true);
        warming.start();
    }

    private void derive() {
        LocalDate today = clock.today();
        List<LocalDate> days = List.of(today, today.plusYears(1), today.plusYears(YEARS_AHEAD));
        long end = System.nanoTime() + LONGEST.toNanos();
        for (int page = 0; System.nanoTime() < end; page++) {
            List<Person> some = people.search(new PeopleQuery(null, null, null, null, null, page, SOME));
            if (some.isEmpty()) {
                return;
            }
            accounts.of(some, Outlook.ahead(today, today.plusYears(YEARS_AHEAD))).parallelStream()
                    .forEach(
                            each -> Comparison.of(each.account(), each.account().policy(), days));
        }
    }
}
