package upahead.server.balances;

import java.util.List;
import upahead.server.files.FileColumns;

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

    private final String title;
    private final boolean needed;
    private final List<String> names;

    OpeningColumn(String title, boolean needed, String... names) {
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
