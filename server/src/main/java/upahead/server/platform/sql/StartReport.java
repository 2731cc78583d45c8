package upahead.server.platform.sql;

import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Says in one sentence why the program cannot start, where that is known. */
@Order(Ordered.HIGHEST_PRECEDENCE)
public class StartReport implements SpringBootExceptionReporter {

    /** As the start-up asks for it; the context is of no use here. */
    public StartReport(ConfigurableApplicationContext context) {}

    @Override
    public boolean reportException(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotStart reason) {
                System.err.println("up-ahead: " + reason.getMessage());
                return true;
            }
        }
        return false;
    }
}
