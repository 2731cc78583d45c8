package upahead.server.platform.problems;

import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import java.lang.reflect.RecordComponent;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error as problem details (RFC 9457), naming the field where there is one. */
@RestControllerAdvice
class ProblemDetails extends ResponseEntityExceptionHandler {

    /** How the states begin that a database gives for a text too long or a number out of its range. */
    private static final String TOO_LARGE = "22";

    private static final Logger LOG = LoggerFactory.getLogger(ProblemDetails.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        return problem(refusal.status(), refusal.field(), refusal.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refusedByCore(IllegalArgumentException refused) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, null, sentence(refused.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noSuchDay(DateTimeException beyond) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, null, "There is no such day; please check the dates.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> outOfReach(AccessDeniedException denied) {
        return problem(HttpStatus.FORBIDDEN, null, "This is not yours to see or to change.");
    }

    /** A long change of somebody else is still under way; nobody waits for it for ever. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> noTurn(CannotAcquireLockException waited) {
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                null,
                "A long change is under way, as when a large run is closed; nothing was stored. Please try again in a"
                        + " moment.");
    }

    /** Two did the same at one moment, too close together for the checks before it; the database let one through. */
    @ExceptionHandler({DataIntegrityViolationException.class, ConcurrencyFailureException.class})
    ResponseEntity<ProblemDetail> atTheSameMoment(DataAccessException second) {
        if (second.getRootCause() instanceof SQLException cause
                && cause.getSQLState().startsWith(TOO_LARGE)) {
            return problem(HttpStatus.UNPROCESSABLE_ENTITY, null, "A text is too long here, or a figure too large.");
        }
        LOG.info("the same at one moment: {}", second.getClass().getSimpleName());
        return problem(
                HttpStatus.CONFLICT,
                null,
                "Somebody changed the same thing at this moment; yours was not stored. Please look again.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(Exception unexpected) {
        if (LostDatabase.isNotThere(unexpected) || LostDatabase.isGone(unexpected)) {
            LOG.warn("the database is not there: {}", unexpected.getMessage());
            return problem(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    null,
                    LostDatabase.isNotThere(unexpected) ? LostDatabase.NOT_THERE : LostDatabase.GONE_MEANWHILE);
        }
        LOG.error("unexpected", unexpected);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                null,
                "Something went wrong on our side; nothing was changed. Please try again."
                        + Optional.ofNullable(MDC.get("request"))
                                .map(id -> " Whoever looks after the program finds it as " + id + ".")
                                .orElse(""));
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException larger, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(HttpStatus.PAYLOAD_TOO_LARGE)
                .body(detail(
                        HttpStatus.PAYLOAD_TOO_LARGE, "file", "A file has at most 20 MB; nothing of it was kept."));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<String> order = fieldsInOrder(invalid.getParameter().getParameterType());
        var error = invalid.getBindingResult().getFieldErrors().stream()
                .min(Comparator.comparingInt(each -> order.indexOf(each.getField())));
        ProblemDetail detail = detail(
                HttpStatus.UNPROCESSABLE_ENTITY,
                error.map(each -> each.getField()).orElse(null),
                error.map(ProblemDetails::said).orElse("Something is missing."));
        return ResponseEntity.unprocessableEntity().body(detail);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        String field = unreadable.getCause() instanceof JsonMappingException mapping
                ? mapping.getPath().stream()
                        .map(reference -> reference.getFieldName() == null
                                ? String.valueOf(reference.getIndex())
                                : reference.getFieldName())
                        .collect(Collectors.joining("."))
                : null;
        String message = "This could not be read; please check what was typed.";
        if (unreadable.getMostSpecificCause() instanceof NumberFormatException) {
            message = "This must be a number.";
        } else if (unreadable.getCause() instanceof InvalidFormatException format
                && format.getTargetType() == LocalTime.class) {
            message = "This must be a time such as 13:30.";
        } else if (unreadable.getMostSpecificCause() instanceof DateTimeException) {
            message = "This must be a date such as 2027-04-26, of a year from 1900 to 2199.";
        } else if (unreadable.getMostSpecificCause() instanceof IllegalArgumentException refused) {
            message = sentence(refused.getMessage());
        }
        return ResponseEntity.unprocessableEntity().body(detail(HttpStatus.UNPROCESSABLE_ENTITY, field, message));
    }

    /** A part of an address that says no number or date, or none that there is. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException mismatch, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String field = mismatch instanceof MethodArgumentTypeMismatchException argument ? argument.getName() : null;
        return ResponseEntity.badRequest().body(detail(HttpStatus.BAD_REQUEST, field, said(mismatch)));
    }

    /** What is wrong with a field: it breaks a rule, or says nothing that could be meant there. */
    private static String said(FieldError error) {
        return error.contains(TypeMismatchException.class)
                ? said(error.unwrap(TypeMismatchException.class))
                : sentence(error.getDefaultMessage());
    }

    private static String said(TypeMismatchException mismatch) {
        return LocalDate.class.equals(mismatch.getRequiredType())
                ? "This must be a date such as 2027-04-26, of a year from 1900 to 2199."
                : "There is nothing such as “" + mismatch.getValue() + "” here.";
    }

    /** The fields of a form as they are written, so that the first problem on the screen is the one that is told. */
    private static List<String> fieldsInOrder(Class<?> form) {
        return form.isRecord()
                ? Arrays.stream(form.getRecordComponents())
                        .map(RecordComponent::getName)
                        .toList()
                : List.of();
    }

    private static ResponseEntity<ProblemDetail> problem(HttpStatus status, String field, String message) {
        return ResponseEntity.status(status).body(detail(status, field, message));
    }

    private static ProblemDetail detail(HttpStatus status, String field, String message) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        if (field != null) {
            detail.setProperty("field", field);
        }
        return detail;
    }

    static String sentence(String message) {
        if (message == null || message.isEmpty()) {
            return "This cannot be done.";
        }
        String capital = Character.toUpperCase(message.charAt(0)) + message.substring(1);
        return capital.endsWith(".") ? capital : capital + ".";
    }
}
