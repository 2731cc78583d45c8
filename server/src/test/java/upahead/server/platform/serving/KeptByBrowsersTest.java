package upahead.server.platform.serving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.ClassPathResource;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.WithDemo;

@WithDemo
class KeptByBrowsersTest {

    private static final Pattern SCRIPT = Pattern.compile("/assets/[^\"]+\\.js");

    @Autowired
    private MockMvc http;

    @Test
    void scriptsAreKeptAndTheirPageIsNot() throws Exception {
        String page = new ClassPathResource("/static/index.html").getContentAsString(StandardCharsets.UTF_8);
        Matcher script = SCRIPT.matcher(page);
        assertThat(script.find()).isTrue();
        http.perform(get(script.group()))
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", "max-age=31536000, public, immutable"));
        http.perform(get("/index.html"))
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", containsString("no-store")));
    }

    @Test
    void aScriptOfAnotherProgramIsNotThere() throws Exception {
        http.perform(get("/assets/index-older.js")).andExpect(status().isNotFound());
    }
}
