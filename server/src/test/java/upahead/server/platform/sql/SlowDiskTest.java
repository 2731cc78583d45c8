package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.h2.store.fs.FilePath;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** While the disk does not come round to a write, whoever reads goes on; the write is there once it does. */
class SlowDiskTest {

    @TempDir
    Path data;

    @AfterEach
    void quick() {
        TroubledDisk.writing.countDown();
    }

    @Test
    void readersDoNotWaitForAWrite() throws Exception {
        FilePath.register(new TroubledDisk());
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:h2:troubled:" + data.resolve("up-ahead") + ";WRITE_DELAY=0");
        config.setUsername("up-ahead");
        try (HikariDataSource database = new HikariDataSource(config)) {
            JdbcTemplate sql = new JdbcTemplate(database);
            sql.execute("create table kept (id int primary key)");
            sql.update("insert into kept select x from system_range(1, 10000)");
            TroubledDisk.writing = new CountDownLatch(1);
            CompletableFuture<Integer> write =
                    CompletableFuture.supplyAsync(() -> sql.update("insert into kept values (20000)"));
            CompletableFuture<Integer> read = CompletableFuture.supplyAsync(
                    () -> sql.queryForObject("select count(*) from kept where id <= 10000", Integer.class));
            assertThat(read.get(10, TimeUnit.SECONDS)).isEqualTo(10_000);
            assertThat(write).isNotDone();
            TroubledDisk.writing.countDown();
            assertThat(write.get(10, TimeUnit.SECONDS)).isEqualTo(1);
            assertThat(sql.queryForObject("select count(*) from kept", Integer.class))
                    .isEqualTo(10_001);
        }
    }
}
