package upahead.server.company;

import java.io.UncheckedIOException;
import java.nio.file.Path;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;

/** Copies of the whole company, each on record: they hold everything there is to know of everybody. */
@Service
public class CompanyCopies {

    private static final long THE_COMPANY = 0;

    private final CompanyExport export;
    private final Audit audit;
    private final TransactionTemplate writing;

    CompanyCopies(CompanyExport export, Audit audit, TransactionTemplate writing) {
        this.export = export;
        this.audit = audit;
        this.writing = writing;
    }

    /**
     * Takes a copy.
     *
     * @return a file that whoever asked for it deletes
     * @throws UncheckedIOException if there is no room for it
     */
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Path take() {
        Path file = export.write();
        writing.executeWithoutResult(
                status -> audit.record(Thing.COMPANY, THE_COMPANY, "took a copy of everything", null, null));
        return file;
    }
}
