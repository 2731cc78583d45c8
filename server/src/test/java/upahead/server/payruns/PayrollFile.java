package upahead.server.payruns;

import java.nio.charset.StandardCharsets;
import java.util.List;
import upahead.server.platform.files.Download;

/** Reads the file that payroll gets. */
final class PayrollFile {

    private PayrollFile() {}

    /** Its lines with the headings, without the mark before them. */
    static List<String> lines(Download file) {
        return new String(file.content(), StandardCharsets.UTF_8)
                .substring(1)
                .lines()
                .toList();
    }

    /** Its rows without the person's code. */
    static List<String> rows(Download file) {
        return lines(file).stream()
                .skip(1)
                .map(line -> line.substring(line.indexOf(',') + 1))
                .toList();
    }
}
