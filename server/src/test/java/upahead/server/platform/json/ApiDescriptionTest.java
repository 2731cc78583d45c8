package upahead.server.platform.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.test.context.support.WithMockUser;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.WithDemo;

/** The types of the front end come from a copy of the description; this holds the copy true. */
@WithDemo
class ApiDescriptionTest {

    private static final Path COPY = Path.of("../web/openapi.json");
    private static final Path SERVED = Path.of("target/openapi.json");

    @Autowired
    private MockMvc http;

    @Autowired
    private ObjectMapper json;

    @Test
    @WithMockUser
    void theCopyOfTheFrontEndIsWhatTheServerSays() throws Exception {
        String served =
                http.perform(get("/api/openapi")).andReturn().getResponse().getContentAsString();
        Files.writeString(
                SERVED, json.writerWithDefaultPrettyPrinter().writeValueAsString(json.readTree(served)) + "\n");
        assertThat(json.readTree(Files.readString(COPY)))
                .as("copy server/target/openapi.json to web/openapi.json when the API has changed")
                .isEqualTo(json.readTree(served));
    }
}
