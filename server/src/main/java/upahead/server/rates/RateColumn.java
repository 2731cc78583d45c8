package upahead.server.rates;

import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.FileColumns;

/** What a file of pay rates can say, and the headings under which it is looked for. */
enum RateColumn implements FileColumns.Column {
    PERSON("Person", true, PersonFinder.headings()),
    RATE(
            "Rate",
            true,
            "rate",
            "payrate",
            "pay",
            "salary",
            "wage",
            "amount",
            "hourlyrate",
            "gehalt",
            "lohn",
            "stundenlohn"),
    PER("Per", false, "per", "unit", "period", "basis", "je", "pro"),
    FROM("From", false, "from", "since", "starts", "validfrom", "effective", "date", "ab", "datum");

    private final FileColumns.Heading heading;

    RateColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }
}
