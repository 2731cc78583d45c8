package upahead.server.platform.mail;

import jakarta.annotation.PreDestroy;
import java.time.LocalDateTime;
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

/** Delivers mail, one after the other, beside what the program is asked: a mail server that fails holds nobody up. */
@Component
class Postman {

    private static final Logger LOG = LoggerFactory.getLogger(Postman.class);
    private static final int TO_THE_END_SECONDS = 5;

    private final Outbox outbox;
    private final Transport transport;
    private final ExecutorService round = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "postman");
        thread.setDaemon(true);
        return thread;
    });

    Postman(Outbox outbox, Transport transport) {
        this.outbox = outbox;
        this.transport = transport;
    }

    /** Comes once what is written is stored. */
    void comeAfterCommit() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                come();
            }
        });
    }

    /** Comes by itself for what could not be delivered before. */
    @Scheduled(fixedDelayString = "${upahead.mail.every:30s}", initialDelayString = "${upahead.mail.every:30s}")
    void come() {
        try {
            round.execute(this::deliverAll);
        } catch (RejectedExecutionException closing) {
            LOG.debug("what is left is delivered after the next start");
        }
    }

    /** Delivers all that is due. */
    void deliverAll() {
        try {
            while (outbox.isAnyDue(LocalDateTime.now())) {
                outbox.take(LocalDateTime.now()).ifPresent(this::deliver);
            }
        } catch (RuntimeException failed) {
            LOG.warn("mail is delivered later: {}", failed.getMessage());
        }
    }

    private void deliver(Message mail) {
        try {
            transport.deliver(mail, outbox.attachment(mail));
            outbox.delivered(mail.id(), LocalDateTime.now());
        } catch (Exception failed) {
            LOG.warn("mail {} is tried again: {}", mail.id(), failed.getMessage());
            outbox.failed(mail.id(), LocalDateTime.now(), String.valueOf(failed.getMessage()));
        }
    }

    @PreDestroy
    void finish() throws InterruptedException {
        round.shutdown();
        round.awaitTermination(TO_THE_END_SECONDS, TimeUnit.SECONDS);
    }
}
