package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.organisation.OrganisationJoined.TEAM_NAME;
import static upahead.server.policies.PoliciesJoined.POLICY_NAME;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import upahead.core.quantity.Amount;
import upahead.server.policies.PoliciesJoined;

/** The columns of a request in a list, of which its days are added up. */
final class SummaryJoined {

    static final Field<LocalDate> FIRST = DSL.min(LEAVE_DAY.ON_DATE);
    static final Field<LocalDate> LAST = DSL.max(LEAVE_DAY.ON_DATE);
    static final Field<BigDecimal> TOTAL = DSL.sum(LEAVE_DAY.AMOUNT);
    static final Field<BigDecimal> APPROVED_TOTAL =
            DSL.sum(DSL.when(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()), LEAVE_DAY.AMOUNT)
                    .otherwise(BigDecimal.ZERO));

    /** What each row of a list of requests has once. */
    static final List<Field<?>> GROUPED = Stream.concat(
                    Stream.of(
                            LEAVE_REQUEST.ID,
                            LEAVE_REQUEST.PERSON_ID,
                            LEAVE_REQUEST.POLICY_ID,
                            LEAVE_REQUEST.STATE,
                            LEAVE_REQUEST.NOTE,
                            LEAVE_REQUEST.SENT_AT,
                            LEAVE_REQUEST.EDITS,
                            PERSON_NAME,
                            TEAM_NAME),
                    PoliciesJoined.FIELDS.stream())
            .toList();

    private SummaryJoined() {}

    static RequestSummary summary(Record row, List<LocalDate> declined, List<LocalDate> cancelAsked, String answer) {
        return new RequestSummary(
                row.get(LEAVE_REQUEST.ID),
                row.get(LEAVE_REQUEST.PERSON_ID),
                row.get(PERSON_NAME),
                row.get(TEAM_NAME),
                row.get(LEAVE_REQUEST.POLICY_ID),
                row.get(POLICY_NAME),
                PoliciesJoined.unit(row),
                RequestState.valueOf(row.get(LEAVE_REQUEST.STATE)),
                row.get(FIRST),
                row.get(LAST),
                new Amount(row.get(TOTAL)),
                new Amount(row.get(APPROVED_TOTAL)),
                declined,
                cancelAsked,
                answer,
                row.get(LEAVE_REQUEST.NOTE),
                row.get(LEAVE_REQUEST.SENT_AT),
                row.get(LEAVE_REQUEST.EDITS));
    }
}
