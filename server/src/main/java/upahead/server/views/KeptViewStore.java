package upahead.server.views;

import static upahead.server.database.Tables.KEPT_VIEW;

import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.views.KeptView.Place;

/** The views that people keep, each for themselves. */
@Repository
class KeptViewStore {

    private final DSLContext sql;

    KeptViewStore(DSLContext sql) {
        this.sql = sql;
    }

    List<KeptView> of(long signInId, Place place) {
        return sql.selectFrom(KEPT_VIEW)
                .where(KEPT_VIEW.SIGN_IN_ID.eq(signInId))
                .and(KEPT_VIEW.PLACE.eq(place.name()))
                .orderBy(KEPT_VIEW.NAME)
                .fetch(row -> new KeptView(row.getName(), row.getWanted()));
    }

    void add(long signInId, Place place, KeptView view) {
        sql.insertInto(KEPT_VIEW)
                .set(KEPT_VIEW.SIGN_IN_ID, signInId)
                .set(KEPT_VIEW.PLACE, place.name())
                .set(KEPT_VIEW.NAME, view.name())
                .set(KEPT_VIEW.WANTED, view.wanted())
                .execute();
    }

    void remove(long signInId, Place place, String name) {
        sql.deleteFrom(KEPT_VIEW)
                .where(KEPT_VIEW.SIGN_IN_ID.eq(signInId))
                .and(KEPT_VIEW.PLACE.eq(place.name()))
                .and(KEPT_VIEW.NAME.eq(name))
                .execute();
    }
}
