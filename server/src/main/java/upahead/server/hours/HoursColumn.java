package upahead.server.hours;

import java.util.List;
import upahead.server.files.FileColumns;

/** What a file of hours can say, and the headings under which it is looked for. */
enum HoursColumn implements FileColumns.Column {
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
    DATE("Date", true, "date", "day", "on", "workdate", "datum"),
    KIND("Kind", false, "kind", "type", "hourstype", "paycode", "kindofhours"),
    HOURS("Hours", true, "hours", "worked", "hoursworked", "total", "duration", "time", "stunden");

    private final String title;
    private final boolean needed;
    private final List<String> names;

    HoursColumn(String title, boolean needed, String... names) {
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
