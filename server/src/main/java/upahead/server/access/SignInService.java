package upahead.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
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
import upahead.server.clock.MovableClock;
import upahead.server.problems.Refusal;

/** Signing in, and who can. */
@Service
public class SignInService {

    private static final int TRIES = 8;
    private static final Duration PAUSE = Duration.ofMinutes(1);
    private static final int SHORTEST_PASSWORD = 10;
    private static final int TOKEN_BYTES = 24;
    private static final Duration LINK_HOLDS = Duration.ofDays(7);
    private static final SecureRandom RANDOM = new SecureRandom();

    private record Failures(int count, Instant last) {}

    private final SignInStore store;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final MovableClock clock;
    /** The hash compared with where the name is unknown, so that names cannot be found out by timing. */
    private final String nobody;

    private final Map<String, Failures> failures = new ConcurrentHashMap<>();

    SignInService(SignInStore store, PasswordEncoder passwords, Audit audit, MovableClock clock) {
        this.clock = clock;
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
        if (stored.isEmpty() || !stored.get().active() || !matches) {
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
    void createFirstAdministrator(String username, String name, String password) {
        if (!isFresh()) {
            throw Refusal.conflict("There is an administrator already. Please sign in.");
        }
        requireLong(password);
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

    /**
     * Gives somebody a sign-in that still needs a password.
     *
     * @throws Refusal if the name is taken or the person has one already
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public SignInView open(String username, Role role, String name, long personId) {
        if (store.find(normal(username)).isPresent()) {
            throw Refusal.of("username", "Somebody signs in as " + normal(username) + " already.");
        }
        if (store.ofPerson(personId).isPresent()) {
            throw Refusal.conflict(name + " has a sign-in already.");
        }
        long id = store.add(normal(username), null, role, name, personId);
        audit.record("person", personId, "gave a sign-in", null, normal(username) + ", " + role);
        return view(store.find(id).orElseThrow());
    }

    /** The sign-in of a person, if they have one. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Optional<SignInView> ofPerson(long personId) {
        return store.ofPerson(personId).map(SignInService::view);
    }

    /**
     * Changes what somebody may do, or whether they can sign in at all; who is signed in then has to do so again.
     *
     * @throws Refusal if no administrator would be left
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public SignInView change(long personId, Role role, boolean active) {
        SignInStore.Stored before = store.ofPerson(personId).orElseThrow(() -> Refusal.notFound("sign-in"));
        boolean wasAdministrator = before.active() && before.signedIn().isAdministrator();
        if (wasAdministrator && !(active && role == Role.ADMINISTRATOR) && store.activeAdministrators() == 1) {
            throw Refusal.conflict("This is the only administrator; without one nobody could set anything up.");
        }
        long id = before.signedIn().id();
        store.change(id, role, active);
        if (!active) {
            store.removeLinks(id);
        }
        SignInView after = view(store.find(id).orElseThrow());
        audit.record("person", personId, "changed the sign-in", view(before), after);
        return after;
    }

    /** How many can sign in. */
    @Transactional(readOnly = true)
    public int count() {
        return store.count();
    }

    /**
     * How often what a sign-in may do, or its password, was changed. A session from before the last change holds no more.
     */
    int changes(long signInId) {
        return store.changes(signInId);
    }

    /**
     * A token that lets somebody set a password once, until a week has passed.
     *
     * @throws Refusal if they cannot sign in
     */
    @Transactional
    public String link(long signInId) {
        if (store.find(signInId).filter(SignInStore.Stored::active).isEmpty()) {
            throw Refusal.conflict("This sign-in is switched off.");
        }
        byte[] random = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(random);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
        store.addLink(hash(token), signInId, clock.now().plus(LINK_HOLDS));
        return token;
    }

    /** The sign-in with a name, for sending a link to whoever forgot the password. */
    @Transactional(readOnly = true)
    public Optional<SignedIn> named(String username) {
        return store.find(normal(username)).filter(SignInStore.Stored::active).map(SignInStore.Stored::signedIn);
    }

    /**
     * The name to sign in with of whom a link was sent to.
     *
     * @throws Refusal if the link was used, replaced or is too old
     */
    @Transactional(readOnly = true)
    String usernameOf(String token) {
        return ofLink(token).signedIn().username();
    }

    /**
     * Sets a password by a link, which then holds no more.
     *
     * @throws Refusal if the link was used, replaced or is too old, or the password is too short
     */
    @Transactional
    String setPassword(String token, String password) {
        SignedIn whose = ofLink(token).signedIn();
        requireLong(password);
        store.setPassword(whose.id(), passwords.encode(password));
        store.removeLinks(whose.id());
        failures.remove(whose.username());
        audit.record(whose.name(), "sign-in", whose.id(), "set a password", null, null);
        return whose.username();
    }

    private SignInStore.Stored ofLink(String token) {
        return store.ofLink(hash(token), clock.now())
                .filter(SignInStore.Stored::active)
                .orElseThrow(() -> Refusal.of(
                        "token",
                        "This link holds no more: it was used, replaced or is older than a week. Ask for another."));
    }

    private static void requireLong(String password) {
        if (password.length() < SHORTEST_PASSWORD) {
            throw Refusal.of("password", "A password needs at least " + SHORTEST_PASSWORD + " characters.");
        }
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java has SHA-256", impossible);
        }
    }

    private static SignInView view(SignInStore.Stored stored) {
        return new SignInView(
                stored.signedIn().id(),
                stored.signedIn().username(),
                stored.signedIn().role(),
                stored.active(),
                stored.passwordHash() != null);
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
