package upahead.server.platform.hooks;

import jakarta.annotation.PreDestroy;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Sends messages, a few addresses beside each other and one message to each at a time: a slow one holds up no other. */
@Component
class Runner {

    private static final Logger LOG = LoggerFactory.getLogger(Runner.class);
    private static final int AT_ONCE = 4;
    private static final int TO_THE_END_SECONDS = 5;

    private final Waiting waiting;
    private final HookCall call;
    private final Set<Long> busy = new HashSet<>();
    private final ExecutorService runners = Executors.newFixedThreadPool(AT_ONCE, work -> {
        Thread thread = new Thread(work, "runner");
        thread.setDaemon(true);
        return thread;
    });

    Runner(Waiting waiting, HookCall call) {
        this.waiting = waiting;
        this.call = call;
    }

    /** Runs once what is written is stored. */
    void runAfterCommit() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                run();
            }
        });
    }

    /** Runs by itself for what was not taken before. */
    @Scheduled(fixedDelayString = "${upahead.webhooks.every:5s}", initialDelayString = "${upahead.webhooks.every:5s}")
    void run() {
        try {
            runners.execute(this::sendAll);
        } catch (RejectedExecutionException closing) {
            LOG.debug("what is left is sent after the next start");
        }
    }

    /** Sends all that is due. */
    void sendAll() {
        try {
            Optional<HookMessage> next = take();
            while (next.isPresent()) {
                send(next.get());
                next = take();
            }
        } catch (RuntimeException failed) {
            LOG.warn("what is left is sent later: {}", failed.getMessage());
        }
    }

    /** One runner at a time looks for the next message, so that no address has two. */
    private synchronized Optional<HookMessage> take() {
        LocalDateTime now = LocalDateTime.now();
        List<Long> others = List.copyOf(busy);
        Optional<HookMessage> next = waiting.isAnyDue(now, others) ? waiting.take(now, others) : Optional.empty();
        next.ifPresent(message -> busy.add(message.webhookId()));
        return next;
    }

    private void send(HookMessage message) {
        try {
            String problem = call.send(message);
            waiting.became(message, LocalDateTime.now(), problem);
            if (!problem.isEmpty()) {
                LOG.warn("message {} is sent again later: {}", message.mark(), problem);
            }
        } finally {
            synchronized (this) {
                busy.remove(message.webhookId());
            }
        }
    }

    @PreDestroy
    void finish() throws InterruptedException {
        runners.shutdown();
        runners.awaitTermination(TO_THE_END_SECONDS, TimeUnit.SECONDS);
    }
}
