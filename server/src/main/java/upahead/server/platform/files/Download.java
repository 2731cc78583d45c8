package upahead.server.platform.files;

import java.util.Arrays;
import java.util.Objects;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * A file to be saved, byte by byte.
 *
 * @param name with its ending
 */
public record Download(String name, MediaType type, byte[] content) {

    /** The file as an answer that a browser saves. */
    public ResponseEntity<byte[]> answer() {
        return SavedFile.answer(name, type, content);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Download that
                && name.equals(that.name)
                && type.equals(that.type)
                && Arrays.equals(content, that.content);
    }

    @Override
    public int hashCode() {
        return Objects.hash(name, type, Arrays.hashCode(content));
    }

    @Override
    public String toString() {
        return name + ", " + content.length + " bytes";
    }
}
