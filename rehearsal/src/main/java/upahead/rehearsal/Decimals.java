package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.POJONode;
import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import upahead.core.quantity.Amount;

/** Reads exact decimals: JSON numbers, or texts written like one without exponent. The length is looked at first. */
final class Decimals {

    private static final int MOST_DIGITS = 30;
    /** Sign, point, exponent and a few zeros more than the digits that can count. */
    private static final int LONGEST = MOST_DIGITS + 12;

    private static final Pattern NUMBER = Pattern.compile("(-?(?:0|[1-9][0-9]*)(?:\\.[0-9]+)?)(?:[eE]([+-]?[0-9]+))?");

    private Decimals() {}

    /**
     * @param path where it stands, for the message
     * @throws InvalidCase if it is no number or has more than 30 digits
     */
    static Amount read(String path, JsonNode value) {
        boolean isNumber = value instanceof POJONode node && node.getPojo() instanceof JsonText.Number;
        if (!isNumber && !value.isTextual()) {
            throw new InvalidCase(path, "must be a number");
        }
        String written = isNumber ? ((JsonText.Number) ((POJONode) value).getPojo()).written() : value.textValue();
        if (written.length() > LONGEST) {
            throw tooLong(path);
        }
        Matcher number = NUMBER.matcher(written);
        if (!number.matches() || (!isNumber && number.group(2) != null)) {
            throw new InvalidCase(path, "must be a number, not " + Fields.shown(written));
        }
        BigDecimal mantissa = new BigDecimal(number.group(1));
        BigDecimal exact = number.group(2) == null ? mantissa : mantissa.scaleByPowerOfTen(exponent(path, number));
        if (Math.abs((long) exact.scale()) > MOST_DIGITS
                || exact.precision() - Math.min(0, exact.scale()) > MOST_DIGITS) {
            throw tooLong(path);
        }
        return new Amount(exact);
    }

    private static int exponent(String path, Matcher number) {
        try {
            int exponent = Integer.parseInt(number.group(2));
            if (Math.abs((long) exponent) <= 2 * MOST_DIGITS) {
                return exponent;
            }
        } catch (NumberFormatException beyond) {
            throw tooLong(path);
        }
        throw tooLong(path);
    }

    private static InvalidCase tooLong(String path) {
        return new InvalidCase(path, "is a number of more than " + MOST_DIGITS + " digits");
    }
}
