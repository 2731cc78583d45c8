package upahead.server.platform.starting;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;

/** Work that was begun beside the rest of a start. */
public final class Beside {

    private Beside() {}

    /**
     * Waits until it is done.
     *
     * @throws RuntimeException as it was thrown there
     */
    public static void await(CompletableFuture<Void> work) {
        try {
            work.join();
        } catch (CompletionException failed) {
            throw failed.getCause() instanceof RuntimeException cause ? cause : failed;
        }
    }
}
