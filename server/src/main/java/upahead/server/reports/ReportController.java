package upahead.server.reports;

import java.time.LocalDate;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reports, on the screen and as files. */
@RestController
@RequestMapping("/api/reports")
class ReportController {

    private final Reports reports;

    ReportController(Reports reports) {
        this.reports = reports;
    }

    @GetMapping
    List<Reports.Offered> offered() {
        return reports.offered();
    }

    @GetMapping("/{name}")
    ReportView report(
            @PathVariable String name,
            @RequestParam LocalDate from,
            @RequestParam LocalDate through,
            @RequestParam(required = false) Long teamId) {
        return reports.ask(name, from, through, teamId).view();
    }

    @GetMapping(path = "/{name}/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(
            @PathVariable String name,
            @RequestParam LocalDate from,
            @RequestParam LocalDate through,
            @RequestParam(required = false) Long teamId) {
        return reports.ask(name, from, through, teamId).csv(name).answer();
    }

    @GetMapping("/{name}/table.xlsx")
    ResponseEntity<byte[]> xlsx(
            @PathVariable String name,
            @RequestParam LocalDate from,
            @RequestParam LocalDate through,
            @RequestParam(required = false) Long teamId) {
        return reports.ask(name, from, through, teamId).xlsx(name).answer();
    }
}
