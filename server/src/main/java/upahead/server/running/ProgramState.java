package upahead.server.running;

import java.io.File;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryUsage;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.stereotype.Service;
import upahead.server.UpAhead;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.Scripts;

/** How the program is, for whoever looks after it. */
@Service
public class ProgramState {

    private static final String NOT_PACKED = "not packed";

    private final DataSourceProperties database;
    private final Scripts scripts;
    private final File data;

    ProgramState(DataSourceProperties database, Scripts scripts, @Value("${upahead.data:./data}") File data) {
        this.database = database;
        this.scripts = scripts;
        this.data = data;
    }

    /** As it is now. */
    @May(Permission.KEEP_THE_COMPANY)
    public ProgramView look() {
        String version = UpAhead.class.getPackage().getImplementationVersion();
        MemoryUsage memory = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage();
        return new ProgramView(
                version == null ? NOT_PACKED : version,
                LocalDateTime.ofInstant(
                        Instant.ofEpochMilli(
                                ManagementFactory.getRuntimeMXBean().getStartTime()),
                        ZoneId.systemDefault()),
                database.determineUrl().replaceAll("[;?].*", "").replaceFirst("^jdbc:h2:(durable:)?", ""),
                scripts.version(),
                data.getUsableSpace(),
                memory.getUsed(),
                memory.getMax());
    }
}
