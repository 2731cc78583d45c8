package upahead.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import upahead.core.policy.Limit;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Balances;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** A data file of an earlier program is opened and means what it meant. */
@SpringBootTest
@ActiveProfiles("demo")
@DirtiesContext
class OlderDataTest {

    private static final long QUILLAN = 33;
    private static final long HOURLY_LEAVE = 1;

    @TempDir
    static Path data;

    @DynamicPropertySource
    static void ofAnEarlierProgram(DynamicPropertyRegistry properties) {
        try (InputStream file = OlderDataTest.class.getResourceAsStream("/older/layout-10.mv.db.gz")) {
            Files.copy(new GZIPInputStream(file), data.resolve("up-ahead.mv.db"));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        properties.add("upahead.data", data::toString);
    }

    @Autowired
    private CurrentUser user;

    @Autowired
    private Policies policies;

    @Autowired
    private Balances balances;

    @Test
    void policiesSayWhatTheySaid() {
        Map<String, Terms> terms = policies.all().stream()
                .filter(policy -> !policy.recordedOnly())
                .collect(Collectors.toMap(PolicyDetail::name, policy -> policies.rules(policy)
                        .versions()
                        .on(LocalDate.of(2027, 4, 26))
                        .orElseThrow()));
        assertThat(terms).hasSize(9);
        assertThat(terms.get("Salaried leave").limits().on(Limit.OVERDRAW)).contains(Amount.of(2));
        assertThat(terms.get("Salaried leave").yearEnd().carry()).contains(Amount.of(5));
        assertThat(terms.get("Learning days").yearEnd().carry()).contains(Amount.ZERO);
    }

    @Test
    void exceptionsHoldAsBefore() {
        assertThat(act(() -> balances.one(QUILLAN, HOURLY_LEAVE, LocalDate.of(2027, 4, 26)))
                        .limits()
                        .on(Limit.BALANCE))
                .contains(Amount.of(90));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
