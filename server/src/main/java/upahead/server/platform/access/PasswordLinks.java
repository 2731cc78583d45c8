package upahead.server.platform.access;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;

/** Links by which somebody sets a password once, until a week has passed. */
@Service
public class PasswordLinks {

    private static final Duration LINK_HOLDS = Duration.ofDays(7);

    private final SignInStore store;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final MovableClock clock;
    private final Tries tries;
    private final ApplicationEventPublisher news;

    PasswordLinks(
            SignInStore store,
            PasswordEncoder passwords,
            Audit audit,
            MovableClock clock,
            Tries tries,
            ApplicationEventPublisher news) {
        this.news = news;
        this.store = store;
        this.passwords = passwords;
        this.audit = audit;
        this.clock = clock;
        this.tries = tries;
    }

    /**
     * A token that lets somebody set a password once, until a week has passed.
     *
     * @param instead whether earlier ones hold no more
     * @throws Refusal if they cannot sign in
     */
    @Transactional
    public String link(long signInId, boolean instead) {
        if (store.find(signInId).filter(SignInStore.StoredSignIn::active).isEmpty()) {
            throw Refusal.conflict("This sign-in is switched off.");
        }
        String token = Tokens.random();
        if (instead) {
            store.removeLinks(signInId);
        }
        store.addLink(Tokens.hash(token), signInId, clock.now().plus(LINK_HOLDS));
        return token;
    }

    /** Whether somebody may ask for another link now: a few in an hour for a name, some for an address. */
    public boolean mayForget(String username, String address) {
        String name = SignInService.normal(username);
        return name.length() <= Tries.LONGEST_NAME && tries.letAsking(name, address);
    }

    /** The sign-in with a name, for sending a link to whoever forgot the password. */
    @Transactional(readOnly = true)
    public Optional<SignedIn> named(String username) {
        return store.find(SignInService.normal(username))
                .filter(SignInStore.StoredSignIn::active)
                .map(SignInStore.StoredSignIn::signedIn);
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
        SignInStore.StoredSignIn before = ofLink(token);
        SignedIn whose = before.signedIn();
        PasswordRules.require(password, List.of(whose.username(), whose.name()));
        store.setPassword(whose.id(), passwords.encode(password));
        store.removeLinks(whose.id());
        tries.right(whose.username(), address);
        tries.know(whose.username(), address);
        audit.record(whose.name(), Thing.SIGN_IN, whose.id(), "set a password", null, null);
        if (before.passwordHash() != null) {
            news.publishEvent(new PasswordChanged(whose.id()));
        }
        return whose.username();
    }

    private void requireFewGuesses(String address) {
        if (!tries.letLink(address)) {
            throw Refusal.of("token", "Too many tries. Please wait a minute and try again.");
        }
    }

    private SignInStore.StoredSignIn ofLink(String token) {
        return store.ofLink(Tokens.hash(token), clock.now())
                .filter(SignInStore.StoredSignIn::active)
                .orElseThrow(() -> Refusal.of(
                        "token",
                        "This link holds no more: it was used, replaced or is older than a week. Ask for another."));
    }
}
