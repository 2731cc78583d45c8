package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import org.h2.store.fs.FilePath;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;

/** While the disk is full nothing can be stored; as soon as there is room again, everything works as before. */
class FullDiskTest {

    @TempDir
    Path data;

    @AfterEach
    void room() {
        TroubledDisk.full = false;
    }

    @Test
    void roomIsAllItTakes() {
        FilePath.register(new TroubledDisk());
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:h2:troubled:" + data.resolve("up-ahead") + ";WRITE_DELAY=0");
        config.setUsername("up-ahead");
        config.setConnectionTestQuery("values 1");
        config.setExceptionOverrideClassName(BrokenConnections.class.getName());
        config.setMaximumPoolSize(3);
        try (HikariDataSource database = new HikariDataSource(config)) {
            JdbcTemplate sql = new JdbcTemplate(database);
            sql.execute("create table kept (id int)");
            sql.update("insert into kept values (1)");
            TroubledDisk.full = true;
            assertThatThrownBy(() -> sql.update("insert into kept values (2)")).isInstanceOf(DataAccessException.class);
            assertThatThrownBy(() -> sql.update("insert into kept values (3)")).isInstanceOf(DataAccessException.class);
            TroubledDisk.full = false;
            storesWithin(sql, config.getMaximumPoolSize());
            assertThat(sql.queryForList("select id from kept order by id", Integer.class))
                    .containsExactly(1, 4);
        }
    }

    /** Each connection of the pool may tell once more that it is broken before it is replaced. */
    private static void storesWithin(JdbcTemplate sql, int tries) {
        for (int tried = 1; ; tried++) {
            try {
                sql.update("insert into kept values (4)");
                return;
            } catch (DataAccessException broken) {
                assertThat(tried).isLessThan(tries);
            }
        }
    }
}
