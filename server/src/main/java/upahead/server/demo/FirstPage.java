package upahead.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ApplicationContext;
import upahead.server.platform.starting.AtTheDoor;

/** The page that a program that has just started is asked for. */
final class FirstPage {

    private static final Logger LOG = LoggerFactory.getLogger(FirstPage.class);
    private static final String PAGE = "/";

    private FirstPage() {}

    /** Asks the program for it, as a browser does; what is answered is of no interest. */
    static void askFor(ApplicationContext program) {
        int port = ((WebServerApplicationContext) program).getWebServer().getPort();
        Stream<String> askedByIt =
                program.getBeansOfType(AtTheDoor.class).values().stream().map(AtTheDoor::address);
        for (String address : Stream.concat(Stream.of(PAGE), askedByIt).toList()) {
            try (InputStream page =
                    URI.create("http://localhost:" + port + address).toURL().openStream()) {
                page.transferTo(OutputStream.nullOutputStream());
            } catch (IOException notAnswered) {
                LOG.info("the first page was not answered: {}", notAnswered.getMessage());
            }
        }
    }
}
