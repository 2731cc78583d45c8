package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import org.h2.store.fs.FileBase;
import org.h2.store.fs.FilePath;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;

/** While the disk is full nothing can be stored; as soon as there is room again, everything works as before. */
class FullDiskTest {

    private static boolean full;

    @TempDir
    Path data;

    @AfterEach
    void room() {
        full = false;
    }

    @Test
    void roomIsAllItTakes() {
        FilePath.register(new SmallDisk());
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:h2:small-disk:" + data.resolve("up-ahead") + ";WRITE_DELAY=0");
        config.setUsername("up-ahead");
        config.setConnectionTestQuery("values 1");
        config.setExceptionOverrideClassName(BrokenConnections.class.getName());
        config.setMaximumPoolSize(3);
        try (HikariDataSource database = new HikariDataSource(config)) {
            JdbcTemplate sql = new JdbcTemplate(database);
            sql.execute("create table kept (id int)");
            sql.update("insert into kept values (1)");
            full = true;
            assertThatThrownBy(() -> sql.update("insert into kept values (2)")).isInstanceOf(DataAccessException.class);
            assertThatThrownBy(() -> sql.update("insert into kept values (3)")).isInstanceOf(DataAccessException.class);
            full = false;
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

    /** Files of a disk that can be full. */
    public static class SmallDisk extends DurableFiles {
        @Override
        public String getScheme() {
            return "small-disk";
        }

        @Override
        public FileChannel open(String mode) throws IOException {
            return new SmallFile(super.open(mode));
        }
    }

    private static final class SmallFile extends FileBase {

        private final FileChannel file;

        SmallFile(FileChannel file) {
            this.file = file;
        }

        private static void room() throws IOException {
            if (full) {
                throw new IOException("No space left on device");
            }
        }

        @Override
        public int write(ByteBuffer bytes) throws IOException {
            room();
            return file.write(bytes);
        }

        @Override
        public int write(ByteBuffer bytes, long at) throws IOException {
            room();
            return file.write(bytes, at);
        }

        @Override
        public int read(ByteBuffer bytes) throws IOException {
            return file.read(bytes);
        }

        @Override
        public int read(ByteBuffer bytes, long at) throws IOException {
            return file.read(bytes, at);
        }

        @Override
        public long position() throws IOException {
            return file.position();
        }

        @Override
        public FileChannel position(long at) throws IOException {
            file.position(at);
            return this;
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        public FileChannel truncate(long size) throws IOException {
            file.truncate(size);
            return this;
        }

        @Override
        public void force(boolean metadata) throws IOException {
            file.force(metadata);
        }

        @Override
        public FileLock tryLock(long at, long size, boolean shared) throws IOException {
            return file.tryLock(at, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
