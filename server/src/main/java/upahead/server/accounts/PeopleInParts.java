package upahead.server.accounts;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.Progress;
import upahead.server.platform.serving.FairTurns;

/**
 * Works through many people part by part, so that never everyone's facts are in memory at once. Several parts are worked
 * on beside each other, each reading what is committed; a group that is one part is worked on where it was called.
 */
@Component
public class PeopleInParts {

    private static final int PEOPLE_OF_A_PART = 500;
    private static final int WORKERS = Math.max(2, Runtime.getRuntime().availableProcessors());

    /** How many large groups are read at once: each takes a connection for every worker, and others want some, too. */
    private static final int GROUPS_AT_ONCE = 2;

    private static final int MOST_WAITING_OF_ONE = 6;

    private final FairTurns turns = new FairTurns(GROUPS_AT_ONCE, MOST_WAITING_OF_ONE);
    private final CurrentUser user;
    private final TransactionTemplate reading;

    private final Progress progress;

    PeopleInParts(PlatformTransactionManager transactions, Progress progress, CurrentUser user) {
        this.user = user;
        this.progress = progress;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /**
     * Works through people. Large groups wait for their turn, before anything is read: whoever calls this holds no
     * connection, but for a close, of which there is only one at a time. Turns go round among those who wait.
     *
     * @param work what is done with a part; only reads
     * @param results takes what came out of each part, in the order of the people's ids, in which their facts lie
     *     together, on the calling thread
     */
    public <T> void each(List<Person> people, Function<List<Person>, T> work, Consumer<T> results) {
        List<List<Person>> parts = parts(
                people.stream().sorted(Comparator.comparingLong(Person::id)).toList());
        if (parts.size() <= 1) {
            parts.forEach(part -> results.accept(reading.execute(status -> work.apply(part))));
            return;
        }
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            besideEachOther(parts, work, results);
            return;
        }
        if (user.isSignedIn()) {
            turns.take(user.get().username());
        } else {
            turns.takeForProgram();
        }
        try {
            besideEachOther(parts, work, results);
        } finally {
            turns.giveBack();
        }
    }

    /** What came of some people. */
    private record Part<R>(int people, List<R> rows) {}

    /**
     * Works through people row by row, and tells how many of them are done.
     *
     * @param what is being done, in words that a count follows
     * @param work what comes of a part; only reads
     * @param rows takes each row, in the order of the people's ids, on the calling thread
     */
    public <R> void rows(List<Person> people, String what, Function<List<Person>, List<R>> work, Consumer<R> rows) {
        int[] done = new int[1];
        each(people, some -> new Part<>(some.size(), work.apply(some)), part -> {
            part.rows().forEach(rows);
            done[0] += part.people();
            progress.tell(what, done[0], people.size());
        });
    }

    private <T> void besideEachOther(List<List<Person>> parts, Function<List<Person>, T> work, Consumer<T> results) {
        ExecutorService workers = Executors.newFixedThreadPool(WORKERS);
        Queue<Future<T>> begun = new ArrayDeque<>();
        try {
            Iterator<List<Person>> next = parts.iterator();
            while (next.hasNext() || !begun.isEmpty()) {
                while (next.hasNext() && begun.size() <= WORKERS) {
                    List<Person> part = next.next();
                    begun.add(workers.submit(() -> reading.execute(status -> work.apply(part))));
                }
                results.accept(result(begun.remove()));
            }
        } finally {
            // what runs goes on to its end: interrupting a thread closes the file of the database it reads from
            begun.forEach(each -> each.cancel(false));
            workers.shutdown();
        }
    }

    private static List<List<Person>> parts(List<Person> people) {
        List<List<Person>> parts = new ArrayList<>();
        for (int from = 0; from < people.size(); from += PEOPLE_OF_A_PART) {
            parts.add(people.subList(from, Math.min(people.size(), from + PEOPLE_OF_A_PART)));
        }
        return parts;
    }

    private static <T> T result(Future<T> begun) {
        try {
            return begun.get();
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while working through people", interrupted);
        }
    }
}
