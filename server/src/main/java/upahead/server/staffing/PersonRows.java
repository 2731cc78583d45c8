package upahead.server.staffing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Numbers;
import upahead.server.platform.files.Table;

/** Reads the rows of a file of people; what cannot be read is said with each row, and no row is lost. */
final class PersonRows {

    private static final int LONGEST_CODE = 20;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_GROUP = 80;
    private static final Amount A_HUNDREDTH = Amount.of("0.01");

    private final Table table;
    private final FileColumns<PersonColumn> columns;

    PersonRows(Table table, FileColumns<PersonColumn> columns) {
        this.table = table;
        this.columns = columns;
    }

    List<PersonRow> read() {
        return table.rows().stream().map(this::row).toList();
    }

    private PersonRow row(Table.Row row) {
        List<String> faults = new ArrayList<>();
        if (row.tooLong()) {
            faults.add("has more cells than there are headings; perhaps a separator stands in a name without quotes");
        }
        String code = cell(row, PersonColumn.CODE);
        if (code.isEmpty()) {
            faults.add("has no code");
        }
        requireShort(code, LONGEST_CODE, "code", faults);
        requireShort(cell(row, PersonColumn.NAME), LONGEST_NAME, "name", faults);
        requireShort(cell(row, PersonColumn.SITE), LONGEST_GROUP, "site", faults);
        requireShort(cell(row, PersonColumn.TEAM), LONGEST_GROUP, "team", faults);
        return new PersonRow(
                row.line(),
                code,
                text(row, PersonColumn.NAME),
                email(row, faults),
                text(row, PersonColumn.SITE),
                text(row, PersonColumn.TEAM),
                type(row, faults),
                text(row, PersonColumn.PAY_GROUP),
                text(row, PersonColumn.APPROVER),
                date(row, PersonColumn.HIRED, faults),
                date(row, PersonColumn.LAST_DAY, faults),
                date(row, PersonColumn.SERVICE_FROM, faults),
                fte(row, faults),
                week(row, faults),
                number(row, PersonColumn.WEEKLY_HOURS, faults),
                clockCode(row, faults),
                faults);
    }

    private static void requireShort(String text, int longest, String what, List<String> faults) {
        if (text.length() > longest) {
            faults.add("the " + what + " has more than " + longest + " characters");
        }
    }

    private String cell(Table.Row row, PersonColumn column) {
        return columns.cell(row, column);
    }

    private String text(Table.Row row, PersonColumn column) {
        String cell = cell(row, column);
        return cell.isEmpty() ? null : cell;
    }

    private String email(Table.Row row, List<String> faults) {
        String email = text(row, PersonColumn.EMAIL);
        if (email != null && !email.matches("[^@\\s]+@[^@\\s]+")) {
            faults.add("“" + email + "” is no e-mail address");
        }
        return email;
    }

    private String clockCode(Table.Row row, List<String> faults) {
        String code = text(row, PersonColumn.CLOCK_CODE);
        if (code != null && !code.matches("\\d{4,12}")) {
            faults.add("a clock code has 4 to 12 digits, not “" + code + "”");
        }
        return code;
    }

    private EmploymentType type(Table.Row row, List<String> faults) {
        String text = text(row, PersonColumn.EMPLOYED_AS);
        if (text == null) {
            return null;
        }
        for (EmploymentType type : EmploymentType.values()) {
            if (type.name().equals(text.toUpperCase(Locale.ROOT))) {
                return type;
            }
        }
        faults.add("employed as " + names() + ", not “" + text + "”");
        return null;
    }

    private static String names() {
        return Stream.of(EmploymentType.values())
                .map(type -> type.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
    }

    private LocalDate date(Table.Row row, PersonColumn column, List<String> faults) {
        String text = text(row, column);
        if (text == null) {
            return null;
        }
        return Dates.read(text, columns.order()).orElseGet(() -> {
            faults.add(column.title().toLowerCase(Locale.ROOT) + ": “" + text + "” is no date; write it as 2027-04-26");
            return null;
        });
    }

    /** A share such as 0.6, or 60 %. */
    private Amount fte(Table.Row row, List<String> faults) {
        String text = text(row, PersonColumn.FTE);
        if (text == null || !text.endsWith("%")) {
            return number(row, PersonColumn.FTE, faults);
        }
        Optional<Amount> percent =
                Numbers.read(text.substring(0, text.length() - 1).strip());
        if (percent.isEmpty()) {
            faults.add(PersonColumn.FTE.title() + ": “" + text + "” is no number");
        }
        return percent.map(figure -> figure.times(A_HUNDREDTH)).orElse(null);
    }

    private Amount number(Table.Row row, PersonColumn column, List<String> faults) {
        String text = text(row, column);
        if (text == null) {
            return null;
        }
        return Numbers.read(text).orElseGet(() -> {
            faults.add(column.title() + ": “" + text + "” is no number");
            return null;
        });
    }

    private List<Amount> week(Table.Row row, List<String> faults) {
        if (PersonColumn.WEEK.stream().allMatch(day -> cell(row, day).isEmpty())) {
            return null;
        }
        return PersonColumn.WEEK.stream()
                .map(day -> {
                    Amount hours = number(row, day, faults);
                    return hours == null ? Amount.ZERO : hours;
                })
                .toList();
    }
}
