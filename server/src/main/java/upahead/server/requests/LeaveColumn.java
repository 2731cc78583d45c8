package upahead.server.requests;

import java.util.List;
import java.util.stream.Stream;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.files.FileColumns;

/** What a file of leave can say, and the headings under which it is looked for. */
enum LeaveColumn implements FileColumns.Column {
    PERSON("Person", true, PersonFinder.headings()),
    POLICY("Policy", true, "policy", "kind", "leave", "type", "leavetype", "absence"),
    FIRST("First day", true, "firstday", "first", "from", "start", "startdate", "date", "day", "on"),
    LAST("Last day", false, "lastday", "last", "to", "until", "end", "enddate"),
    HOURS("Hours a day", false, "hoursaday", "hours", "hoursperday"),
    NOTE("Note", false, "note", "comment", "remark", "reason");

    private final FileColumns.Heading heading;

    LeaveColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }

    /** A file with all columns and one made-up row to be overwritten. */
    static CsvFile template() {
        return CsvFile.of(
                "leave-template.csv",
                Stream.of(values()).map(LeaveColumn::title).toList(),
                List.of(List.of("A101", "Annual leave", "2027-07-05", "2027-07-16", "", "")));
    }
}
