package upahead.server.running;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;
import upahead.server.platform.backups.Backup;
import upahead.server.platform.backups.BackupFolder;

/** The command that makes a backup where no program runs on the data, or they lie on a server: 0 when it is good, else 1. */
@Component
@ConditionalOnProperty("upahead.backup")
class BackupCommand implements ApplicationRunner {

    private final Backups backups;
    private final BackupFolder folder;
    private final ApplicationContext context;

    BackupCommand(Backups backups, BackupFolder folder, ApplicationContext context) {
        this.backups = backups;
        this.folder = folder;
        this.context = context;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        Backup made = backups.start("the backup command").join();
        System.out.println(made.good() ? "good" : "failed");
        System.out.println(folder.file(made));
        System.out.println(made.report());
        System.exit(SpringApplication.exit(context, () -> made.good() ? 0 : 1));
    }
}
