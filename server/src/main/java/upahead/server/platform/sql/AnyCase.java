package upahead.server.platform.sql;

import java.util.Locale;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.SQLDialect;
import org.jooq.impl.CustomField;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;

/**
 * Texts compared whatever their case, with umlauts and accents as well. A server compares and sorts texts by their code
 * points, as a file does, and would then know the small letters of ASCII alone.
 */
public final class AnyCase {

    private static final String EVERY_LANGUAGE = "und-x-icu";

    private AnyCase() {}

    /** A text in small letters. */
    private static Field<String> small(Field<String> text) {
        return CustomField.of("small", SQLDataType.VARCHAR, context -> {
            boolean server = context.family() == SQLDialect.POSTGRES;
            context.visit(DSL.lower(server ? text.collate(EVERY_LANGUAGE) : text));
        });
    }

    /** Whether words stand in a text. */
    public static Condition contains(Field<String> text, String words) {
        return small(text).contains(words.toLowerCase(Locale.ROOT));
    }

    /** Whether a text is another. */
    public static Condition same(Field<String> text, String other) {
        return small(text).eq(other.toLowerCase(Locale.ROOT));
    }
}
