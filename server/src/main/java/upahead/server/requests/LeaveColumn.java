package upahead.server.requests;

import java.util.List;
import upahead.server.files.FileColumns;

/** What a file of leave can say, and the headings under which it is looked for. */
enum LeaveColumn implements FileColumns.Column {
    PERSON(
            "Person",
            true,
            "person",
            "code",
            "personcode",
            "employee",
            "employeecode",
            "employeenumber",
            "number",
            "id",
            "name",
            "employeename",
            "email"),
    POLICY("Policy", true, "policy", "kind", "leave", "type", "leavetype", "absence"),
    FIRST("First day", true, "firstday", "first", "from", "start", "startdate", "date", "day", "on"),
    LAST("Last day", false, "lastday", "last", "to", "until", "end", "enddate"),
    HOURS("Hours a day", false, "hoursaday", "hours", "hoursperday"),
    NOTE("Note", false, "note", "comment", "remark", "reason");

    private final String title;
    private final boolean needed;
    private final List<String> names;

    LeaveColumn(String title, boolean needed, String... names) {
        this.title = title;
        this.needed = needed;
        this.names = List.of(names);
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public boolean isNeeded() {
        return needed;
    }

    @Override
    public List<String> names() {
        return names;
    }
}
