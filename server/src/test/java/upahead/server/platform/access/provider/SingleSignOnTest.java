package upahead.server.platform.access.provider;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.jayway.jsonpath.JsonPath;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import upahead.server.OnDemoData;
import upahead.server.Somebody;
import upahead.server.TestDatabases;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.WaysIn;
import upahead.server.platform.problems.Refusal;

/** Signing in with an account of a real provider of OpenID Connect, by its own pages. */
@Tag(TestDatabases.ON_BOTH)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"upahead.daily.every=1d", "upahead.mail.every=1d", "upahead.delivery.every=1d"})
@ContextConfiguration(initializers = OnDemoData.class)
@ActiveProfiles("demo")
@DirtiesContext
class SingleSignOnTest {

    private static AProvider provider;

    @BeforeAll
    static void startAProvider() {
        if (provider == null) {
            provider = AProvider.start();
        }
    }

    @AfterAll
    static void endTheProvider() {
        provider.close();
        provider = null;
    }

    @DynamicPropertySource
    static void ofTheProvider(DynamicPropertyRegistry properties) {
        startAProvider();
        properties.add("upahead.sign-in.issuer", provider::address);
        properties.add("upahead.sign-in.secret", () -> AProvider.SECRET);
        properties.add("upahead.sign-in.name", () -> "the garden's account");
    }

    @LocalServerPort
    private int port;

    @Autowired
    private SignIns signIns;

    @Autowired
    private WaysIn waysIn;

    @Autowired
    private ProviderSignIns providerSignIns;

    @Autowired
    private CurrentUser user;

    @Test
    void somebodyWithASignInComesInByTheAddressOfTheAccount() throws Exception {
        ABrowser browser = new ABrowser("http://localhost:" + port);
        assertThat(browser.get("/api/session")).contains("\"provider\":\"the garden's account\"");
        String session = browser.signInAtTheProvider("kerensa");
        assertThat(JsonPath.<String>read(session, "$.username")).isEqualTo("kerensa");
        assertThat(JsonPath.<Boolean>read(session, "$.signedIn")).isTrue();
        assertThat(browser.get("/api/notices/unread")).contains("unread");
    }

    @Test
    void whoeverHasNoSignInIsToldUnlessTheDirectoryComesIn() throws Exception {
        String refused = new ABrowser("http://localhost:" + port).signInAtTheProvider("merrin");
        assertThat(JsonPath.<String>read(refused, "$.refused"))
                .isEqualTo("You were not invited yet. Please ask whoever keeps the sign-ins.");
        assertThat(JsonPath.<Boolean>read(refused, "$.signedIn")).isFalse();
        user.actAs(Somebody.ADMINISTRATOR, () -> waysIn.change(true, true, Set.of(), false));
        String session = new ABrowser("http://localhost:" + port).signInAtTheProvider("merrin");
        assertThat(JsonPath.<String>read(session, "$.role")).isEqualTo("EMPLOYEE");
        assertThat(JsonPath.<String>read(session, "$.name")).isEqualTo("Merrin Umberleigh");
        user.actAs(Somebody.ADMINISTRATOR, () -> waysIn.change(true, false, Set.of(), false));
    }

    @Test
    void nobodyComesInByAnAddressThatIsUnknownUnverifiedOrWasSomebodyElses() throws Exception {
        assertRefused("stranger", "Nobody who works here has the address stranger@elsewhere.example.");
        assertRefused("unverified", "The provider does not vouch for an e-mail address of yours");
        String issuer = provider.address();
        assertThat(providerSignIns
                        .signIn(issuer, "first-account", "corvin@brindlemoor.example", true)
                        .username())
                .isEqualTo("corvin");
        assertThatThrownBy(() -> providerSignIns.signIn(issuer, "second-account", "corvin@brindlemoor.example", true))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("came in with another account before");
        long corvin = signIns.active(providerSignIns
                        .signIn(issuer, "first-account", "somebody.new@elsewhere.example", true)
                        .id())
                .orElseThrow()
                .personId();
        user.actAs(Somebody.ADMINISTRATOR, () -> signIns.change(corvin, Role.APPROVER, false));
        assertThatThrownBy(() -> providerSignIns.signIn(issuer, "first-account", "corvin@brindlemoor.example", true))
                .hasMessageContaining("switched off");
        user.actAs(Somebody.ADMINISTRATOR, () -> signIns.change(corvin, Role.APPROVER, true));
        assertThat(providerSignIns
                        .signIn(issuer, "second-account", "corvin@brindlemoor.example", true)
                        .username())
                .isEqualTo("corvin");
    }

    @Test
    void passwordsAreSwitchedOffByWhoeverCameInWithoutOne() throws Exception {
        assertThatThrownBy(() -> user.actAs(Somebody.ADMINISTRATOR, () -> waysIn.change(false, false, Set.of(), false)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Sign in with the garden's account first");
        user.actAs(Somebody.ADMINISTRATOR, () -> waysIn.change(false, false, Set.of(), true));
        ABrowser browser = new ABrowser("http://localhost:" + port);
        assertThat(browser.get("/api/session")).contains("\"passwords\":false");
        assertThat(browser.post("/api/session", "{\"username\": \"teodric\", \"password\": \"walled-garden\"}"))
                .contains("Passwords are switched off here. Sign in with the garden's account.");
        assertThat(browser.signInAtTheProvider("teodric")).contains("\"username\":\"teodric\"");
        user.actAs(Somebody.ADMINISTRATOR, () -> waysIn.change(true, false, Set.of(), true));
    }

    private void assertRefused(String account, String why) throws Exception {
        String session = new ABrowser("http://localhost:" + port).signInAtTheProvider(account);
        assertThat(JsonPath.<String>read(session, "$.refused")).startsWith(why);
    }
}
