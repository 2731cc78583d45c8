package upahead.server.platform.sql;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.util.concurrent.CountDownLatch;
import org.h2.store.fs.FileBase;

/** Files of a disk that can be full, or that does not come round to writing. */
public class TroubledDisk extends DurableFiles {

    static volatile boolean full;
    /** What every write waits for. */
    static volatile CountDownLatch writing = new CountDownLatch(0);

    @Override
    public String getScheme() {
        return "troubled";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new TroubledFile(super.open(mode));
    }

    private static final class TroubledFile extends FileBase {

        private final FileChannel file;

        TroubledFile(FileChannel file) {
            this.file = file;
        }

        private static void room() throws IOException {
            if (full) {
                throw new IOException("No space left on device");
            }
            try {
                writing.await();
            } catch (InterruptedException stopped) {
                throw new InterruptedIOException();
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
