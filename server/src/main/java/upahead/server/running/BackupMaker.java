package upahead.server.running;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import upahead.server.company.CompanyExport;
import upahead.server.platform.backups.Backup;
import upahead.server.platform.backups.BackupFolder;

/** Makes a backup of all there is while everybody goes on, proves it, and thins out the older ones. */
@Component
class BackupMaker {

    private static final Logger LOG = LoggerFactory.getLogger(BackupMaker.class);

    private final CompanyExport export;
    private final BackupFolder folder;
    private final BackupProof proof;

    BackupMaker(CompanyExport export, BackupFolder folder, BackupProof proof) {
        this.export = export;
        this.folder = folder;
        this.proof = proof;
    }

    /**
     * Makes one.
     *
     * @param steps told what is being done
     * @return the backup, which is good only if it was proved
     * @throws RuntimeException if it cannot be written at all
     */
    Backup make(Consumer<String> steps) {
        LocalDateTime begun = LocalDateTime.now();
        steps.accept("Writing all there is");
        Path unfinished = folder.begin();
        export.writeAll(unfinished);
        steps.accept("Filling an empty place with it and proving every balance there");
        BackupProof.Outcome outcome = proof.of(unfinished, folder.placeToProve());
        Backup made = folder.keep(unfinished, begun, outcome.good(), outcome.report());
        folder.thin(LocalDateTime.now());
        if (outcome.good()) {
            LOG.info("backed up to {} and proved", folder.file(made));
        } else {
            LOG.error("the backup {} could not be proved: {}", folder.file(made), outcome.report());
        }
        return made;
    }
}
