package upahead.server.platform.audit;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.json.Page;

/** The audit trail, to read. */
@RestController
@RequestMapping("/api/audit")
class AuditController {

    private final AuditTrail trail;

    AuditController(AuditTrail trail) {
        this.trail = trail;
    }

    @GetMapping
    Page<AuditRecord> read(
            @RequestParam(required = false) String subject,
            @RequestParam(required = false) Long subjectId,
            @RequestParam(required = false) String actor,
            @RequestParam(required = false) String search,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate through,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
        return trail.read(new AuditQuery(subject, subjectId, actor, search, from, through, page, size));
    }

    @GetMapping("/subjects")
    List<String> subjects() {
        return trail.subjects();
    }

    @GetMapping("/export")
    ResponseEntity<String> export(
            @RequestParam(required = false) String subject,
            @RequestParam(required = false) Long subjectId,
            @RequestParam(required = false) String actor,
            @RequestParam(required = false) String search,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate through) {
        return trail.export(new AuditQuery(subject, subjectId, actor, search, from, through, 0, 1))
                .answer();
    }
}
