package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import upahead.server.OnEmptyDatabase;
import upahead.server.TestDatabases;

/** An empty program, from its first start. */
@Tag(TestDatabases.ON_BOTH)
@SpringBootTest
@ContextConfiguration(initializers = OnEmptyDatabase.class)
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstAdministratorTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    @Test
    @Order(1)
    void anEmptyProgramSaysSo() throws Exception {
        http.perform(get("/api/session"))
                .andExpect(jsonPath("$.fresh").value(true))
                .andExpect(jsonPath("$.signedIn").value(false))
                .andExpect(jsonPath("$.demo").value(false));
    }

    @Test
    @Order(2)
    void aShortPasswordIsRefused() throws Exception {
        create("ada", "short")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("password"))
                .andExpect(jsonPath("$.detail").value("A password needs at least 12 characters."));
    }

    @Test
    @Order(3)
    void aMissingNameIsSaidBesideItsField() throws Exception {
        create(" ", "long enough, surely")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("username"));
    }

    @Test
    @Order(4)
    void theFirstAdministratorIsCreatedOnceAndThePasswordIsHashed() throws Exception {
        create("Ada", "long enough, surely").andExpect(status().isNoContent());
        create("eve", "long enough, surely")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value("There is an administrator already. Please sign in."));
        assertThat(sql.queryForObject("select password_hash from sign_in", String.class))
                .startsWith("$2a$10$")
                .doesNotContain("long enough");
    }

    @Test
    @Order(5)
    void andCanSignInHoweverTheNameIsWritten() throws Exception {
        http.perform(post("/api/session")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"username\": \" ADA \", \"password\": \"long enough, surely\"}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.role").value("ADMINISTRATOR"))
                .andExpect(jsonPath("$.personId").isEmpty());
    }

    private ResultActions create(String username, String password) throws Exception {
        return http.perform(post("/api/session/first-administrator")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                        "{\"username\": \"" + username + "\", \"name\": \"Ada\", \"password\": \"" + password + "\"}"));
    }
}
