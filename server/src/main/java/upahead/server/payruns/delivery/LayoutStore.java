package upahead.server.payruns.delivery;

import static upahead.server.database.Tables.HAND_OVER_LAYOUT;

import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.platform.json.StoredJson;

/** The layouts that differ from the standard one. */
@Repository
class LayoutStore {

    private final DSLContext sql;
    private final StoredJson json;

    LayoutStore(DSLContext sql, StoredJson json) {
        this.sql = sql;
        this.json = json;
    }

    Optional<PayGroupLayout> find(long payGroupId) {
        return sql.selectFrom(HAND_OVER_LAYOUT)
                .where(HAND_OVER_LAYOUT.PAY_GROUP_ID.eq(payGroupId))
                .fetchOptional(row -> new PayGroupLayout(json.read(row.getLayout(), Layout.class), row.getEdits()));
    }

    /** Changes a layout, if it is still the one that was seen; tells whether it was. */
    boolean change(long payGroupId, int seenEdits, Layout layout) {
        if (seenEdits == 0) {
            return sql.insertInto(HAND_OVER_LAYOUT)
                            .set(HAND_OVER_LAYOUT.PAY_GROUP_ID, payGroupId)
                            .set(HAND_OVER_LAYOUT.LAYOUT, json.written(layout))
                            .set(HAND_OVER_LAYOUT.EDITS, 1)
                            .onDuplicateKeyIgnore()
                            .execute()
                    == 1;
        }
        return sql.update(HAND_OVER_LAYOUT)
                        .set(HAND_OVER_LAYOUT.LAYOUT, json.written(layout))
                        .set(HAND_OVER_LAYOUT.EDITS, seenEdits + 1)
                        .where(HAND_OVER_LAYOUT.PAY_GROUP_ID.eq(payGroupId))
                        .and(HAND_OVER_LAYOUT.EDITS.eq(seenEdits))
                        .execute()
                == 1;
    }
}
