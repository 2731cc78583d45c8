package upahead.server.platform.access;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.secondstep.SecondSteps;

/** Who can sign in, and what they may do. */
@Service
public class SignIns {

    private final SignInStore store;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final SecondSteps secondSteps;
    private final CurrentUser user;
    private final List<SignInForgotten> forgotten;

    SignIns(
            SignInStore store,
            PasswordEncoder passwords,
            Audit audit,
            SecondSteps secondSteps,
            CurrentUser user,
            List<SignInForgotten> forgotten) {
        this.secondSteps = secondSteps;
        this.user = user;
        this.forgotten = forgotten;
        this.store = store;
        this.passwords = passwords;
        this.audit = audit;
    }

    /** Lets a person sign in. */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public void add(String username, String password, Role role, String name, Long personId) {
        long id = store.add(SignInService.normal(username), passwords.encode(password), role, name, personId);
        audit.record(Thing.SIGN_IN, id, "added a sign-in", null, SignInService.normal(username) + ", " + role);
    }

    /**
     * Gives somebody a sign-in that still needs a password.
     *
     * @throws Refusal if the name is taken or the person has one already
     */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public SignInView open(String username, Role role, String name, long personId) {
        if (store.find(SignInService.normal(username)).isPresent()) {
            throw Refusal.of("username", "Somebody signs in as " + SignInService.normal(username) + " already.");
        }
        if (store.ofPerson(personId).isPresent()) {
            throw Refusal.conflict(name + " has a sign-in already.");
        }
        long id = store.add(SignInService.normal(username), null, role, name, personId);
        audit.record(Thing.PERSON, personId, "gave a sign-in", null, SignInService.normal(username) + ", " + role);
        return view(store.find(id).orElseThrow());
    }

    /** The sign-in of a person, switched off or not. */
    @Transactional(readOnly = true)
    public Optional<Long> idOfPerson(long personId) {
        return store.ofPerson(personId).map(stored -> stored.signedIn().id());
    }

    /** Whose a sign-in is and what its name is; nothing where it is no employee's. */
    @Transactional(readOnly = true)
    public Optional<SignedIn> ofEmployee(long signInId) {
        return store.find(signInId).map(SignInStore.StoredSignIn::signedIn).filter(signedIn -> signedIn.person()
                .isPresent());
    }

    /** The sign-in of somebody who is no employee, by its name. */
    @Transactional(readOnly = true)
    public Optional<Long> withoutPerson(String username) {
        return store.find(username)
                .map(SignInStore.StoredSignIn::signedIn)
                .filter(signedIn -> signedIn.person().isEmpty())
                .map(SignedIn::id);
    }

    /**
     * Gives somebody whom the provider of single sign-on vouches for a sign-in as an employee, without a password.
     *
     * @throws Refusal if the name is taken
     */
    @Transactional
    public long openByProvider(String username, String name, long personId) {
        if (store.find(SignInService.normal(username)).isPresent()) {
            throw Refusal.conflict("Somebody signs in as " + SignInService.normal(username) + " already.");
        }
        long id = store.add(SignInService.normal(username), null, Role.EMPLOYEE, name, personId);
        audit.record(
                name, Thing.PERSON, personId, "got a sign-in by single sign-on", null, SignInService.normal(username));
        return id;
    }

    /**
     * Ends the second step of somebody who lost the device and the codes on paper; who is signed in then has to do so
     * again.
     */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public SignInView endSecondStep(long personId) {
        SignInStore.StoredSignIn stored = store.ofPerson(personId).orElseThrow(() -> Refusal.notFound("sign-in"));
        secondSteps.end(stored.signedIn().id(), user.get().name());
        store.change(stored.signedIn().id(), stored.signedIn().role(), stored.active());
        return view(stored);
    }

    private SignInView view(SignInStore.StoredSignIn stored) {
        return SignInView.of(stored, secondSteps.isSet(stored.signedIn().id()));
    }

    /** The people who have a sign-in, switched off or not. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_SIGN_INS)
    public Set<Long> peopleWithSignIn() {
        return store.peopleWithSignIn();
    }

    /** The names that are taken, in a set of the caller's own. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_SIGN_INS)
    public Set<String> names() {
        return store.names();
    }

    /** The sign-in of a person, if they have one. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_SIGN_INS)
    public Optional<SignInView> ofPerson(long personId) {
        return store.ofPerson(personId).map(this::view);
    }

    /**
     * Changes what somebody may do, or whether they can sign in at all; who is signed in then has to do so again.
     *
     * @throws Refusal if no administrator would be left
     */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public SignInView change(long personId, Role role, boolean active) {
        SignInStore.StoredSignIn before = store.ofPerson(personId).orElseThrow(() -> Refusal.notFound("sign-in"));
        boolean staysAdministrator = active && role == Role.ADMINISTRATOR;
        if (!staysAdministrator
                && onlyAdministrator().filter(only -> only == personId).isPresent()) {
            throw Refusal.conflict("This is the only administrator; without one nobody could set anything up.");
        }
        long id = before.signedIn().id();
        if (active) {
            store.change(id, role, true);
        } else {
            switchOff(id, role);
        }
        SignInView after = view(store.find(id).orElseThrow());
        audit.record(Thing.PERSON, personId, "changed the sign-in", view(before), after);
        return after;
    }

    /** The person without whom nobody could set anything up; nobody where there are several administrators. */
    @Transactional(readOnly = true)
    public Optional<Long> onlyAdministrator() {
        List<SignedIn> administrators = store.activeAdministrators();
        return administrators.size() == 1 ? administrators.get(0).person() : Optional.empty();
    }

    /** Switches off the sign-in of somebody who is to be forgotten, and ends their sessions. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void end(long personId) {
        store.ofPerson(personId)
                .map(SignInStore.StoredSignIn::signedIn)
                .ifPresent(signedIn -> switchOff(signedIn.id(), signedIn.role()));
    }

    private void switchOff(long id, Role role) {
        store.change(id, role, false);
        store.removeLinks(id);
        forgotten.forEach(each -> each.forget(id));
    }

    /** The people who can sign in and then may do something. */
    @Transactional(readOnly = true)
    public Set<Long> peopleWho(Permission permission) {
        return store.peopleIn(Arrays.stream(Role.values())
                .filter(role -> role.may(permission))
                .toList());
    }

    /** A sign-in with which somebody can sign in now. */
    @Transactional(readOnly = true)
    public Optional<SignedIn> active(long signInId) {
        return store.find(signInId).filter(SignInStore.StoredSignIn::active).map(SignInStore.StoredSignIn::signedIn);
    }

    /** The people who can sign in with a role. */
    @Transactional(readOnly = true)
    public Set<Long> peopleIn(Role role) {
        return store.peopleIn(List.of(role));
    }

    /** How many can sign in. */
    @Transactional(readOnly = true)
    public int count() {
        return store.count();
    }
}
