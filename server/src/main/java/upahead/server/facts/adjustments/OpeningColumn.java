package upahead.server.facts.adjustments;

import upahead.server.platform.files.FileColumns;

/** What a file of opening balances can say, and the headings under which it is looked for. */
enum OpeningColumn implements FileColumns.Column {
    PERSON(
            "Person",
            true,
            "code",
            "person",
            "personcode",
            "employeecode",
            "employee",
            "employeenumber",
            "number",
            "id",
            "name",
            "employeename",
            "email"),
    POLICY("Policy", false, "policy", "kind", "leave", "leavetype", "type"),
    ON("As of", false, "on", "asof", "date", "day", "ason"),
    BALANCE("Balance", true, "balance", "openingbalance", "remaining", "left"),
    EARNED("Earned", false, "earned", "earnedthisyear", "earnedsofar"),
    USED("Used", false, "used", "usedthisyear", "usedsofar", "taken"),
    HOURS("Hours toward", false, "hourstoward", "hourstowardnextstep", "hourssofar");

    private final FileColumns.Heading heading;

    OpeningColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }
}
