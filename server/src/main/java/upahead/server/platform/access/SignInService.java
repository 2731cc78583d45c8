package upahead.server.platform.access;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.secondstep.SecondSteps;

/** Signing in with a name and a password, and the first administrator. */
@Service
public class SignInService {

    private final SignInStore store;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final SignInTrail trail;
    /** The hash compared with where the name is unknown, so that names cannot be found out by timing. */
    private final String nobody;

    private final Tries tries;
    private final SecondSteps secondSteps;
    private final WaysIn waysIn;
    private final ApplicationEventPublisher news;

    SignInService(
            SignInStore store,
            PasswordEncoder passwords,
            Audit audit,
            SignInTrail trail,
            Tries tries,
            SecondSteps secondSteps,
            WaysIn waysIn,
            ApplicationEventPublisher news) {
        this.news = news;
        this.secondSteps = secondSteps;
        this.waysIn = waysIn;
        this.trail = trail;
        this.store = store;
        this.passwords = passwords;
        this.audit = audit;
        this.nobody = passwords.encode(UUID.randomUUID().toString());
        this.tries = tries;
    }

    /**
     * Who signs in with a name and a password, and a code where they have a second step.
     *
     * @param code null or blank where none was typed yet
     * @param address from which it is tried
     * @throws Refusal if they do not match, or too many wrong ones were tried within a minute; of the field {@code code}
     *     where that is what is missing
     */
    SignedIn signIn(String username, String password, String code, String address) {
        String name = normal(username);
        if (!waysIn.passwordsHold()) {
            throw Refusal.of("password", "Passwords are switched off here. Sign in with " + waysIn.provider() + ".");
        }
        requireFewTries(name, address);
        Optional<SignInStore.StoredSignIn> stored =
                name.length() > Tries.LONGEST_NAME ? Optional.empty() : store.find(name);
        boolean matches = !PasswordRules.isTooLong(password)
                && passwords.matches(
                        password,
                        stored.map(SignInStore.StoredSignIn::passwordHash).orElse(nobody));
        if (stored.isEmpty() || !stored.get().active() || !matches) {
            throw Refusal.of("password", "This name and password do not match. Please check both and try again.");
        }
        requireSecondStep(stored.get().signedIn(), code);
        tries.right(name, address);
        trail.signedIn(stored.get().signedIn(), address);
        return stored.get().signedIn();
    }

    private void requireSecondStep(SignedIn signedIn, String code) {
        if (!secondSteps.isSet(signedIn.id())) {
            return;
        }
        if (code == null || code.isBlank()) {
            throw Refusal.of("code", "Now the code from your app, or one of your codes on paper.");
        }
        if (!secondSteps.take(signedIn.id(), signedIn.name(), code)) {
            throw Refusal.of("code", "This code is not right, or was used already. Please wait for the next one.");
        }
    }

    /**
     * Makes sure that whoever is signed in knows their password.
     *
     * @param field where it was typed
     * @param address from which it is tried
     * @throws Refusal if it is not right, or was tried too often
     */
    void requirePassword(SignedIn signedIn, String password, String field, String address) {
        requireFewTries(signedIn, field, address);
        SignInStore.StoredSignIn stored =
                store.find(signedIn.username()).orElseThrow(() -> Refusal.notFound("sign-in"));
        if (PasswordRules.isTooLong(password) || !passwords.matches(password, stored.passwordHash())) {
            throw Refusal.of(field, "This is not your password. Please type the one you have now.");
        }
        tries.right(signedIn.username(), address);
    }

    /**
     * Counts a try of whoever is signed in.
     *
     * @throws Refusal if there were too many within a minute
     */
    void requireFewTries(SignedIn signedIn, String field, String address) {
        if (!tries.letPassword(signedIn.username(), address)) {
            throw Refusal.of(field, "That was tried too often. Please wait a minute and try again.");
        }
    }

    private void requireFewTries(String name, String address) {
        if (!tries.letPassword(name, address)) {
            store.find(name.length() > Tries.LONGEST_NAME ? "" : name)
                    .map(SignInStore.StoredSignIn::signedIn)
                    .filter(unused -> tries.letTelling(name))
                    .ifPresent(trail::locked);
            throw Refusal.of("password", "Too many wrong passwords. Please wait a minute and try again.");
        }
    }

    /**
     * Changes the own password.
     *
     * @param address from which it is tried
     * @throws Refusal if the one before is not right, or the new one too easy to guess
     */
    @Transactional
    void changePassword(SignedIn signedIn, String before, String password, String address) {
        requirePassword(signedIn, before, "before", address);
        PasswordRules.require(password, List.of(signedIn.username(), signedIn.name()));
        store.setPassword(signedIn.id(), passwords.encode(password));
        store.removeLinks(signedIn.id());
        audit.record(signedIn.name(), Thing.SIGN_IN, signedIn.id(), "changed the password", null, null);
        news.publishEvent(new PasswordChanged(signedIn.id()));
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

    /**
     * How often what a sign-in may do, or its password, was changed. A session from before the last change holds no more.
     */
    int changes(long signInId) {
        return store.changes(signInId);
    }

    /** A name as it is kept: capitals and blanks around it do not matter. */
    public static String normal(String username) {
        return username.strip().toLowerCase(Locale.ROOT);
    }
}
