package upahead.server.payruns.delivery;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * How payroll's file is written for a pay group.
 *
 * @param headings whether the first line names the columns
 * @param columns from left to right
 * @param codes payroll's own codes by ours; ours stands where none is given
 */
public record Layout(
        @NotNull(message = "please choose what stands between the cells") Separator separator,
        @NotNull(message = "please choose a decimal mark") DecimalMark decimalMark,
        @NotNull(message = "please choose how dates are written") DatesAs dates,
        @NotNull(message = "please choose an encoding") Encoding encoding,
        boolean headings,
        @NotEmpty(message = "please choose at least one column")
                @Size(max = 30, message = "a file has at most 30 columns")
                List<@Valid @NotNull Column> columns,
        @NotNull
                Map<
                                @Size(max = 20) String,
                                @NotBlank(message = "a code needs a sign at least")
                                @Size(max = 20, message = "a code has at most 20 signs") String>
                        codes) {

    /** A column and what stands above it. */
    public record Column(
            @NotNull(message = "please choose what the column holds") LayoutField field,
            @NotNull @Size(max = 60, message = "a heading has at most 60 characters") String heading) {}

    /** What stands between the cells. */
    public enum Separator {
        COMMA(','),
        SEMICOLON(';'),
        TAB('\t'),
        BAR('|');

        private final char sign;

        Separator(char sign) {
            this.sign = sign;
        }

        char sign() {
            return sign;
        }
    }

    /** What stands before the decimals. */
    public enum DecimalMark {
        POINT,
        COMMA
    }

    /** How dates are written. */
    public enum DatesAs {
        ISO("yyyy-MM-dd"),
        DAY_FIRST_WITH_POINTS("dd.MM.yyyy"),
        DAY_FIRST_WITH_SLASHES("dd/MM/yyyy"),
        MONTH_FIRST_WITH_SLASHES("MM/dd/yyyy");

        private final DateTimeFormatter format;

        DatesAs(String pattern) {
            this.format = DateTimeFormatter.ofPattern(pattern, Locale.ROOT);
        }
    }

    /** In which encoding texts are written. */
    public enum Encoding {
        /** With the mark by which spreadsheets know it. */
        UTF_8(StandardCharsets.UTF_8),
        /** Western European, one byte a letter; letters it does not have become question marks. */
        WINDOWS_1252(Charset.forName("windows-1252"));

        private final Charset charset;

        Encoding(Charset charset) {
            this.charset = charset;
        }

        Charset charset() {
            return charset;
        }
    }

    /** What holds unless somebody chooses otherwise. */
    public static Layout standard() {
        return new Layout(
                Separator.COMMA,
                DecimalMark.POINT,
                DatesAs.ISO,
                Encoding.UTF_8,
                true,
                Arrays.stream(LayoutField.values())
                        .filter(field -> field.compareTo(LayoutField.ENTRY) <= 0)
                        .map(field -> new Column(field, field.heading()))
                        .toList(),
                Map.of());
    }

    /** Payroll's code for one of ours. */
    String code(String ours) {
        return codes.getOrDefault(ours, ours);
    }

    /** A value as it stands in a cell. */
    String written(LayoutField field, Object value) {
        if (field == LayoutField.CODE) {
            return code((String) value);
        }
        if (value instanceof LocalDate date) {
            return dates.format.format(date);
        }
        if (value instanceof Amount amount) {
            return decimalMark == DecimalMark.COMMA ? amount.toString().replace('.', ',') : amount.toString();
        }
        return value instanceof Unit unit ? unit.name().toLowerCase(Locale.ROOT) : String.valueOf(value);
    }
}
