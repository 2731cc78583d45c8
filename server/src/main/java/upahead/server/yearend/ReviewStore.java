package upahead.server.yearend;

import static upahead.server.database.Tables.YEAR_END_EXPECTED;
import static upahead.server.database.Tables.YEAR_END_REVIEW;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.ledger.YearTurn;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.YearEndExpectedRecord;

/** Reviews of year's ends that somebody kept. */
@Repository
class ReviewStore {

    /** A review that was kept. */
    record Kept(long id, long policyId, int year, LocalDateTime at, String by) {}

    private final DSLContext sql;

    ReviewStore(DSLContext sql) {
        this.sql = sql;
    }

    Optional<Kept> find(long policyId, int year) {
        return sql.selectFrom(YEAR_END_REVIEW)
                .where(YEAR_END_REVIEW.POLICY_ID.eq(policyId))
                .and(YEAR_END_REVIEW.TURN_YEAR.eq(year))
                .fetchOptional(row ->
                        new Kept(row.getId(), row.getPolicyId(), row.getTurnYear(), row.getKeptAt(), row.getKeptBy()));
    }

    List<Kept> all() {
        return sql.selectFrom(YEAR_END_REVIEW)
                .orderBy(YEAR_END_REVIEW.ID)
                .fetch(row ->
                        new Kept(row.getId(), row.getPolicyId(), row.getTurnYear(), row.getKeptAt(), row.getKeptBy()));
    }

    /** Keeps a review, or one more look at it. */
    long keep(long policyId, int year, LocalDateTime at, String by) {
        Optional<Kept> before = find(policyId, year);
        if (before.isPresent()) {
            sql.update(YEAR_END_REVIEW)
                    .set(YEAR_END_REVIEW.KEPT_AT, at)
                    .set(YEAR_END_REVIEW.KEPT_BY, by)
                    .where(YEAR_END_REVIEW.ID.eq(before.get().id()))
                    .execute();
            return before.get().id();
        }
        return sql.insertInto(YEAR_END_REVIEW)
                .set(YEAR_END_REVIEW.POLICY_ID, policyId)
                .set(YEAR_END_REVIEW.TURN_YEAR, year)
                .set(YEAR_END_REVIEW.KEPT_AT, at)
                .set(YEAR_END_REVIEW.KEPT_BY, by)
                .returningResult(YEAR_END_REVIEW.ID)
                .fetchOne(YEAR_END_REVIEW.ID);
    }

    /** Replaces what is expected on days after one; what was expected before it stays. */
    void expect(long reviewId, LocalDate after, Collection<Expected> expected) {
        sql.deleteFrom(YEAR_END_EXPECTED)
                .where(YEAR_END_EXPECTED.REVIEW_ID.eq(reviewId))
                .and(YEAR_END_EXPECTED.TURNS_ON.gt(after))
                .execute();
        sql.batchInsert(expected.stream().map(each -> row(reviewId, each)).toList())
                .execute();
    }

    List<Expected> expected(long reviewId) {
        return sql.selectFrom(YEAR_END_EXPECTED)
                .where(YEAR_END_EXPECTED.REVIEW_ID.eq(reviewId))
                .orderBy(YEAR_END_EXPECTED.PERSON_ID)
                .fetch(row -> new Expected(
                        row.getPersonId(),
                        new YearTurn(
                                row.getTurnsOn(),
                                new Amount(row.getHeld()),
                                new Amount(row.getUnused()),
                                new Amount(row.getLost()),
                                new Amount(row.getPaidOut()),
                                new Amount(row.getCarried()))));
    }

    private YearEndExpectedRecord row(long reviewId, Expected expected) {
        YearEndExpectedRecord row = sql.newRecord(YEAR_END_EXPECTED);
        YearTurn figures = expected.figures();
        row.setReviewId(reviewId);
        row.setPersonId(expected.personId());
        row.setTurnsOn(figures.on());
        row.setHeld(figures.held().value());
        row.setUnused(figures.unused().value());
        row.setLost(figures.lost().value());
        row.setPaidOut(figures.paidOut().value());
        row.setCarried(figures.carried().value());
        return row;
    }
}
