package upahead.server.platform.serving;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import upahead.server.platform.problems.Refusal;

/**
 * Lets so much heavy work be done at once and no more. Who waits gets a turn after everybody else who waits had one, so that
 * somebody who asks for much holds up nobody but themselves; and nobody may have ever so much waiting.
 */
public final class FairTurns {

    private static final String THE_PROGRAM = "";

    private final int mostWaitingOfOne;
    private final Map<String, Deque<CountDownLatch>> waiting = new LinkedHashMap<>();
    private int free;

    /**
     * @param atOnce how many turns there are, above 0
     * @param mostWaitingOfOne how many of the same person wait at most
     */
    public FairTurns(int atOnce, int mostWaitingOfOne) {
        this.free = atOnce;
        this.mostWaitingOfOne = mostWaitingOfOne;
    }

    /**
     * Takes a turn, and waits for it as long as it takes.
     *
     * @param who asks
     * @throws Refusal if that one has enough waiting
     */
    public void take(String who) {
        take(who, mostWaitingOfOne);
    }

    /** Takes a turn for what the program does by itself, however much of that waits. */
    public void takeForProgram() {
        take(THE_PROGRAM, Integer.MAX_VALUE);
    }

    private void take(String who, int mostWaiting) {
        CountDownLatch turn = new CountDownLatch(1);
        synchronized (this) {
            if (free > 0) {
                free--;
                return;
            }
            Deque<CountDownLatch> own = waiting.computeIfAbsent(who, unused -> new ArrayDeque<>());
            if (own.size() >= mostWaiting) {
                throw Refusal.tooMuch("You have asked for much that takes long. Please wait until some of it is done.");
            }
            own.add(turn);
        }
        awaitWhateverHappens(turn);
    }

    /** Gives a turn back, to whoever waits. */
    public synchronized void giveBack() {
        Iterator<Map.Entry<String, Deque<CountDownLatch>>> next =
                waiting.entrySet().iterator();
        if (!next.hasNext()) {
            free++;
            return;
        }
        Map.Entry<String, Deque<CountDownLatch>> first = next.next();
        next.remove();
        first.getValue().remove().countDown();
        if (!first.getValue().isEmpty()) {
            waiting.put(first.getKey(), first.getValue());
        }
    }

    /** An interrupted thread would close the data file under everybody else once it reads. */
    private static void awaitWhateverHappens(CountDownLatch turn) {
        boolean interrupted = false;
        while (true) {
            try {
                turn.await();
                break;
            } catch (InterruptedException later) {
                interrupted = true;
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
