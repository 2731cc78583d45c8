package upahead.server.platform.sql;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * How many changes were confirmed to whoever made them, kept in a small file beside the data. A data file with fewer has
 * lost something.
 */
final class ConfirmedCount {

    private final Path path;
    private FileChannel channel;
    private long highest;

    ConfirmedCount(Path path) {
        this.path = path;
    }

    Path path() {
        return path;
    }

    boolean exists() {
        return Files.exists(path);
    }

    /** 0 where there is no such file or it holds no number. */
    long read() {
        try {
            String text = exists() ? Files.readString(path).strip() : "";
            return text.matches("\\d{1,18}") ? Long.parseLong(text) : 0;
        } catch (IOException unreadable) {
            return 0;
        }
    }

    /** Keeps a count; a lower one than before is not kept. */
    synchronized void confirm(long count) {
        if (count <= highest) {
            return;
        }
        highest = count;
        try {
            if (channel == null) {
                channel = FileChannel.open(path, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            }
            channel.write(ByteBuffer.wrap("%018d%n".formatted(count).getBytes(StandardCharsets.US_ASCII)), 0);
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
    }
}
