package upahead.server.platform.problems;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;

/** What a filter answers where it lets a request go no further. */
public final class ProblemAnswer {

    private ProblemAnswer() {}

    /** Writes a problem with its sentence. */
    public static void write(ObjectMapper json, HttpServletResponse response, HttpStatus status, String sentence)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        json.writeValue(response.getWriter(), ProblemDetail.forStatusAndDetail(status, sentence));
    }
}
