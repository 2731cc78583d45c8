package upahead.server.leavers;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.io.JsonStringEncoder;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;
import upahead.server.employment.Person;
import upahead.server.platform.audit.Thing;

/** Gathers what somebody was called and written to: now, in pay runs of then, and before their details were changed. */
@Component
class NamesOfPeople {

    private static final int SHORTEST = 3;

    private final DataSource database;
    private final ObjectMapper json;

    NamesOfPeople(DataSource database, ObjectMapper json) {
        this.database = database;
        this.json = json;
    }

    /**
     * What a person was called and is called from now on.
     *
     * @param same the ids of all employments of the same human being
     */
    Names of(Person person, Set<Long> same) {
        Connection connection = DataSourceUtils.getConnection(database);
        try {
            Set<String> found = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
            add(found, person.name());
            add(found, person.email());
            read(connection, "select display_name from sign_in where person_id = ?", person.id(), found);
            read(connection, "select distinct person_name from handed_over where person_id = ?", person.id(), found);
            for (String change : List.of("before_change", "after_change")) {
                Set<String> written = new TreeSet<>();
                read(
                        connection,
                        "select " + change + " from audit_record where subject = '" + Thing.PERSON.words()
                                + "' and subject_id = ?",
                        person.id(),
                        written);
                written.forEach(each -> addWritten(found, each));
            }
            List<String> nobodyElses = new ArrayList<>();
            for (String name : found) {
                if (meansOne(name) && !isSomebodyElse(connection, name, same)) {
                    nobodyElses.add(name);
                }
            }
            return new Names(instead(person), longestFirst(found), longestFirst(nobodyElses));
        } catch (SQLException failed) {
            throw new IllegalStateException("names cannot be read", failed);
        } finally {
            DataSourceUtils.releaseConnection(connection, database);
        }
    }

    private static String instead(Person person) {
        return "Former employee " + person.code().replaceAll("[\"\\\\\\p{Cntrl}]", "");
    }

    /** One word may be part of somebody else's name, or a word. */
    private static boolean meansOne(String name) {
        return name.contains("@") || name.indexOf(' ') > 0;
    }

    private static boolean isSomebodyElse(Connection connection, String name, Set<Long> same) throws SQLException {
        try (PreparedStatement statement =
                connection.prepareStatement("select id from person where lower(name) = ? or lower(email) = ?")) {
            statement.setString(1, name.toLowerCase(Locale.ROOT));
            statement.setString(2, name.toLowerCase(Locale.ROOT));
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    if (!same.contains(rows.getLong(1))) {
                        return true;
                    }
                }
                return false;
            }
        }
    }

    private static void read(Connection connection, String question, long personId, Set<String> into)
            throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(question)) {
            statement.setLong(1, personId);
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    add(into, rows.getString(1));
                }
            }
        }
    }

    /** Details that stand on the trail. */
    private void addWritten(Set<String> found, String written) {
        try {
            JsonNode details = json.readTree(written);
            add(found, details.path("name").textValue());
            add(found, details.path("email").textValue());
        } catch (JsonProcessingException words) {
            // some changes are written in words
        }
    }

    private static void add(Set<String> found, String name) {
        if (name != null && name.strip().length() >= SHORTEST) {
            found.add(name.strip());
        }
    }

    /** The longest first, since one may be part of another; each also as it stands in JSON. */
    private static List<String> longestFirst(Iterable<String> names) {
        Set<String> all =
                new TreeSet<>(Comparator.comparing(String::length).reversed().thenComparing(name -> name));
        for (String name : names) {
            all.add(name);
            all.add(String.valueOf(JsonStringEncoder.getInstance().quoteAsString(name)));
        }
        return List.copyOf(all);
    }
}
