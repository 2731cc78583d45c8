package upahead.server.company;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

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
    @May(Permission.KEEP_THE_COMPANY)
    public Path take() {
        Path file;
        try {
            file = Files.createTempFile("company", ".zip");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        export.writeCompany(file);
        writing.executeWithoutResult(
                status -> audit.record(Thing.COMPANY, THE_COMPANY, "took a copy of everything", null, null));
        return file;
    }
}
