package upahead.browser;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;

/** Several people who do things at once, each without a pause, until the program is gone. */
final class Commotion {

    private final List<Doing> all;
    private final List<CompletableFuture<Void>> underWay = new ArrayList<>();

    Commotion(Doing... all) {
        this.all = List.of(all);
    }

    void begin(ProgramProcess program) throws Exception {
        for (Doing each : all) {
            each.begin(program);
        }
        for (Doing each : all) {
            underWay.add(CompletableFuture.runAsync(() -> untilItIsGone(each, program)));
        }
    }

    private static void untilItIsGone(Doing doing, ProgramProcess program) {
        try {
            while (true) {
                doing.doIt(program);
            }
        } catch (IOException gone) {
            // which is what everybody here waits for
        } catch (Exception failed) {
            throw new CompletionException(failed);
        }
    }

    /** Waits until everybody has noticed that the program is gone; fails if anybody was refused before. */
    void end() {
        underWay.forEach(CompletableFuture::join);
        underWay.clear();
    }

    void isThere(ProgramProcess later) throws Exception {
        for (Doing each : all) {
            each.isThere(later);
        }
    }
}
