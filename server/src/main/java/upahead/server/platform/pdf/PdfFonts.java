package upahead.server.platform.pdf;

import com.lowagie.text.Font;
import com.lowagie.text.pdf.BaseFont;
import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The fonts of what is printed, which come with the program; they know Latin, Greek and Cyrillic letters. */
public final class PdfFonts {

    private static final Color INK = new Color(0x22, 0x2B, 0x2E);
    private static final Color QUIET = new Color(0x5A, 0x60, 0x60);
    private static final float TITLE_SIZE = 16;
    private static final float HEADING_SIZE = 11;
    private static final float TEXT_SIZE = 9;
    private static final BaseFont REGULAR = read("LiberationSans-Regular.ttf");
    private static final BaseFont BOLD = read("LiberationSans-Bold.ttf");

    public static final Font TITLE = font(BOLD, TITLE_SIZE, INK);
    public static final Font HEADING = font(BOLD, HEADING_SIZE, INK);
    public static final Font STRONG = font(BOLD, TEXT_SIZE, INK);
    public static final Font TEXT = font(REGULAR, TEXT_SIZE, INK);
    public static final Font ASIDE = font(REGULAR, TEXT_SIZE, QUIET);

    private PdfFonts() {}

    private static Font font(BaseFont base, float size, Color colour) {
        return new Font(base, size, Font.NORMAL, colour);
    }

    private static BaseFont read(String name) {
        try (InputStream file = PdfFonts.class.getResourceAsStream("/liberation/" + name)) {
            return BaseFont.createFont(name, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, file.readAllBytes(), null);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
