package upahead.server.platform.sql;

import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.stereotype.Component;

/** Whether others may run on the same data: a file belongs to one program, a server to as many as there are. */
@Component
public class Programs {

    private final boolean several;

    Programs(DataSourceProperties database) {
        this.several = DatabaseKind.at(database.determineUrl()) == DatabaseKind.SERVER;
    }

    public boolean maySeveral() {
        return several;
    }
}
