package upahead.server.policies;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.HashMap;
import java.util.Map;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/** Rewrites coverage by one condition as coverage by several. */
public final class V9__Combined_coverage extends BaseJavaMigration {

    private static final Map<String, String> FIELDS = Map.of("TEAM", "teams", "SITE", "sites", "PERSON", "named");

    private final ObjectMapper json = new ObjectMapper();

    @Override
    public void migrate(Context context) throws Exception {
        Connection connection = context.getConnection();
        Map<Long, String> rewritten = new HashMap<>();
        try (ResultSet rows = connection
                .createStatement()
                .executeQuery("select id, coverage from policy where coverage is not null")) {
            while (rows.next()) {
                rewritten.put(rows.getLong(1), rewritten(json.readTree(rows.getString(2))));
            }
        }
        try (PreparedStatement update = connection.prepareStatement("update policy set coverage = ? where id = ?")) {
            for (Map.Entry<Long, String> each : rewritten.entrySet()) {
                update.setString(1, each.getValue());
                update.setLong(2, each.getKey());
                update.executeUpdate();
            }
        }
    }

    private String rewritten(JsonNode before) {
        String by = before.path("by").asText();
        ObjectNode after = json.createObjectNode();
        after.put("byRule", !by.equals("PERSON"));
        after.set("types", by.equals("EMPLOYMENT_TYPE") ? before.get("types") : json.createArrayNode());
        for (String field : new String[] {"teams", "notTeams", "sites", "named"}) {
            after.set(field, json.createArrayNode());
        }
        if (FIELDS.containsKey(by) && before.path("ids").isArray()) {
            after.set(FIELDS.get(by), before.get("ids"));
        }
        after.set("excluded", before.path("excluded").isArray() ? before.get("excluded") : json.createArrayNode());
        return after.toString();
    }
}
