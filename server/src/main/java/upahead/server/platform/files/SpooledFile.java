package upahead.server.platform.files;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * A file of whatever size, written to the disk before it is answered: so it takes no memory, and what goes wrong while it
 * is written is answered as a problem. It is gone once it was read.
 *
 * @param name with its ending
 * @param path where it lies until then
 */
public record SpooledFile(String name, MediaType type, Path path) {

    private static final int BUFFER = 1 << 16;

    /** Writes a file. */
    @FunctionalInterface
    public interface Writing {
        void to(OutputStream out) throws IOException;
    }

    /** Writes it to the disk. */
    public static SpooledFile of(String name, MediaType type, Writing writing) {
        try {
            Path path = Files.createTempFile("up-ahead", ".part");
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(path), BUFFER)) {
                writing.to(out);
            } catch (IOException | RuntimeException failed) {
                Files.deleteIfExists(path);
                throw failed;
            }
            return new SpooledFile(name, type, path);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** All of it, after which it is gone. */
    public byte[] read() {
        try {
            byte[] content = Files.readAllBytes(path);
            Files.delete(path);
            return content;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The file as an answer that a browser saves. */
    public ResponseEntity<Resource> answer() {
        try {
            return ResponseEntity.ok()
                    .contentType(type)
                    .contentLength(Files.size(path))
                    .header(
                            HttpHeaders.CONTENT_DISPOSITION,
                            ContentDisposition.attachment()
                                    .filename(name)
                                    .build()
                                    .toString())
                    .body(new InputStreamResource(Files.newInputStream(path, StandardOpenOption.DELETE_ON_CLOSE)));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
