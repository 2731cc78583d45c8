package upahead.server.platform.serving;

import jakarta.annotation.PreDestroy;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;

/** Works out anew what has changed, one thing after the other, while whoever asked looks at what was known before. */
@Component
public class BehindTheScenes {

    private static final Logger LOG = LoggerFactory.getLogger(BehindTheScenes.class);

    private final CurrentUser user;
    private final Set<Object> underWay = ConcurrentHashMap.newKeySet();
    private final ExecutorService worker = Executors.newSingleThreadExecutor();

    BehindTheScenes(CurrentUser user) {
        this.user = user;
    }

    /**
     * Works something out in the name of whoever asks, unless that is under way; what fails is asked for again by the next.
     *
     * @param what equals what is the same work
     */
    public void workOut(Object what, Runnable work) {
        if (underWay.add(what)) {
            SignedIn whoAsks = user.get();
            worker.execute(() -> {
                try {
                    user.actAs(whoAsks, () -> {
                        work.run();
                        return null;
                    });
                } catch (RuntimeException failed) {
                    LOG.warn("what changed could not be worked out anew", failed);
                } finally {
                    underWay.remove(what);
                }
            });
        }
    }

    public boolean isUnderWay(Object what) {
        return underWay.contains(what);
    }

    @PreDestroy
    void end() {
        // never interrupted: that would close the file of the database
        worker.shutdown();
    }
}
