package upahead.server.payruns.delivery;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Writes messages to payroll, and reads its answers with suspicion: what is not wholly clear is no answer. */
@Component
class Answers {

    private static final int LONGEST_REASON = 300;

    private final ObjectMapper json;

    Answers(ObjectMapper json) {
        this.json = json;
    }

    /** An answer that cannot be read; what came of the rows is not known. */
    static final class Unclear extends Exception {

        private static final long serialVersionUID = 1L;

        Unclear(String message) {
            super(message);
        }
    }

    String written(PayrollMessage message) {
        try {
            return json.writeValueAsString(message);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /**
     * The reasons for which rows were refused, by their keys.
     *
     * @throws Unclear if the text is no answer, is about another message, or leaves a row out or names one twice
     */
    Map<String, String> refused(PayrollMessage message, String text) throws Unclear {
        PayrollAnswer answer = read(text);
        if (!message.message().equals(answer.message())) {
            throw new Unclear("Payroll answered about another message.");
        }
        Map<String, String> refused = new HashMap<>();
        Set<String> asked = message.rows().stream().map(PayrollMessage.Row::row).collect(Collectors.toSet());
        for (PayrollAnswer.Taken row : answer.rows()) {
            if (!asked.remove(row.row())) {
                throw new Unclear("Payroll answered about rows that it was not asked for, or twice.");
            }
            if (!row.taken()) {
                refused.put(row.row(), reason(row));
            }
        }
        if (!asked.isEmpty()) {
            throw new Unclear("Payroll said nothing of " + asked.size() + " of "
                    + message.rows().size() + " rows.");
        }
        return refused;
    }

    private PayrollAnswer read(String text) throws Unclear {
        try {
            PayrollAnswer answer = json.readValue(text, PayrollAnswer.class);
            if (answer == null
                    || answer.rows() == null
                    || answer.rows().stream().anyMatch(Objects::isNull)) {
                throw new Unclear("Payroll’s answer cannot be read.");
            }
            return answer;
        } catch (JsonProcessingException unreadable) {
            throw new Unclear("Payroll’s answer cannot be read.");
        }
    }

    private static String reason(PayrollAnswer.Taken row) {
        String reason = row.reason() == null || row.reason().isBlank()
                ? "no reason given"
                : row.reason().strip();
        return reason.length() > LONGEST_REASON ? reason.substring(0, LONGEST_REASON) : reason;
    }
}
