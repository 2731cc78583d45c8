package upahead.server.demo;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ApplicationListener;
import org.springframework.stereotype.Component;
import upahead.server.platform.clock.DemoClock;

/** Says on the terminal where the program is, and in a demo who can sign in. */
@Component
class Greeting implements ApplicationListener<ApplicationReadyEvent> {

    private final DemoClock demoClock;
    private final boolean onlySetUp;

    Greeting(DemoClock demoClock, @Value("${upahead.only-set-up}") boolean onlySetUp) {
        this.demoClock = demoClock;
        this.onlySetUp = onlySetUp;
    }

    @Override
    public void onApplicationEvent(ApplicationReadyEvent ready) {
        if (onlySetUp) {
            // what a first page takes is among what Java then keeps for later starts
            FirstPage.askFor(ready.getApplicationContext());
            System.exit(SpringApplication.exit(ready.getApplicationContext()));
        }
        if (ready.getApplicationContext() instanceof WebServerApplicationContext context) {
            boolean tls = context.getEnvironment().containsProperty("server.ssl.bundle");
            greet((tls ? "https" : "http") + "://localhost:"
                    + context.getWebServer().getPort());
        }
    }

    private void greet(String address) {
        System.out.println("\nUp Ahead is ready: " + address);
        if (demoClock.isRunning()) {
            System.out.println(String.join(
                    "\n",
                    "This is Brindlemoor Gardens, a made-up botanic garden, on its demo day.",
                    "  administrator  " + DemoPeople.ADMINISTRATOR + "  (Teodric Brackwyn, payroll)",
                    "  approver       " + DemoPeople.APPROVER + "   (Corvin Harnquist, leads Grounds)",
                    "  employee       " + DemoPeople.EMPLOYEE + "  (Kerensa Saltonstall, Grounds)",
                    "  password       " + DemoPeople.PASSWORD,
                    "  clock code     " + DemoPeople.clockCode("B127") + "  (Kerensa, at a clock terminal)"));
        }
        System.out.println("Ctrl+C ends it.\n");
    }
}
