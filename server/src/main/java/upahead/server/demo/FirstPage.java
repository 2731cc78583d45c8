package upahead.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ApplicationContext;

/** The page that a program that has just started is asked for. */
final class FirstPage {

    private static final Logger LOG = LoggerFactory.getLogger(FirstPage.class);
    private static final List<String> ADDRESSES = List.of("/", "/api/session");

    private FirstPage() {}

    /** Asks the program for it, as a browser does; what is answered is of no interest. */
    static void askFor(ApplicationContext program) {
        int port = ((WebServerApplicationContext) program).getWebServer().getPort();
        for (String address : ADDRESSES) {
            try (InputStream page =
                    URI.create("http://localhost:" + port + address).toURL().openStream()) {
                page.transferTo(OutputStream.nullOutputStream());
            } catch (IOException notAnswered) {
                LOG.info("the first page was not answered: {}", notAnswered.getMessage());
            }
        }
    }
}
