package upahead.browser;

import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
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

    /** Fills a folder with the demo data. */
    static void fill(Path data) {
        Program program = new Program(data);
        program.start("--spring.profiles.active=demo");
        program.close();
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

    @Override
    public void close() {
        running.close();
    }

    private void start(String... more) {
        String[] arguments = new String[more.length + 2];
        System.arraycopy(more, 0, arguments, 0, more.length);
        arguments[more.length] = "--server.port=0";
        arguments[more.length + 1] = "--upahead.data=" + data.toAbsolutePath();
        running = SpringApplication.run(UpAhead.class, arguments);
    }
}
