package upahead.server.sql;

import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_PLACEMENT;

import java.time.LocalDate;
import org.jooq.Condition;

/** Joins people with where they work on a day. */
public final class Placed {

    private Placed() {}

    /** Whether a placement is that of a person on a day; each person has exactly one on every day. */
    public static Condition placed(LocalDate on) {
        return PERSON_PLACEMENT
                .PERSON_ID
                .eq(PERSON.ID)
                .and(PERSON_PLACEMENT.STARTS.le(on))
                .and(PERSON_PLACEMENT.THROUGH.ge(on));
    }
}
