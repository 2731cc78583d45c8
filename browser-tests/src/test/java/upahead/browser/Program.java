package upahead.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.openqa.selenium.support.ui.FluentWait;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.server.DemoData;
import upahead.server.UpAhead;

/** The real program on a free port, with its data in a folder, to be stopped and started as often as wanted. */
final class Program implements AutoCloseable {

    private final Path data;
    private ConfigurableApplicationContext running;

    private Program(Path data) {
        this.data = data;
    }

    /** Starts the program with the demo data. */
    static Program withDemoData(Path data) {
        DemoData.copyTo(data);
        Program program = new Program(data);
        program.start("--spring.profiles.active=demo");
        return program;
    }

    /** Starts the program with nothing in it. */
    static Program empty(Path data) {
        Program program = new Program(data);
        program.start();
        return program;
    }

    /** Stops it and starts it again as somebody would who keeps the data. */
    void restart() {
        close();
        start();
    }

    String address() {
        return "http://localhost:"
                + ((WebServerApplicationContext) running).getWebServer().getPort();
    }

    /** The newest mail to an address, as it lies in the folder beside the data once it has left. */
    String mailTo(String address) {
        return new FluentWait<>(data.resolve("mail"))
                .withTimeout(Patience.LONGEST)
                .until(folder -> newest(folder, address).orElse(null));
    }

    private static Optional<String> newest(Path folder, String address) {
        try (Stream<Path> all = Files.list(folder)) {
            Optional<Path> newest = all.filter(
                            file -> file.getFileName().toString().contains(address))
                    .max(Comparator.comparing(Path::getFileName));
            return newest.isEmpty() ? Optional.empty() : Optional.of(Files.readString(newest.get()));
        } catch (IOException notThereYet) {
            return Optional.empty();
        }
    }

    @Override
    public void close() {
        running.close();
    }

    private void start(String... more) {
        String[] arguments = new String[more.length + 3];
        System.arraycopy(more, 0, arguments, 0, more.length);
        arguments[more.length] = "--server.port=0";
        arguments[more.length + 1] = "--upahead.data=" + data.toAbsolutePath();
        arguments[more.length + 2] = "--upahead.warm-start=false";
        running = UpAhead.start(arguments);
    }
}
