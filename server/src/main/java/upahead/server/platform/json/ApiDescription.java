package upahead.server.platform.json;

import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Arrays;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Makes the OpenAPI description say what holds: every field is always there, and only those marked may be null. */
@Configuration
class ApiDescription {

    @Bean
    PropertyCustomizer nullableFields() {
        return (schema, type) -> {
            boolean nullable = type.getCtxAnnotations() != null
                    && Arrays.stream(type.getCtxAnnotations()).anyMatch(Nullable.class::isInstance);
            if (!nullable) {
                return schema;
            }
            if (schema.get$ref() == null) {
                return schema.nullable(true);
            }
            Schema<?> wrapped = new ComposedSchema().addAllOfItem(new Schema<>().$ref(schema.get$ref()));
            return wrapped.nullable(true);
        };
    }

    @Bean
    OpenApiCustomizer allFieldsPresent() {
        return api -> {
            api.getInfo().title("Up Ahead").version("1");
            api.setServers(null);
            api.getComponents().getSchemas().values().stream()
                    .filter(schema -> schema.getProperties() != null)
                    .forEach(schema -> {
                        schema.setRequired(
                                new ArrayList<>(schema.getProperties().keySet()));
                        schema.getProperties().values().forEach(property -> neverNullInside((Schema<?>) property));
                    });
        };
    }

    /** A list that may be null has no null elements, but its elements are described with the marks of the list. */
    private static void neverNullInside(Schema<?> list) {
        Schema<?> element = list.getItems();
        if (element != null && Boolean.TRUE.equals(element.getNullable())) {
            list.setItems(
                    element.getAllOf() == null
                            ? element.nullable(null)
                            : element.getAllOf().get(0));
        }
    }
}
