package upahead.server.payruns.statements;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.payruns.FrozenStatement;
import upahead.server.payruns.FrozenStatements;
import upahead.server.platform.files.Download;

/** Pay statements. */
@RestController
@RequestMapping("/api")
class StatementController {

    /** A statement that somebody has. */
    record StatementEntry(long runId, LocalDate firstDay, LocalDate lastDay, LocalDateTime closedAt) {}

    private final FrozenStatements statements;

    StatementController(FrozenStatements statements) {
        this.statements = statements;
    }

    /** The statements of somebody, the newest first. */
    @GetMapping("/people/{personId}/statements")
    List<StatementEntry> of(@PathVariable long personId) {
        return statements.runsOf(personId).stream()
                .map(run -> new StatementEntry(run.id(), run.firstDay(), run.lastDay(), run.closedAt()))
                .toList();
    }

    /** One of them as PDF. */
    @GetMapping(path = "/people/{personId}/statements/{runId}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> one(@PathVariable long personId, @PathVariable long runId) {
        FrozenStatement frozen = statements.of(runId, personId);
        return new Download(name(frozen), MediaType.APPLICATION_PDF, StatementPage.of(frozen)).answer();
    }

    /** Everybody's statements of a closed run, in one archive that is written person by person. */
    @GetMapping(path = "/pay-runs/{id}/statements", produces = "application/zip")
    void all(@PathVariable long id, HttpServletResponse response) throws IOException {
        List<Long> people = statements.people(id);
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("statements-" + id + ".zip")
                        .build()
                        .toString());
        try (ZipOutputStream archive = new ZipOutputStream(response.getOutputStream())) {
            for (long person : people) {
                FrozenStatement frozen = statements.of(id, person);
                archive.putNextEntry(new ZipEntry(name(frozen)));
                archive.write(StatementPage.of(frozen));
                archive.closeEntry();
            }
        }
    }

    private static String name(FrozenStatement frozen) {
        return "statement-" + frozen.statement().code() + "-" + frozen.run().lastDay() + ".pdf";
    }
}
