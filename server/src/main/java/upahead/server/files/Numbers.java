package upahead.server.files;

import java.util.Optional;
import java.util.regex.Pattern;
import upahead.core.quantity.Amount;

/** Figures as they stand in files: 7.5, 7,5 or 1,234.5, with a plain or a real minus. */
public final class Numbers {

    private static final Pattern PLAIN = Pattern.compile("-?\\d{1,12}(\\.\\d{1,10})?");
    private static final Pattern THOUSANDS = Pattern.compile("-?\\d{1,3}(,\\d{3})+(\\.\\d+)?");

    private Numbers() {}

    /** The figure a text says, or nothing where it says none. */
    public static Optional<Amount> read(String text) {
        String plain = text.replace('−', '-').replace("\u00a0", "").strip();
        plain = plain.startsWith("+") ? plain.substring(1) : plain;
        if (THOUSANDS.matcher(plain).matches() && plain.contains(".")) {
            plain = plain.replace(",", "");
        }
        plain = plain.replace(',', '.');
        return PLAIN.matcher(plain).matches() ? Optional.of(Amount.of(plain)) : Optional.empty();
    }
}
