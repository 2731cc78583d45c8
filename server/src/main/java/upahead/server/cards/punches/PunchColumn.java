package upahead.server.cards.punches;

import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.FileColumns;

/** What a file of punches can say: either a time and what was said at it, or in and out of a row's work. */
enum PunchColumn implements FileColumns.Column {
    PERSON("Person", true, PersonFinder.headings("clockcode", "badge")),
    DATE("Date", true, "date", "day", "on", "workdate", "datum", "datetime", "timestamp", "dateandtime", "zeitpunkt"),
    TIME("Time", false, "time", "clock", "at", "uhrzeit", "zeit"),
    WHAT("In, out or break", false, "what", "event", "type", "direction", "punch", "inout", "art", "buchung"),
    IN("In", false, "in", "from", "start", "begin", "clockin", "kommen", "von"),
    OUT("Out", false, "out", "to", "end", "finish", "clockout", "gehen", "bis");

    private final FileColumns.Heading heading;

    PunchColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }
}
