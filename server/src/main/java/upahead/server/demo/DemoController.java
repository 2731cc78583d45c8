package upahead.server.demo;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayRuns;
import upahead.server.platform.clock.DemoClock;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** What only a demo has: its clock, and files to try an import with. */
@RestController
@RequestMapping("/api/demo")
class DemoController {

    /** The day to make it. */
    record DemoDay(@NotNull(message = "please choose a day") LocalDate day) {}

    private final DemoClock clock;
    private final DemoHours hours;
    private final PayRuns runs;

    DemoController(DemoClock clock, DemoHours hours, PayRuns runs) {
        this.clock = clock;
        this.hours = hours;
        this.runs = runs;
    }

    @PostMapping("/clock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @May(Permission.KEEP_THE_COMPANY)
    void moveClock(@Valid @RequestBody DemoDay to) {
        requireDemo();
        clock.moveTo(to.day());
    }

    @GetMapping(path = "/pay-runs/{id}/hours.csv", produces = "text/csv")
    @May(Permission.KEEP_THE_COMPANY)
    ResponseEntity<String> hoursFile(@PathVariable long id) {
        requireDemo();
        PayRun run = runs.worksheet(id).run();
        return new CsvFile("hours-" + run.firstDay() + ".csv", hours.fileWithFaults(run.payGroupId(), run.period()))
                .answer();
    }

    private void requireDemo() {
        if (!clock.isRunning()) {
            throw Refusal.notFound("demo");
        }
    }
}
