package upahead.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.clock.MovableClock;
import upahead.server.problems.Refusal;

/** Signing in, and who can. */
@Service
public class SignInService {

    private static final int TRIES_OF_A_NAME = 8;
    private static final int TRIES_OF_AN_ADDRESS = 60;
    private static final int LONGEST_NAME = 160;
    private static final int LINKS_OF_A_NAME = 3;
    private static final int LINKS_OF_AN_ADDRESS = 20;
    private static final int TOKEN_BYTES = 24;
    private static final Duration LINK_HOLDS = Duration.ofDays(7);
    private static final SecureRandom RANDOM = new SecureRandom();

    private final SignInStore store;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final SignInTrail trail;
    private final MovableClock clock;
    /** The hash compared with where the name is unknown, so that names cannot be found out by timing. */
    private final String nobody;

    private final Throttle names = new Throttle(TRIES_OF_A_NAME, Duration.ofMinutes(1));
    private final Throttle forgotten = new Throttle(LINKS_OF_A_NAME, Duration.ofHours(1));
    private final Throttle forgottenBy = new Throttle(LINKS_OF_AN_ADDRESS, Duration.ofHours(1));
    private final Throttle lockedNames = new Throttle(1, Duration.ofMinutes(1));
    private final Throttle addresses = new Throttle(TRIES_OF_AN_ADDRESS, Duration.ofMinutes(1));

    SignInService(SignInStore store, PasswordEncoder passwords, Audit audit, SignInTrail trail, MovableClock clock) {
        this.trail = trail;
        this.clock = clock;
        this.store = store;
        this.passwords = passwords;
        this.audit = audit;
        this.nobody = passwords.encode(UUID.randomUUID().toString());
    }

    /**
     * Who signs in with a name and a password.
     *
     * @param address from which it is tried
     * @throws Refusal if they do not match, or too many wrong ones were tried within a minute
     */
    SignedIn signIn(String username, String password, String address) {
        String name = normal(username);
        requireFewTries(name, address);
        Optional<SignInStore.Stored> stored = name.length() > LONGEST_NAME ? Optional.empty() : store.find(name);
        boolean matches = password.length() <= PasswordRules.LONGEST
                && passwords.matches(
                        password, stored.map(SignInStore.Stored::passwordHash).orElse(nobody));
        if (stored.isEmpty() || !stored.get().active() || !matches) {
            throw Refusal.of("password", "This name and password do not match. Please check both and try again.");
        }
        names.forget(name);
        trail.signedIn(stored.get().signedIn());
        return stored.get().signedIn();
    }

    private void requireFewTries(String name, String address) {
        boolean ofName = names.lets(name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name);
        if (!addresses.lets(address) || !ofName) {
            store.find(name.length() > LONGEST_NAME ? "" : name)
                    .map(SignInStore.Stored::signedIn)
                    .filter(unused -> lockedNames.lets(name))
                    .ifPresent(trail::locked);
            throw Refusal.of("password", "Too many wrong passwords. Please wait a minute and try again.");
        }
    }

    /**
     * Changes the own password.
     *
     * @throws Refusal if the one before is not right, or the new one too easy to guess
     */
    @Transactional
    void changePassword(SignedIn signedIn, String before, String password) {
        if (!names.lets(signedIn.username())) {
            throw Refusal.of("before", "Too many wrong passwords. Please wait a minute and try again.");
        }
        SignInStore.Stored stored = store.find(signedIn.username()).orElseThrow(() -> Refusal.notFound("sign-in"));
        if (before.length() > PasswordRules.LONGEST || !passwords.matches(before, stored.passwordHash())) {
            throw Refusal.of("before", "This is not your password. Please type the one you have now.");
        }
        PasswordRules.require(password, List.of(signedIn.username(), signedIn.name()));
        names.forget(signedIn.username());
        store.setPassword(signedIn.id(), passwords.encode(password));
        store.removeLinks(signedIn.id());
        audit.record(signedIn.name(), Thing.SIGN_IN, signedIn.id(), "changed the password", null, null);
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
        PasswordRules.require(password, List.of(username, name));
        long id = store.add(normal(username), passwords.encode(password), Role.ADMINISTRATOR, name, null);
        audit.record(name, Thing.SIGN_IN, id, "created the first administrator", null, normal(username));
    }

    /** Lets a person sign in. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void add(String username, String password, Role role, String name, Long personId) {
        long id = store.add(normal(username), passwords.encode(password), role, name, personId);
        audit.record(Thing.SIGN_IN, id, "added a sign-in", null, normal(username) + ", " + role);
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
        audit.record(Thing.PERSON, personId, "gave a sign-in", null, normal(username) + ", " + role);
        return view(store.find(id).orElseThrow());
    }

    /** The people who have a sign-in, switched off or not. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Set<Long> peopleWithSignIn() {
        return store.peopleWithSignIn();
    }

    /** The names that are taken, in a set of the caller's own. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Set<String> names() {
        return store.names();
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
        audit.record(Thing.PERSON, personId, "changed the sign-in", view(before), after);
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
     * @param instead whether earlier ones hold no more
     * @throws Refusal if they cannot sign in
     */
    @Transactional
    public String link(long signInId, boolean instead) {
        if (store.find(signInId).filter(SignInStore.Stored::active).isEmpty()) {
            throw Refusal.conflict("This sign-in is switched off.");
        }
        byte[] random = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(random);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
        if (instead) {
            store.removeLinks(signInId);
        }
        store.addLink(hash(token), signInId, clock.now().plus(LINK_HOLDS));
        return token;
    }

    /** Whether somebody may ask for another link now: a few in an hour for a name, some for an address. */
    public boolean mayForget(String username, String address) {
        String name = normal(username);
        return name.length() <= LONGEST_NAME && forgottenBy.lets(address) && forgotten.lets(name);
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
    String usernameOf(String token, String address) {
        requireFewGuesses(address);
        return ofLink(token).signedIn().username();
    }

    /**
     * Sets a password by a link, which then holds no more.
     *
     * @throws Refusal if the link was used, replaced or is too old, or the password is too short
     */
    @Transactional
    String setPassword(String token, String password, String address) {
        requireFewGuesses(address);
        SignedIn whose = ofLink(token).signedIn();
        PasswordRules.require(password, List.of(whose.username(), whose.name()));
        store.setPassword(whose.id(), passwords.encode(password));
        store.removeLinks(whose.id());
        names.forget(whose.username());
        audit.record(whose.name(), Thing.SIGN_IN, whose.id(), "set a password", null, null);
        return whose.username();
    }

    private void requireFewGuesses(String address) {
        if (!addresses.lets(address)) {
            throw Refusal.of("token", "Too many tries. Please wait a minute and try again.");
        }
    }

    private SignInStore.Stored ofLink(String token) {
        return store.ofLink(hash(token), clock.now())
                .filter(SignInStore.Stored::active)
                .orElseThrow(() -> Refusal.of(
                        "token",
                        "This link holds no more: it was used, replaced or is older than a week. Ask for another."));
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

    /** A name as it is kept: capitals and blanks around it do not matter. */
    public static String normal(String username) {
        return username.strip().toLowerCase(Locale.ROOT);
    }
}
