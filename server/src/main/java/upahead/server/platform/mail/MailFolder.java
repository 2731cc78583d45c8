package upahead.server.platform.mail;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The simulated post: each mail also lies as a text in the folder {@code mail} beside the data, for whoever runs the
 * program. So an invitation reaches somebody who cannot sign in yet, and nobody reads it in the pages.
 */
@Component
class MailFolder {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private final Path folder;

    /**
     * @param url of the database: without a file of its own there is no folder either
     */
    MailFolder(@Value("${upahead.data:./data}") String data, @Value("${spring.datasource.url}") String url) {
        this.folder = url.startsWith("jdbc:h2:durable:")
                ? Path.of(data).toAbsolutePath().normalize().resolve("mail")
                : null;
    }

    /** Lays a mail into the folder when what it tells of is stored. */
    void post(LocalDateTime at, String recipient, String subject, String body) {
        if (folder != null) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCommit() {
                    write(WHEN.format(at) + "-" + recipient, recipient, subject, body);
                }
            });
        }
    }

    private void write(String name, String recipient, String subject, String body) {
        try {
            Files.createDirectories(folder);
            Path file = Files.createTempFile(folder, name.replaceAll("[^A-Za-z0-9@.-]", "_") + "-", ".txt");
            Files.writeString(file, "To: " + recipient + "\nSubject: " + subject + "\n\n" + body + "\n");
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
    }
}
