package upahead.server.rates;

import static upahead.server.database.Tables.PAY_RATE;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;
import upahead.server.database.tables.records.PayRateRecord;
import upahead.server.platform.sql.Among;

/** Pay rates. */
@Repository
class RateStore {

    private final DSLContext sql;

    RateStore(DSLContext sql) {
        this.sql = sql;
    }

    /** By person and then by day. */
    List<PersonRate> of(Collection<Long> people) {
        return sql.selectFrom(PAY_RATE)
                .where(Among.among(PAY_RATE.PERSON_ID, people))
                .orderBy(PAY_RATE.PERSON_ID, PAY_RATE.STARTS)
                .fetch(RateStore::rate);
    }

    Optional<PersonRate> find(long personId, LocalDate from) {
        return sql.selectFrom(PAY_RATE)
                .where(PAY_RATE.PERSON_ID.eq(personId))
                .and(PAY_RATE.STARTS.eq(from))
                .fetchOptional(RateStore::rate);
    }

    /** Sets rates; one of the same person and day is replaced. */
    void put(Collection<PersonRate> rates) {
        sql.batch(rates.stream()
                        .map(rate -> sql.deleteFrom(PAY_RATE)
                                .where(PAY_RATE.PERSON_ID.eq(rate.personId()))
                                .and(PAY_RATE.STARTS.eq(rate.from())))
                        .toList())
                .execute();
        sql.batchInsert(rates.stream().map(this::row).toList()).execute();
    }

    boolean remove(long personId, LocalDate from) {
        return sql.deleteFrom(PAY_RATE)
                        .where(PAY_RATE.PERSON_ID.eq(personId))
                        .and(PAY_RATE.STARTS.eq(from))
                        .execute()
                == 1;
    }

    private PayRateRecord row(PersonRate rate) {
        PayRateRecord row = sql.newRecord(PAY_RATE);
        row.setPersonId(rate.personId());
        row.setStarts(rate.from());
        row.setAmount(rate.amount().value());
        row.setPer(rate.per().name());
        return row;
    }

    private static PersonRate rate(PayRateRecord row) {
        return new PersonRate(
                row.getId(),
                row.getPersonId(),
                row.getStarts(),
                new Amount(row.getAmount()),
                PayRate.Per.valueOf(row.getPer()));
    }
}
