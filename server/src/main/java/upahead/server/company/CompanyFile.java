package upahead.server.company;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;

/** How a company's file is laid out. */
final class CompanyFile {

    /** The entry that describes the others; it is written last, so a file that was cut off has none. */
    static final String DESCRIPTION = "company.json";

    static final String FORMAT = "up-ahead company";

    /** What every program writes by itself, and what programs tell each other while they run. */
    static final Set<String> NEVER_WRITTEN = Set.of(
            "flyway_schema_history",
            "spring_session",
            "spring_session_attributes",
            "shedlock",
            "try_count",
            "work_progress");

    /** Tables that belong to the program and not to the company: its own history, open links and secrets of second steps, sent mail, other programs, the demo's clock. */
    static final Set<String> LEFT_OUT = Stream.concat(
                    NEVER_WRITTEN.stream(),
                    Stream.of(
                            "password_link",
                            "mail_message",
                            "mail_attachment",
                            "demo_day",
                            "daily_work",
                            "program_token",
                            "second_step",
                            "recovery_code",
                            "provider_identity",
                            "webhook",
                            "webhook_message",
                            "known_address"))
            .collect(Collectors.toUnmodifiableSet());

    /** No cell at all is an unknown value, two quotes are an empty text. */
    static final CSVFormat CSV = CSVFormat.DEFAULT
            .builder()
            .setQuoteMode(QuoteMode.ALL_NON_NULL)
            .setNullString("")
            .setRecordSeparator("\r\n")
            .get();

    static final ObjectMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    /**
     * What is in a file.
     *
     * @param format always {@link #FORMAT}
     * @param schema the version of the tables' layout
     * @param written when, in the time of the machine that wrote it
     * @param tables in the order in which they stand in the file
     * @param leftOut tables that are not in it
     */
    record Description(
            String format, String schema, String written, List<TableDescription> tables, Set<String> leftOut) {}

    /**
     * One table.
     *
     * @param columns in the order of the cells
     * @param rows how many there are besides the headings
     * @param sha256 of the entry's bytes, in hexadecimal digits
     */
    record TableDescription(String name, List<String> columns, long rows, String sha256) {}

    private CompanyFile() {}

    static String entry(String table) {
        return "tables/" + table + ".csv";
    }

    /** A new check sum. */
    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
