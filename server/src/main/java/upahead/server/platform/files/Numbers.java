package upahead.server.platform.files;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;

/**
 * Figures as they stand in files: 7.5, 7,5, 1,234.5, 1.234,5, 1 234,5 or 1'234.5, with a plain or a real minus. One point or
 * comma alone is that of the decimals: whether 1.234 is more than a thousand nobody can tell.
 */
public final class Numbers {

    private static final Pattern PLAIN = Pattern.compile("-?\\d{1,12}(\\.\\d{1,10})?");
    /** Groups of three digits, and the decimals after another mark than the one between the groups. */
    private static final Pattern THOUSANDS = Pattern.compile("-?\\d{1,3}([,.'’ ])\\d{3}(?:\\1\\d{3})*(?!\\1)[,.]\\d+");

    private static final Pattern HOURS_AND_MINUTES = Pattern.compile("(-?)(\\d{1,6}):([0-5]\\d)");
    private static final int MINUTES = 60;

    private Numbers() {}

    /** The hours a text says, also as 7:30; minutes that no decimal holds are rounded to four of them. */
    public static Optional<Amount> readHours(String text) {
        Matcher found = HOURS_AND_MINUTES.matcher(text.replace('−', '-').strip());
        if (!found.matches()) {
            return read(text);
        }
        Amount hours = Rounding.STANDARD.round(
                Fraction.of(Long.parseLong(found.group(2)) * MINUTES + Long.parseLong(found.group(3)), MINUTES));
        return Optional.of(found.group(1).isEmpty() ? hours : hours.negated());
    }

    /** The figure a text says, or nothing where it says none. */
    public static Optional<Amount> read(String text) {
        String plain = text.replace('−', '-').replaceAll("[\u00a0\u202f]", "").strip();
        plain = plain.startsWith("+") ? plain.substring(1) : plain;
        Matcher grouped = THOUSANDS.matcher(plain);
        if (grouped.matches()) {
            plain = plain.replace(grouped.group(1), "");
        }
        plain = plain.replace(',', '.');
        return PLAIN.matcher(plain).matches() ? Optional.of(Amount.of(plain)) : Optional.empty();
    }
}
