package upahead.server.demo;

import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.DemoClock;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.daily.DailyWork;

/** In a demo, fills an empty program with Brindlemoor Gardens, by calling what a person would call. */
@Component
class DemoSetUp implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoSetUp.class);
    private static final SignedIn PAYROLL =
            new SignedIn(0, DemoPeople.ADMINISTRATOR, "Teodric Brackwyn", Role.ADMINISTRATOR, null);

    private final DemoPeople demoPeople;
    private final DemoPolicies demoPolicies;
    private final DemoSpecialTerms specialTerms;
    private final DemoHistory history;
    private final DemoRequestRules requestRules;
    private final DemoStaffing staffing;
    private final DemoCards cards;
    private final DemoRates rates;
    private final DailyWork daily;
    private final People people;
    private final CurrentUser user;
    private final MovableClock clock;
    private final DemoClock demoClock;
    private final boolean demo;

    DemoSetUp(
            DemoPeople demoPeople,
            DemoPolicies demoPolicies,
            DemoSpecialTerms specialTerms,
            DemoHistory history,
            DemoRequestRules requestRules,
            DemoStaffing staffing,
            DemoCards cards,
            DemoRates rates,
            DailyWork daily,
            People people,
            CurrentUser user,
            MovableClock clock,
            DemoClock demoClock,
            @Value("${upahead.demo}") boolean demo) {
        this.demoPeople = demoPeople;
        this.demoPolicies = demoPolicies;
        this.specialTerms = specialTerms;
        this.history = history;
        this.requestRules = requestRules;
        this.staffing = staffing;
        this.cards = cards;
        this.rates = rates;
        this.daily = daily;
        this.people = people;
        this.user = user;
        this.clock = clock;
        this.demoClock = demoClock;
        this.demo = demo;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (demo && people.count(PeopleQuery.everybody()) == 0) {
            setUp();
        }
    }

    private void setUp() {
        long start = System.nanoTime();
        user.actAs(PAYROLL, () -> {
            clock.moveTo(DemoPolicies.START);
            Map<String, Person> byCode = demoPeople.setUp();
            demoPolicies.setUp(byCode.values());
            specialTerms.setUp(byCode.values());
            history.live(byCode);
            requestRules.setUp();
            demoClock.moveTo(DemoHistory.TODAY);
            staffing.setUp(byCode);
            cards.setUp(byCode.values());
            rates.setUp(byCode.values());
            daily.skipToday();
            return null;
        });
        LOG.info("Brindlemoor Gardens is set up ({} ms)", (System.nanoTime() - start) / 1_000_000);
    }
}
