package upahead.server.platform.json;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The description of the interface, as {@link ApiDescriptionTest} holds it. */
class ApiExamplesTest {

    private static JsonNode api;

    @BeforeAll
    static void read() throws IOException {
        api = new ObjectMapper().readTree(Path.of("../web/openapi.json").toFile());
    }

    @Test
    void everyPartOfABodyHasAnExample() {
        List<String> without = new ArrayList<>();
        api.at("/components/schemas")
                .fields()
                .forEachRemaining(
                        schema -> schema.getValue().path("properties").fields().forEachRemaining(part -> {
                            if (needsOne(part.getValue())) {
                                without.add(schema.getKey() + "." + part.getKey());
                            }
                        }));
        assertThat(without).isEmpty();
    }

    private static boolean needsOne(JsonNode part) {
        JsonNode inner = part.has("items") ? part.get("items") : part;
        return Set.of("string", "integer", "number", "boolean")
                        .contains(inner.path("type").asText())
                && !inner.has("example");
    }

    @Test
    void saysHowAnotherProgramIsLetIn() {
        assertThat(api.at("/components/securitySchemes/token/scheme").asText()).isEqualTo("bearer");
        assertThat(api.at("/security/0").has("token")).isTrue();
    }
}
