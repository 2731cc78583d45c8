package upahead.server.platform.mail;

import java.util.Arrays;
import java.util.Objects;

/**
 * A file that goes with a mail.
 *
 * @param name with its ending
 * @param mediaType such as {@code text/csv}
 */
public record Attachment(String name, String mediaType, byte[] content) {

    @Override
    public boolean equals(Object other) {
        return other instanceof Attachment that
                && name.equals(that.name)
                && mediaType.equals(that.mediaType)
                && Arrays.equals(content, that.content);
    }

    @Override
    public int hashCode() {
        return Objects.hash(name, mediaType, Arrays.hashCode(content));
    }

    @Override
    public String toString() {
        return name + ", " + content.length + " bytes";
    }
}
