package upahead.server.platform.secondstep;

import io.nayuki.qrcodegen.QrCode;

/**
 * A square picture of dots that telephones read.
 *
 * @param size of each side, in dots, with a light margin
 * @param path the dark dots as an SVG path, one unit a dot
 */
public record QrPicture(int size, String path) {

    private static final int MARGIN = 4;

    static QrPicture of(String text) {
        QrCode code = QrCode.encodeText(text, QrCode.Ecc.MEDIUM);
        StringBuilder path = new StringBuilder();
        for (int down = 0; down < code.size; down++) {
            for (int across = 0; across < code.size; across++) {
                if (code.getModule(across, down)) {
                    path.append('M')
                            .append(across + MARGIN)
                            .append(' ')
                            .append(down + MARGIN)
                            .append("h1v1h-1z");
                }
            }
        }
        return new QrPicture(code.size + 2 * MARGIN, path.toString());
    }
}
