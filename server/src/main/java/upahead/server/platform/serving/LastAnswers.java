package upahead.server.platform.serving;

import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import org.springframework.boot.web.context.WebServerGracefulShutdownLifecycle;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Leaves a moment between the last request that is worked on and the end of the connections, when the program is asked to
 * stop: a request counts as done a little before the end of its answer has been written, and whoever has closed a run then
 * is to hear of it.
 */
@Component
class LastAnswers implements SmartLifecycle {

    private static final Duration MOMENT = Duration.ofMillis(200);

    private volatile boolean running;

    /** After the server has waited for its requests, and before it closes its connections. */
    @Override
    public int getPhase() {
        return WebServerGracefulShutdownLifecycle.SMART_LIFECYCLE_PHASE - 512;
    }

    @Override
    public void start() {
        running = true;
    }

    @Override
    public void stop() {
        LockSupport.parkNanos(MOMENT.toNanos());
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
