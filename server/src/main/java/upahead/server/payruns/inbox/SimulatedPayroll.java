package upahead.server.payruns.inbox;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.payruns.delivery.PayrollAnswer;
import upahead.server.payruns.delivery.PayrollAnswer.Taken;
import upahead.server.payruns.delivery.PayrollMessage;
import upahead.server.payruns.delivery.PayrollSystem;
import upahead.server.platform.clock.MovableClock;

/** The stand-in for a payroll system: it knows nothing of the program but the messages it gets. */
@Component
class SimulatedPayroll implements PayrollSystem {

    private final InboxStore store;
    private final ObjectMapper json;
    private final MovableClock clock;
    private final TransactionTemplate change;

    SimulatedPayroll(InboxStore store, ObjectMapper json, MovableClock clock, TransactionTemplate change) {
        this.store = store;
        this.json = json;
        this.clock = clock;
        this.change = change;
    }

    @Override
    public String deliver(String message) throws IOException {
        Behaviour behaviour = store.behaviour();
        if (behaviour == Behaviour.IS_SILENT) {
            throw new IOException("Payroll does not answer.");
        }
        PayrollMessage read = json.readValue(message, PayrollMessage.class);
        PayrollAnswer answer = change.execute(status -> take(read));
        return switch (behaviour) {
            case LOSES_ANSWERS -> throw new IOException("The connection to payroll broke before it answered.");
            case TALKS_NONSENSE -> "<h1>Something went wrong</h1>";
            default -> written(answer);
        };
    }

    private String written(PayrollAnswer answer) throws JsonProcessingException {
        return json.writeValueAsString(answer);
    }

    private PayrollAnswer take(PayrollMessage message) {
        Set<String> known = new HashSet<>(
                store.known(message.rows().stream().map(PayrollMessage.Row::row).toList()));
        List<String> unknownCodes = store.unknownCodes();
        List<Taken> answers = new ArrayList<>();
        List<InboxRow> taken = new ArrayList<>();
        for (PayrollMessage.Row row : message.rows()) {
            if (known.contains(row.row())) {
                answers.add(new Taken(row.row(), true, null));
            } else if (unknownCodes.contains(row.code())) {
                answers.add(new Taken(row.row(), false, "there is no code " + row.code()));
            } else {
                known.add(row.row());
                taken.add(row(row));
                answers.add(new Taken(row.row(), true, null));
            }
        }
        store.add(message.message(), taken);
        return new PayrollAnswer(message.message(), answers);
    }

    private InboxRow row(PayrollMessage.Row row) {
        return new InboxRow(
                row.row(),
                clock.now(),
                row.person(),
                row.name(),
                row.code(),
                row.what(),
                row.amount().toString(),
                row.unit(),
                row.from(),
                row.to(),
                row.entry());
    }
}
