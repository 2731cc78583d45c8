package upahead.server.platform.problems;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is answered where the request did not get as far as one of our own pages or services. */
@Hidden
@RestController
class NothingThere implements ErrorController {

    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : HttpStatus.NOT_FOUND;
        HttpStatus known = status == null ? HttpStatus.BAD_REQUEST : status;
        String sentence = known == HttpStatus.NOT_FOUND
                ? "There is nothing at this address."
                : "This could not be answered: " + known.getReasonPhrase().toLowerCase() + ".";
        return ResponseEntity.status(known)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(known, sentence));
    }
}
