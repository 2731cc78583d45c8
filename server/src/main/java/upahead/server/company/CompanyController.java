package upahead.server.company;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.clock.MovableClock;

/** The whole company as one file. */
@RestController
@RequestMapping("/api/company")
class CompanyController {

    private final CompanyCopies copies;
    private final MovableClock clock;

    CompanyController(CompanyCopies copies, MovableClock clock) {
        this.copies = copies;
        this.clock = clock;
    }

    @GetMapping(produces = "application/zip")
    void copy(HttpServletResponse response) throws IOException {
        Path file = copies.take();
        try {
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment()
                            .filename("company-" + clock.today() + ".zip")
                            .build()
                            .toString());
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.delete(file);
        }
    }
}
