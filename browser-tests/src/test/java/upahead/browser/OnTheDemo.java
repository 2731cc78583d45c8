package upahead.browser;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** The program with its demo data, started once for a class, and a fresh browser for each test. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class OnTheDemo {

    static final String PASSWORD = "walled-garden";

    Program program;
    Browser browser;

    @BeforeAll
    void start(@TempDir Path data) {
        program = Program.withDemoData(data);
    }

    @BeforeEach
    void open() {
        browser = new Browser(program.address());
    }

    @AfterEach
    void close() {
        browser.close();
    }

    @AfterAll
    void stop() {
        program.close();
    }

    /** Lets the administrator sign in. */
    void administrator() {
        browser.signInAndEnter("teodric", PASSWORD);
    }
}
