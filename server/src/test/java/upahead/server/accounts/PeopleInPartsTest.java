package upahead.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;

@WithDemo
class PeopleInPartsTest {

    private static final int PEOPLE_AT_ONCE = 10;
    /** Less than anybody waits for a connection that is not to be had. */
    private static final int LONGEST_WAIT = 25;

    @Autowired
    private PeopleInParts parts;

    @Autowired
    private People everybody;

    @Test
    void whatComesOutIsTakenInTheOrderOfThePeople() {
        List<Long> seen = new ArrayList<>();
        parts.each(people(1_700), some -> some.stream().map(Person::id).toList(), some -> {
            assertThat(some).hasSizeLessThanOrEqualTo(500);
            seen.addAll(some);
        });
        assertThat(seen).hasSize(1_700).isSorted();
    }

    @Test
    void aFailureInOnePartEndsAllWithItsReason() {
        assertThatThrownBy(() -> parts.each(
                        people(1_700),
                        some -> {
                            if (some.get(0).id() > 600) {
                                throw new IllegalStateException("no more");
                            }
                            return some;
                        },
                        some -> {}))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("no more");
    }

    /** Interrupting a thread that reads closes the file of the database, for everybody. */
    @Test
    void nobodyIsInterruptedWhereTheRowsAreNotWantedAnyMore() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch ended = new CountDownLatch(1);
        BlockingQueue<Boolean> interrupted = new LinkedBlockingQueue<>();
        assertThatThrownBy(() -> parts.each(
                        people(1_000),
                        some -> {
                            if (some.get(0).id() > 500) {
                                begun.countDown();
                                interrupted.add(waits(ended));
                            }
                            return some;
                        },
                        some -> {
                            await(begun);
                            throw new IllegalStateException("enough");
                        }))
                .hasMessage("enough");
        ended.countDown();
        assertThat(interrupted.poll(LONGEST_WAIT, TimeUnit.SECONDS)).isFalse();
    }

    private static void await(CountDownLatch latch) {
        assertThat(waits(latch)).isFalse();
    }

    private static boolean waits(CountDownLatch latch) {
        try {
            latch.await(LONGEST_WAIT, TimeUnit.SECONDS);
            return false;
        } catch (InterruptedException interrupted) {
            return true;
        }
    }

    @Test
    void tenWhoWorkThroughALargeGroupAtOnceAllGetThrough() throws Exception {
        CyclicBarrier together = new CyclicBarrier(PEOPLE_AT_ONCE);
        ExecutorService ten = Executors.newFixedThreadPool(PEOPLE_AT_ONCE);
        try {
            List<Future<Integer>> all = new ArrayList<>();
            for (int each = 0; each < PEOPLE_AT_ONCE; each++) {
                all.add(ten.submit(() -> {
                    together.await();
                    List<Integer> found = new ArrayList<>();
                    parts.each(
                            people(1_700),
                            some -> everybody.search(PeopleQuery.everybody()).size(),
                            found::add);
                    return found.size();
                }));
            }
            for (Future<Integer> each : all) {
                assertThat(each.get(LONGEST_WAIT, TimeUnit.SECONDS)).isEqualTo(4);
            }
        } finally {
            ten.shutdownNow();
        }
    }

    private static List<Person> people(int count) {
        return LongStream.rangeClosed(1, count)
                .mapToObj(id -> new Person(
                        id,
                        "P" + id,
                        "Person",
                        null,
                        1,
                        "Site",
                        1,
                        "Team",
                        EmploymentType.HOURLY,
                        1,
                        "Group",
                        null,
                        null,
                        LocalDate.of(2027, 1, 4),
                        null,
                        LocalDate.of(2027, 1, 4),
                        null,
                        null,
                        null))
                .toList();
    }
}
