package upahead.server.platform.files;

import static upahead.server.database.Tables.WORK_PROGRESS;

import java.time.LocalDateTime;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** How far the work of programs has come, for others on the same database. */
@Repository
class ProgressStore {

    private static final int LONGEST_TOKEN = 80;
    private static final int LONGEST_WHAT = 200;

    private final DSLContext sql;

    ProgressStore(DSLContext sql) {
        this.sql = sql;
    }

    Optional<Progress.Step> find(String token) {
        return sql.selectFrom(WORK_PROGRESS)
                .where(WORK_PROGRESS.TOKEN.eq(token))
                .fetchOptional()
                .map(row -> new Progress.Step(row.getWhat(), row.getDone(), row.getTotal()));
    }

    void put(String token, Progress.Step step, LocalDateTime now) {
        if (token.length() > LONGEST_TOKEN) {
            return;
        }
        sql.deleteFrom(WORK_PROGRESS).where(WORK_PROGRESS.TOKEN.eq(token)).execute();
        sql.insertInto(WORK_PROGRESS)
                .set(WORK_PROGRESS.TOKEN, token)
                .set(
                        WORK_PROGRESS.WHAT,
                        step.what()
                                .substring(0, Math.min(LONGEST_WHAT, step.what().length())))
                .set(WORK_PROGRESS.DONE, step.done())
                .set(WORK_PROGRESS.TOTAL, step.of())
                .set(WORK_PROGRESS.TOLD_AT, now)
                .execute();
    }

    void forgetAllBefore(LocalDateTime time) {
        sql.deleteFrom(WORK_PROGRESS).where(WORK_PROGRESS.TOLD_AT.lt(time)).execute();
    }
}
