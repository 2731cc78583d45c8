package upahead.server.platform.sql;

import java.io.IOException;
import java.nio.channels.FileChannel;
import org.h2.store.fs.FilePathWrapper;

/**
 * Files whose writes have reached the disk when they return. The database writes a commit before it acknowledges it
 * (WRITE_DELAY=0); here the operating system is asked not to keep it in memory only, so that what was answered outlasts a
 * power cut as far as the file system allows.
 */
public class DurableFiles extends FilePathWrapper {

    @Override
    public String getScheme() {
        return "durable";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return super.open("rw".equals(mode) ? "rwd" : mode);
    }
}
