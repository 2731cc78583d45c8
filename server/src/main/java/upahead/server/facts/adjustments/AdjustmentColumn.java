package upahead.server.facts.adjustments;

import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.FileColumns;

/** What a file of adjustments can say, and the headings under which it is looked for. */
enum AdjustmentColumn implements FileColumns.Column {
    PERSON("Person", true, PersonFinder.headings()),
    POLICY("Policy", false, "policy", "kind", "leave", "leavetype", "type", "art"),
    ON("Day", false, "on", "date", "day", "asof", "datum", "tag"),
    AMOUNT("Change", true, "change", "amount", "adjustment", "correction", "difference", "hours", "days", "korrektur"),
    REASON("Why", false, "why", "reason", "note", "comment", "grund", "bemerkung");

    private final FileColumns.Heading heading;

    AdjustmentColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }
}
