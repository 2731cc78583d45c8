package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.ConnectException;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import upahead.server.UpAhead;

class DatabaseServerTest {

    /** A port on which nobody listens. */
    private static final String NOBODY = "jdbc:postgresql://127.0.0.1:1/up_ahead";

    @Test
    void aServerThatIsNotThereIsSaidInOneSentence() {
        assertThatThrownBy(() -> SpringApplication.run(
                        UpAhead.class,
                        "--server.port=0",
                        "--spring.datasource.url=" + NOBODY,
                        "--logging.level.root=off"))
                .hasRootCauseInstanceOf(ConnectException.class)
                .satisfies(failure -> assertThat(reason(failure))
                        .startsWith("the database at " + NOBODY + " lets nobody in:")
                        .endsWith("Is the server running, and are the name and password right?"));
    }

    private static String reason(Throwable failure) {
        Throwable cause = failure;
        while (!(cause instanceof CannotStart)) {
            cause = cause.getCause();
        }
        return cause.getMessage();
    }
}
