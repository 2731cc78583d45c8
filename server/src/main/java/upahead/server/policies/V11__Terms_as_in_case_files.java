package upahead.server.policies;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/** Rewrites the terms of policies and the figures of exceptions into the one way in which they are written. */
public final class V11__Terms_as_in_case_files extends BaseJavaMigration {

    private static final Map<String, String> LIMITS_OF_TERMS = Map.of(
            "balanceLimit", "balance",
            "earnedPerYearLimit", "earnedPerYear",
            "usedPerYearLimit", "usedPerYear",
            "overdraw", "overdraw");
    private static final Map<String, String> LIMITS_OF_EXCEPTIONS = Map.of(
            "balanceLimit", "balance",
            "earnedPerYear", "earnedPerYear",
            "usedPerYear", "usedPerYear",
            "overdraw", "overdraw");

    private final ObjectMapper json = new ObjectMapper();

    @Override
    public void migrate(Context context) throws Exception {
        rewrite(context.getConnection(), "policy_version", "terms", this::terms);
        rewrite(context.getConnection(), "policy_exception", "figures", this::figures);
    }

    private void rewrite(Connection connection, String table, String column, UnaryOperator<JsonNode> change)
            throws Exception {
        Map<Long, String> rewritten = new HashMap<>();
        try (ResultSet rows = connection.createStatement().executeQuery("select id, " + column + " from " + table)) {
            while (rows.next()) {
                JsonNode before = json.readTree(rows.getString(2));
                rewritten.put(rows.getLong(1), change.apply(before).toString());
            }
        }
        try (PreparedStatement update =
                connection.prepareStatement("update " + table + " set " + column + " = ? where id = ?")) {
            for (Map.Entry<Long, String> each : rewritten.entrySet()) {
                update.setString(1, each.getValue());
                update.setLong(2, each.getKey());
                update.executeUpdate();
            }
        }
    }

    JsonNode terms(JsonNode before) {
        ObjectNode after = json.createObjectNode();
        after.set("earning", earning(before.path("earning")));
        for (String same : List.of("tenure", "scaleByFte", "scaleByDaysOfWeek")) {
            copy(before, same, after, same);
        }
        for (String time : List.of("waitToEarn", "waitToUse", "creditsUsable")) {
            time(before.path(time), after, time);
        }
        after.set("limits", limits(before, LIMITS_OF_TERMS));
        ObjectNode yearEnd = after.putObject("yearEnd");
        carry(before, yearEnd);
        carriedUsable(before.path("carriedUsable"), yearEnd);
        choice(before, "excess", yearEnd, "excess");
        choice(before, "onLeaving", after, "onLeaving");
        JsonNode rounding = before.path("rounding");
        if (rounding.isObject()) {
            ObjectNode rounded = after.putObject("rounding");
            copy(rounding, "step", rounded, "step");
            choice(rounding, "mode", rounded, "mode");
        }
        return after;
    }

    private JsonNode figures(JsonNode before) {
        ObjectNode after = json.createObjectNode();
        copy(before, "figure", after, "amount");
        after.set("limits", limits(before, LIMITS_OF_EXCEPTIONS));
        copy(before, "carry", after, "carry");
        time(before.path("waitToEarn"), after, "waitToEarn");
        time(before.path("waitToUse"), after, "waitToUse");
        return after;
    }

    private ObjectNode earning(JsonNode before) {
        ObjectNode after = json.createObjectNode();
        choice(before, "method", after, "method");
        switch (before.path("method").asText()) {
            case "UPFRONT" -> {
                copy(before, "amount", after, "amount");
                choice(before, "firstYear", after, "firstYear");
            }
            case "PER_PERIOD" -> {
                choice(before, "every", after, "every");
                if (!after.has("every")) {
                    after.put("every", "pay-period");
                }
                copy(before, "amount", after, before.path("perYear").asBoolean() ? "perYear" : "amount");
                for (String choice : List.of("posts", "months", "partial")) {
                    choice(before, choice, after, choice);
                }
            }
            case "PER_HOURS_WORKED" -> {
                copy(before, "amount", after, "earn");
                for (String same :
                        List.of("forEvery", "wholeStepsOnly", "counts", "paidLeaveCounts", "paidHolidaysCount")) {
                    copy(before, same, after, same);
                }
                choice(before, "hoursPost", after, "posts");
            }
            default -> {
                // nothing is earned by itself: what an earlier method had means nothing
            }
        }
        return after;
    }

    private ObjectNode limits(JsonNode before, Map<String, String> names) {
        ObjectNode limits = json.createObjectNode();
        names.forEach((old, name) -> copy(before, old, limits, name));
        return limits;
    }

    private static void carry(JsonNode before, ObjectNode yearEnd) {
        copy(before, "carry", yearEnd, "carry");
        if ("0".equals(before.path("carry").asText())) {
            yearEnd.put("carry", "none");
        }
    }

    private static void carriedUsable(JsonNode before, ObjectNode yearEnd) {
        if (before.hasNonNull("until")) {
            yearEnd.putObject("carriedUsable").set("until", before.get("until"));
        } else {
            time(before.path("time"), yearEnd, "carriedUsable");
        }
    }

    private static void time(JsonNode before, ObjectNode after, String name) {
        if (before.isObject()) {
            after.putObject(name).set(before.path("in").asText().toLowerCase(Locale.ROOT), before.path("count"));
        }
    }

    private static void choice(JsonNode before, String name, ObjectNode after, String as) {
        if (before.hasNonNull(name)) {
            after.put(as, before.get(name).asText().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
    }

    private static void copy(JsonNode before, String name, ObjectNode after, String as) {
        if (before.hasNonNull(name)) {
            after.set(as, before.get(name));
        }
    }
}
