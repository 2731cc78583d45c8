package upahead.server.leavers;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What somebody was called and written to, ever.
 *
 * @param instead what they are called from now on; nothing in it means anything in JSON
 * @param all not blank, the longest first
 * @param ofNobodyElse those of them that cannot mean anybody else, the longest first
 */
record Names(String instead, List<String> all, List<String> ofNobodyElse) {

    /** Puts the new name wherever one of some names stands as words of its own. */
    static String replace(String text, List<String> names, String instead) {
        String replaced = text;
        for (String name : names) {
            if (contains(replaced, name)) {
                replaced = Pattern.compile(
                                "(?<![\\p{L}\\p{N}])" + Pattern.quote(name) + "(?![\\p{L}\\p{N}])",
                                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)
                        .matcher(replaced)
                        .replaceAll(Matcher.quoteReplacement(instead));
            }
        }
        return replaced;
    }

    private static boolean contains(String text, String name) {
        for (int at = 0; at <= text.length() - name.length(); at++) {
            if (text.regionMatches(true, at, name, 0, name.length())) {
                return true;
            }
        }
        return false;
    }
}
