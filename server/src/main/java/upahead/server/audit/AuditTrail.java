package upahead.server.audit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.json.Page;

/** Reads who changed what. */
@Service
public class AuditTrail {

    private static final int MOST_EXPORTED = 100_000;

    private final AuditStore store;
    private final TrailNames names;

    AuditTrail(AuditStore store, TrailNames names) {
        this.store = store;
        this.names = names;
    }

    /** The changes that match, newest first. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Page<AuditRecord> read(AuditQuery query) {
        return new Page<>(names.named(store.read(query)), store.count(query));
    }

    /** What kinds of things were changed. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<String> subjects() {
        return store.subjects();
    }

    /** The changes that match as a CSV file, newest first, at most 100,000 of them. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public String export(AuditQuery query) {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("at", "who", "kind", "thing", "what", "before", "after")
                .get();
        AuditQuery all = new AuditQuery(
                query.subject(),
                query.subjectId(),
                query.actor(),
                query.search(),
                query.from(),
                query.through(),
                0,
                MOST_EXPORTED);
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (AuditRecord each : names.named(store.read(all))) {
                printer.printRecord(
                        each.at(),
                        each.actor(),
                        each.subject(),
                        each.thing() == null ? each.subjectId() : each.thing(),
                        each.what(),
                        each.before(),
                        each.after());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}
