package upahead.server.payruns.delivery;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.payruns.HandOver;
import upahead.server.payruns.HandOverFigures;
import upahead.server.payruns.PayrollLine;
import upahead.server.payruns.delivery.DeliveryStore.Sending;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.sql.Locks;

/**
 * Brings to payroll what is to be delivered, one after the other. What is not answered clearly is sent again later as it
 * was: payroll takes each row once, by its key.
 */
@Component
public class Courier {

    private static final Logger LOG = LoggerFactory.getLogger(Courier.class);
    private static final SignedIn PROGRAM = new SignedIn(0, "", "Up Ahead", Role.ADMINISTRATOR, null);
    private static final int ROWS_OF_A_MESSAGE = 2000;
    private static final int LONGEST_FAILURE = 300;
    private static final Duration LONGEST_ROUND = Duration.ofMinutes(10);

    private final DeliveryStore deliveries;
    private final RefusedLineStore refusals;
    private final HandOver handOver;
    private final Layouts layouts;
    private final Answers answers;
    private final PayrollSystem payroll;
    private final CurrentUser user;
    private final MovableClock clock;
    private final TransactionTemplate change;
    private final Locks locks;

    Courier(
            DeliveryStore deliveries,
            RefusedLineStore refusals,
            HandOver handOver,
            Layouts layouts,
            Answers answers,
            PayrollSystem payroll,
            CurrentUser user,
            MovableClock clock,
            TransactionTemplate change,
            Locks locks) {
        this.locks = locks;
        this.deliveries = deliveries;
        this.refusals = refusals;
        this.handOver = handOver;
        this.layouts = layouts;
        this.answers = answers;
        this.payroll = payroll;
        this.user = user;
        this.clock = clock;
        this.change = change;
    }

    /** Comes by itself for what was not answered before. */
    @Scheduled(fixedDelayString = "${upahead.delivery.every:30s}", initialDelayString = "${upahead.delivery.every:30s}")
    void comeByItself() {
        try {
            if (!deliveries.waiting().isEmpty()) {
                locks.once("payroll courier", LONGEST_ROUND, Duration.ZERO, this::come);
            }
        } catch (RuntimeException failed) {
            LOG.warn("payroll gets its rows later: {}", failed.getMessage());
        }
    }

    /** Sends all that waits. What comes later about the same run waits until what came before is answered. */
    public synchronized void come() {
        List<Long> heldUp = new ArrayList<>();
        for (Sending sending : deliveries.waiting()) {
            long runId = sending.delivery().runId();
            if (!heldUp.contains(runId) && !user.actAs(PROGRAM, () -> send(sending))) {
                heldUp.add(runId);
            }
        }
    }

    private boolean send(Sending sending) {
        Delivery delivery = sending.delivery();
        try {
            Map<Long, String> refused = sent(sending);
            change.executeWithoutResult(status -> answered(sending, refused));
            return true;
        } catch (IOException | Answers.Unclear failed) {
            String why = String.valueOf(failed.getMessage());
            LOG.warn("delivery {} is tried again: {}", delivery.id(), why);
            change.executeWithoutResult(status -> deliveries.failed(
                    delivery.id(), why.length() > LONGEST_FAILURE ? why.substring(0, LONGEST_FAILURE) : why));
            return false;
        }
    }

    /** Tells why lines were refused, by their ids. */
    private Map<Long, String> sent(Sending sending) throws IOException, Answers.Unclear {
        HandOverFigures figures = figures(sending);
        Layout layout = layouts.of(figures.run().payGroupId()).layout();
        List<PayrollLine> lines = lines(sending, figures);
        Map<Long, String> refused = new HashMap<>();
        for (int from = 0; from < lines.size(); from += ROWS_OF_A_MESSAGE) {
            List<PayrollLine> some = lines.subList(from, Math.min(lines.size(), from + ROWS_OF_A_MESSAGE));
            PayrollMessage message = new PayrollMessage(
                    sending.token() + "-" + (from / ROWS_OF_A_MESSAGE + 1),
                    figures.payGroup(),
                    some.stream().map(line -> row(figures, layout, line)).toList());
            answers.refused(message, payroll.deliver(answers.written(message)))
                    .forEach((row, reason) -> refused.put(Long.parseLong(row), reason));
        }
        return refused;
    }

    private HandOverFigures figures(Sending sending) {
        Delivery delivery = sending.delivery();
        return handOver.of(delivery.runId(), delivery.closing(), delivery.reversal());
    }

    private List<PayrollLine> lines(Sending sending, HandOverFigures figures) {
        if (!sending.partial()) {
            return figures.lines();
        }
        Set<Long> some = deliveries.lines(sending.delivery().id());
        return figures.lines().stream().filter(line -> some.contains(line.id())).toList();
    }

    private static PayrollMessage.Row row(HandOverFigures figures, Layout layout, PayrollLine line) {
        return new PayrollMessage.Row(
                Long.toString(line.id()),
                line.line().personCode(),
                line.line().personName(),
                layout.code(line.line().payrollCode()),
                line.line().what(),
                line.line().amount(),
                line.line().unit().name().toLowerCase(Locale.ROOT),
                line.line().about().first(),
                line.line().about().last(),
                figures.entry(line.line()));
    }

    /** Where the close was undone meanwhile, what payroll has not taken is not taken back, and need not be settled. */
    private void leaveOutOfReversal(Delivery delivery, Set<Long> refused) {
        deliveries.of(delivery.runId(), delivery.closing(), true).ifPresent(reversal -> {
            List<PayrollLine> lines =
                    handOver.of(delivery.runId(), delivery.closing(), false).lines();
            List<PayrollLine> takenBack =
                    handOver.of(delivery.runId(), delivery.closing(), true).lines();
            for (int at = 0; at < lines.size(); at++) {
                if (refused.contains(lines.get(at).id())) {
                    deliveries.leaveOut(reversal.id(), takenBack.get(at).id());
                }
            }
            refusals.settle(refused, reversal.askedBy(), clock.now(), Deliveries.UNDONE);
        });
    }

    private void answered(Sending sending, Map<Long, String> refused) {
        Delivery delivery = sending.delivery();
        if (!deliveries.answered(delivery.id(), clock.now())) {
            return;
        }
        refused.forEach((line, reason) -> refusals.refuse(delivery.runId(), line, reason, clock.now()));
        if (!delivery.reversal() && !refused.isEmpty()) {
            leaveOutOfReversal(delivery, refused.keySet());
        }
        if (sending.partial()) {
            refusals.settle(
                    deliveries.lines(delivery.id()).stream()
                            .filter(line -> !refused.containsKey(line))
                            .toList(),
                    delivery.askedBy(),
                    clock.now(),
                    "taken when it was delivered again");
        }
    }
}
