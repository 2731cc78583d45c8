package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.DriverManager;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.OnDemoData;
import upahead.server.Somebody;
import upahead.server.TestDatabases;

/** A server that throws everybody out, and lets them in again later. */
@Tag(TestDatabases.ON_SERVER)
@SpringBootTest(
        properties = {
            "upahead.daily.every=1d",
            "upahead.mail.every=1d",
            "upahead.delivery.every=1d",
            "spring.datasource.hikari.connection-timeout=1000"
        })
@ContextConfiguration(initializers = OnDemoData.class)
@AutoConfigureMockMvc
@ActiveProfiles("demo")
@DirtiesContext
class LostConnectionTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private HikariDataSource database;

    @Test
    void itIsSaidInOneSentenceAndWorksAgainByItself() throws Exception {
        ask(200);
        String address = database.getJdbcUrl();
        String name = address.replaceAll(".*/", "");
        try (Connection server = DriverManager.getConnection(address.replace(name, "postgres"), "up-ahead", "")) {
            server.createStatement().execute("alter database \"" + name + "\" allow_connections false");
            server.createStatement()
                    .execute("select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + name + "'");
            // as often as there were connections, each of which is found broken once
            String said = said();
            while (said.startsWith("The connection to the database was lost.")) {
                said = said();
            }
            assertThat(said)
                    .isEqualTo(
                            "The database cannot be reached at the moment; nothing was stored. Please try again in a moment.");
            server.createStatement().execute("alter database \"" + name + "\" allow_connections true");
        }
        ask(200);
    }

    private void ask(int expected) throws Exception {
        http.perform(get("/api/people").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().is(expected));
    }

    private String said() throws Exception {
        String answer = http.perform(get("/api/people").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isServiceUnavailable())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return JsonPath.read(answer, "$.detail");
    }
}
