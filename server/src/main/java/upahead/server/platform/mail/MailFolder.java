package upahead.server.platform.mail;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.stereotype.Component;

/**
 * The simulated post where no mail server is set: each mail lies as a text in the folder {@code mail} beside the data, for
 * whoever runs the program. So an invitation reaches somebody who cannot sign in yet, and nobody reads it in the pages.
 */
@Component
@ConditionalOnExpression("'${spring.mail.host:}'.isEmpty()")
class MailFolder implements Transport {

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

    @Override
    public void deliver(Message mail, Optional<Attachment> attachment) throws IOException {
        if (folder != null) {
            Files.createDirectories(folder);
            String name = WHEN.format(mail.at()) + "-" + mail.recipient().replaceAll("[^A-Za-z0-9@.-]", "_");
            Files.writeString(
                    folder.resolve(name + "-" + mail.id() + ".txt"),
                    "To: " + mail.recipient() + "\nSubject: " + mail.subject() + "\n\n" + mail.body() + "\n");
            if (attachment.isPresent()) {
                Files.write(
                        folder.resolve(
                                name + "-" + mail.id() + "-" + attachment.get().name()),
                        attachment.get().content());
            }
        }
    }
}
