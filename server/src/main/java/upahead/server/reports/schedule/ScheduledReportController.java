package upahead.server.reports.schedule;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reports that are sent by mail. */
@RestController
@RequestMapping("/api/scheduled-reports")
class ScheduledReportController {

    private final ScheduledReports reports;

    ScheduledReportController(ScheduledReports reports) {
        this.reports = reports;
    }

    @GetMapping
    List<ScheduledReport.Stored> all() {
        return reports.all();
    }

    /** Who can get them. */
    @GetMapping("/recipients")
    List<ScheduledReports.Recipient> recipients() {
        return reports.possible();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    List<ScheduledReport.Stored> add(@Valid @RequestBody ScheduledReport report) {
        return reports.add(report);
    }

    @DeleteMapping("/{id}")
    List<ScheduledReport.Stored> remove(@PathVariable long id) {
        return reports.remove(id);
    }
}
