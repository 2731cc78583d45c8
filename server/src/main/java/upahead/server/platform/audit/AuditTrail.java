package upahead.server.platform.audit;

import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.json.Page;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

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
    @May(Permission.READ_THE_TRAIL)
    public Page<AuditRecord> read(AuditQuery query) {
        return new Page<>(names.named(store.read(query)), store.count(query));
    }

    /** What kinds of things were changed. */
    @Transactional(readOnly = true)
    @May(Permission.READ_THE_TRAIL)
    public List<String> subjects() {
        return store.subjects();
    }

    /** The changes that match as a CSV file, newest first, at most 100,000 of them. */
    @Transactional(readOnly = true)
    @May(Permission.READ_THE_TRAIL)
    public CsvFile export(AuditQuery query) {
        AuditQuery all = new AuditQuery(
                query.subject(),
                query.subjectId(),
                query.actor(),
                query.search(),
                query.from(),
                query.through(),
                0,
                MOST_EXPORTED);
        return CsvFile.of(
                "audit-trail.csv",
                List.of("at", "who", "kind", "thing", "what", "before", "after"),
                names.named(store.read(all)).stream()
                        .map(each -> Arrays.asList(
                                each.at(),
                                each.actor(),
                                each.subject(),
                                each.thing() == null ? each.subjectId() : each.thing(),
                                each.what(),
                                each.before(),
                                each.after()))
                        .toList());
    }
}
