package upahead.server.facts.hours;

import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.FileColumns;

/** What a file of hours can say, and the headings under which it is looked for. */
enum HoursColumn implements FileColumns.Column {
    PERSON("Person", true, PersonFinder.headings()),
    DATE("Date", true, "date", "day", "on", "workdate", "datum"),
    KIND("Kind", false, "kind", "type", "hourstype", "paycode", "kindofhours"),
    HOURS("Hours", true, "hours", "worked", "hoursworked", "total", "duration", "time", "stunden");

    private final FileColumns.Heading heading;

    HoursColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }
}
