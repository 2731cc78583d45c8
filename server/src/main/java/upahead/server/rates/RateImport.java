package upahead.server.rates;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.value.PayRate;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.RowFault;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Brings pay rates in from a file: looked at first, then taken whole or not at all. */
@Service
class RateImport {

    /**
     * What a file would bring.
     *
     * @param order in which day and month were read, null where it does not matter
     * @param rows how many can be taken
     * @param people whose they are
     */
    record RatePreview(
            List<String> headings,
            String encoding,
            List<FileColumns.ColumnMatch> columns,
            @Nullable Dates.Order order,
            int rows,
            int people,
            List<RowFault> faults) {}

    /**
     * Where a row says nothing of it.
     *
     * @param from the day
     * @param per the stretch of time
     */
    record Otherwise(LocalDate from, PayRate.Per per) {}

    private final PayRates rates;
    private final People people;

    RateImport(PayRates rates, People people) {
        this.rates = rates;
        this.people = people;
    }

    @Transactional(readOnly = true)
    @May(Permission.SEE_PAY_RATES)
    public RatePreview preview(byte[] content, FileColumns.Reading reading, Otherwise otherwise) {
        return preview(read(content, reading, otherwise));
    }

    /**
     * Takes the rows of a file.
     *
     * @param skip the lines of faulty rows that are left out on purpose
     * @throws Refusal if any other row is faulty; then nothing is taken
     */
    @Transactional
    @May(Permission.SEE_PAY_RATES)
    public RatePreview take(
            byte[] content, FileColumns.Reading reading, Otherwise otherwise, String source, Set<Long> skip) {
        RateFile file = read(content, reading, otherwise);
        file.columns().requireNeeded();
        RowFault.requireNone(file.faults(), skip);
        rates.setAll(file.rows(), source);
        return preview(file);
    }

    private RateFile read(byte[] content, FileColumns.Reading reading, Otherwise otherwise) {
        return RateFile.read(
                content, reading, people.search(PeopleQuery.everybody()), otherwise.from(), otherwise.per());
    }

    private static RatePreview preview(RateFile file) {
        return new RatePreview(
                file.table().headings(),
                file.table().encoding(),
                file.columns().matches(),
                file.columns().shownOrder(),
                file.rows().size(),
                (int) file.rows().stream().map(PersonRate::personId).distinct().count(),
                file.faults());
    }
}
