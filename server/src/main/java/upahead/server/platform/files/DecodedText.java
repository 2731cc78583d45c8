package upahead.server.platform.files;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/**
 * A text in whatever encoding it was written.
 *
 * @param encoding in words
 */
public record DecodedText(String text, String encoding) {

    private static final Charset WESTERN = Charset.forName("windows-1252");
    private static final char BYTE_ORDER_MARK = '\uFEFF';

    /** Unicode where the bytes are, else what spreadsheets of western Europe and the Americas write. */
    public static DecodedText of(byte[] content) {
        if (startsWith(content, 0xFF, 0xFE)) {
            return new DecodedText(plain(new String(content, StandardCharsets.UTF_16LE)), "Unicode (UTF-16)");
        }
        if (startsWith(content, 0xFE, 0xFF)) {
            return new DecodedText(plain(new String(content, StandardCharsets.UTF_16BE)), "Unicode (UTF-16)");
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(content))
                    .toString();
            return new DecodedText(plain(text), "Unicode (UTF-8)");
        } catch (CharacterCodingException other) {
            return new DecodedText(new String(content, WESTERN), "Western European (Windows-1252)");
        }
    }

    private static boolean startsWith(byte[] content, int first, int second) {
        return content.length > 1 && (content[0] & 0xFF) == first && (content[1] & 0xFF) == second;
    }

    private static String plain(String text) {
        return !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
    }
}
