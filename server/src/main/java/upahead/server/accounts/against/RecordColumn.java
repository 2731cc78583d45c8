package upahead.server.accounts.against;

import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.FileColumns;

/** What another record of balances can say, and the headings under which it is looked for. */
enum RecordColumn implements FileColumns.Column {
    PERSON("Person", true, PersonFinder.headings()),
    POLICY("Policy", false, "policy", "kind", "leave", "leavetype", "type", "art"),
    BALANCE("Balance", true, "balance", "remaining", "left", "hours", "days", "saldo", "rest", "stand", "closing");

    private final FileColumns.Heading heading;

    RecordColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }
}
