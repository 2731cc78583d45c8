package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

/** Many who want to write while one does, with two connections for all of them. */
class WritersInTurnTest {

    private static final int WRITERS = 6;

    private final ExecutorService people = Executors.newFixedThreadPool(WRITERS + 2);
    private HikariDataSource database;
    private JdbcTemplate sql;

    @BeforeEach
    void aCounter() {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        config.setMaximumPoolSize(2);
        config.setConnectionTimeout(2_000);
        database = new HikariDataSource(config);
        sql = new JdbcTemplate(database);
        sql.execute("create table turn (taken bigint not null)");
        sql.update("insert into turn values (0)");
    }

    @AfterEach
    void end() {
        people.shutdown();
        database.close();
    }

    @Test
    void whoeverWaitsToWriteHoldsNoConnectionThatAReaderNeeds() throws Exception {
        TransactionTemplate turns =
                new TransactionTemplate(new WritersInTurn(database, Duration.ofSeconds(30), count -> {}));
        CountDownLatch writes = new CountDownLatch(1);
        CountDownLatch done = new CountDownLatch(1);
        List<CompletableFuture<Void>> all = new ArrayList<>();
        all.add(CompletableFuture.runAsync(
                () -> turns.executeWithoutResult(status -> {
                    writes.countDown();
                    await(done);
                }),
                people));
        await(writes);
        for (int writer = 0; writer < WRITERS; writer++) {
            all.add(CompletableFuture.runAsync(() -> turns.executeWithoutResult(status -> {}), people));
        }
        for (int look = 0; look < 20; look++) {
            assertThat(sql.queryForObject("select taken from turn", Long.class)).isZero();
        }
        done.countDown();
        CompletableFuture.allOf(all.toArray(CompletableFuture[]::new)).get(10, TimeUnit.SECONDS);
        assertThat(sql.queryForObject("select taken from turn", Long.class)).isEqualTo(WRITERS + 1);
    }

    @Test
    void nobodyWaitsForEver() {
        TransactionTemplate turns =
                new TransactionTemplate(new WritersInTurn(database, Duration.ofMillis(20), count -> {}));
        turns.executeWithoutResult(status -> assertThatThrownBy(
                        () -> CompletableFuture.runAsync(() -> turns.executeWithoutResult(second -> {}), people)
                                .join())
                .hasCauseInstanceOf(CannotAcquireLockException.class));
        assertThat(turns.<Long>execute(status -> sql.queryForObject("select taken from turn", Long.class)))
                .isEqualTo(2);
    }

    @Test
    void aTurnThatCannotBeTakenIsGivenOn() {
        TransactionTemplate turns =
                new TransactionTemplate(new WritersInTurn(database, Duration.ofSeconds(1), count -> {}));
        sql.execute("drop table turn");
        assertThatThrownBy(() -> turns.executeWithoutResult(status -> {})).isNotNull();
        sql.execute("create table turn (taken bigint not null)");
        sql.update("insert into turn values (0)");
        turns.executeWithoutResult(status -> {});
        assertThat(sql.queryForObject("select taken from turn", Long.class)).isEqualTo(1);
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(10, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
