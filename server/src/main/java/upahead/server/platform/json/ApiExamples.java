package upahead.server.platform.json;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Gives every figure, day and text of the OpenAPI description an example, and says how another program is let in. */
@Configuration
class ApiExamples {

    private static final String TOKEN = "token";
    private static final String DATE_AND_TIME = "date-time";

    private static final Map<String, String> OF_NAMES = Map.ofEntries(
            Map.entry("name", "Hourly leave"),
            Map.entry("person", "Kerensa Saltonstall"),
            Map.entry("code", "B127"),
            Map.entry("team", "Grounds"),
            Map.entry("site", "Brindlemoor"),
            Map.entry("policy", "Hourly leave"),
            Map.entry("reason", "Counted twice in March"),
            Map.entry("message", "Enjoy the days."),
            Map.entry("note", "A wedding"),
            Map.entry("email", "kerensa@example.com"),
            Map.entry("username", "kerensa"),
            Map.entry("benefitYear", "01-01"),
            Map.entry("search", "kerensa"),
            Map.entry("address", "https://example.com/told"),
            Map.entry("payrollCode", "VAC-H"),
            Map.entry("order", "person"),
            Map.entry("token", "4f9c2a"),
            Map.entry("progress", "4f9c2a"),
            Map.entry("year", "2028"));

    private static final Map<String, String> OF_FORMATS =
            Map.of("date", "2027-04-26", DATE_AND_TIME, "2027-04-26T08:30:00", "binary", "a file");

    @Bean
    OpenApiCustomizer withExamples() {
        return api -> {
            api.getComponents()
                    .addSecuritySchemes(
                            TOKEN,
                            new SecurityScheme()
                                    .type(SecurityScheme.Type.HTTP)
                                    .scheme("bearer")
                                    .description("A token of a program that was let in."));
            api.addSecurityItem(new SecurityRequirement().addList(TOKEN));
            api.getComponents().getSchemas().values().forEach(ApiExamples::inside);
            operations(api).forEach(ApiExamples::parameters);
        };
    }

    private static List<Operation> operations(OpenAPI api) {
        return api.getPaths().values().stream()
                .flatMap(path -> path.readOperations().stream())
                .toList();
    }

    private static void parameters(Operation operation) {
        List<Parameter> parameters = operation.getParameters();
        if (parameters != null) {
            parameters.stream()
                    .filter(each -> each.getSchema() != null)
                    .forEach(each -> give(each.getName(), each.getSchema()));
        }
    }

    private static void inside(Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.getProperties().replaceAll((name, property) -> given(name, property));
        }
    }

    @SuppressWarnings("rawtypes")
    private static Schema given(String name, Schema schema) {
        if (!DATE_AND_TIME.equals(schema.getFormat())) {
            give(name, schema);
            return schema;
        }
        // a schema of moments takes no example without a time zone
        return new StringSchema()
                .format(DATE_AND_TIME)
                .nullable(schema.getNullable())
                .description(schema.getDescription())
                .example(OF_FORMATS.get(DATE_AND_TIME));
    }

    private static void give(String name, Schema<?> schema) {
        if (schema.getItems() != null) {
            give(name, schema.getItems());
            return;
        }
        if (schema.get$ref() != null || schema.getExample() != null || schema.getType() == null) {
            return;
        }
        Object example = example(name, schema);
        if (example != null) {
            schema.setExample(example);
        }
    }

    private static Object example(String name, Schema<?> schema) {
        if (schema.getEnum() != null && !schema.getEnum().isEmpty()) {
            return schema.getEnum().get(0);
        }
        return switch (schema.getType()) {
            case "boolean" -> true;
            case "integer" -> name.equals("year") ? 2028 : 1;
            case "number" -> 1;
            case "string" ->
                schema.getFormat() == null
                        ? OF_NAMES.getOrDefault(name, "as it is said")
                        : OF_FORMATS.getOrDefault(schema.getFormat(), "as it is said");
            default -> null;
        };
    }
}
