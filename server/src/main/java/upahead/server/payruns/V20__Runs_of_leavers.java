package upahead.server.payruns;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/** Lets a group have runs of single leavers beside its own of the same period; the constraint before has no name of ours. */
public final class V20__Runs_of_leavers extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws Exception {
        Connection connection = context.getConnection();
        try (Statement change = connection.createStatement()) {
            for (String name : unique(connection)) {
                change.execute("alter table pay_run drop constraint \"" + name + "\"");
            }
            change.execute("alter table pay_run add constraint pay_run_once unique"
                    + " (pay_group_id, first_day, off_cycle_of)");
        }
    }

    private static List<String> unique(Connection connection) throws SQLException {
        List<String> names = new ArrayList<>();
        try (Statement ask = connection.createStatement();
                ResultSet rows = ask.executeQuery("select constraint_name from information_schema.table_constraints"
                        + " where lower(table_name) = 'pay_run' and constraint_type = 'UNIQUE'")) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        }
        return names;
    }
}
