package upahead.server.company;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.clock.MovableClock;

/** The whole company as one file, and all about one person. */
@RestController
class CompanyController {

    private final CompanyCopies copies;
    private final PersonCopies people;
    private final MovableClock clock;

    CompanyController(CompanyCopies copies, PersonCopies people, MovableClock clock) {
        this.people = people;
        this.copies = copies;
        this.clock = clock;
    }

    @GetMapping(path = "/api/company", produces = "application/zip")
    void copy(HttpServletResponse response) throws IOException {
        answer(copies.take(), "company-" + clock.today() + ".zip", response);
    }

    /** All that is kept about one person. */
    @GetMapping(path = "/api/people/{personId}/everything", produces = "application/zip")
    void copy(@PathVariable long personId, HttpServletResponse response) throws IOException {
        answer(people.take(personId), "person-" + personId + "-" + clock.today() + ".zip", response);
    }

    private static void answer(Path file, String name, HttpServletResponse response) throws IOException {
        try {
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(name).build().toString());
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.delete(file);
        }
    }
}
