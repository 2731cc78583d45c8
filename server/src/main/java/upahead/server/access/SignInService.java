package upahead.server.access;

import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.audit.Audit;
import upahead.server.problems.Refusal;

/** Signing in, and who can. */
@Service
public class SignInService {

    private static final int TRIES = 8;
    private static final Duration PAUSE = Duration.ofMinutes(1);
    private static final int SHORTEST_PASSWORD = 10;

    private record Failures(int count, Instant last) {}

    private final SignInStore store;
    private final PasswordEncoder passwords;
    private final Audit audit;
    /** The hash compared with where the name is unknown, so that names cannot be found out by timing. */
    private final String nobody;

    private final Map<String, Failures> failures = new ConcurrentHashMap<>();

    SignInService(SignInStore store, PasswordEncoder passwords, Audit audit) {
        this.store = store;
        this.passwords = passwords;
        this.audit = audit;
        this.nobody = passwords.encode(UUID.randomUUID().toString());
    }

    /**
     * Who signs in with a name and a password.
     *
     * @throws Refusal if they do not match, or too many wrong passwords were tried within a minute
     */
    SignedIn signIn(String username, String password) {
        String name = normal(username);
        refuseTooManyTries(name);
        Optional<SignInStore.Stored> stored = store.find(name);
        boolean matches = passwords.matches(
                password, stored.map(SignInStore.Stored::passwordHash).orElse(nobody));
        if (stored.isEmpty() || !matches) {
            failures.merge(
                    name,
                    new Failures(1, Instant.now()),
                    (before, one) -> new Failures(before.count() + 1, one.last()));
            throw Refusal.of("password", "This name and password do not match. Please check both and try again.");
        }
        failures.remove(name);
        return stored.get().signedIn();
    }

    /** Whether nobody can sign in yet: then the first administrator can be created. */
    boolean isFresh() {
        return store.isEmpty();
    }

    /**
     * Creates the first administrator of an empty program.
     *
     * @throws Refusal if somebody can sign in already, or the password is too short
     */
    @Transactional
    synchronized void createFirstAdministrator(String username, String name, String password) {
        if (!isFresh()) {
            throw Refusal.conflict("There is an administrator already. Please sign in.");
        }
        if (password.length() < SHORTEST_PASSWORD) {
            throw Refusal.of("password", "A password needs at least " + SHORTEST_PASSWORD + " characters.");
        }
        long id = store.add(normal(username), passwords.encode(password), Role.ADMINISTRATOR, name, null);
        audit.record(name, "sign-in", id, "created the first administrator", null, normal(username));
    }

    /** Lets a person sign in. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void add(String username, String password, Role role, String name, Long personId) {
        long id = store.add(normal(username), passwords.encode(password), role, name, personId);
        audit.record("sign-in", id, "added a sign-in", null, normal(username) + ", " + role);
    }

    private void refuseTooManyTries(String name) {
        Failures before = failures.get(name);
        if (before == null) {
            return;
        }
        if (before.last().plus(PAUSE).isBefore(Instant.now())) {
            failures.remove(name);
        } else if (before.count() >= TRIES) {
            throw Refusal.of("password", "Too many wrong passwords. Please wait a minute and try again.");
        }
    }

    private static String normal(String username) {
        return username.strip().toLowerCase(Locale.ROOT);
    }
}
