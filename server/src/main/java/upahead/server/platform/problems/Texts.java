package upahead.server.platform.problems;

/** Which texts can be kept and shown. */
public final class Texts {

    private Texts() {}

    /**
     * Whether a text has no zero or control character but tabs and line ends, no half of a character, and, if it is not
     * blank, something that can be seen.
     */
    public static boolean canBeKept(String text) {
        boolean visible = text.isBlank();
        for (int at = 0; at < text.length(); ) {
            int character = text.codePointAt(at);
            int type = Character.getType(character);
            if (type == Character.SURROGATE || (type == Character.CONTROL && "\t\n\r".indexOf(character) < 0)) {
                return false;
            }
            visible |= type != Character.FORMAT
                    && type != Character.SPACE_SEPARATOR
                    && type != Character.CONTROL
                    && type != Character.UNASSIGNED;
            at += Character.charCount(character);
        }
        return visible;
    }
}
