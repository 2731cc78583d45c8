package upahead.server.platform.access;

import jakarta.annotation.Nullable;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.secondstep.SecondSteps;

/** How people sign in: by passwords, by single sign-on or by both, and who needs a second step after a password. */
@Service
public class WaysIn {

    private static final String ALWAYS = "always";
    private static final long ALL_SIGN_INS = 0;

    /**
     * How people sign in.
     *
     * @param passwords whether passwords let anybody in
     * @param passwordsForced whether whoever started the program wants passwords to hold whatever is said here
     * @param provider what the provider of single sign-on is called, null where there is none
     * @param directoryComesIn whether somebody of the directory without a sign-in gets one, as an employee, by the first
     *     single sign-on
     * @param secondStepFor the roles that need a second step after a password
     */
    public record WaysInView(
            boolean passwords,
            boolean passwordsForced,
            @Nullable String provider,
            boolean directoryComesIn,
            Set<Role> secondStepFor) {}

    private final WaysInStore store;
    private final SecondSteps secondSteps;
    private final Audit audit;
    private final String provider;
    private final boolean passwordsForced;

    /**
     * @param issuer the address of the provider of single sign-on, blank where there is none
     * @param name what the provider is called
     * @param passwords {@code always} where passwords hold whatever an administrator says
     */
    WaysIn(
            WaysInStore store,
            SecondSteps secondSteps,
            Audit audit,
            @Value("${upahead.sign-in.issuer}") String issuer,
            @Value("${upahead.sign-in.name}") String name,
            @Value("${upahead.sign-in.passwords}") String passwords) {
        this.store = store;
        this.secondSteps = secondSteps;
        this.audit = audit;
        this.provider = issuer.isBlank() ? null : name;
        this.passwordsForced = passwords.equals(ALWAYS);
    }

    /** What the provider of single sign-on is called; null where there is none. */
    public String provider() {
        return provider;
    }

    /** Whether a password lets anybody in now. Without a provider it does: nobody could come in otherwise. */
    @Transactional(readOnly = true)
    public boolean passwordsHold() {
        return passwordsForced || provider == null || store.passwords();
    }

    /** Whether people of the directory get a sign-in by their first single sign-on. */
    @Transactional(readOnly = true)
    public boolean directoryComesIn() {
        return store.directoryComesIn();
    }

    /** As they are. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_SIGN_INS)
    public WaysInView all() {
        return new WaysInView(
                passwordsHold(),
                passwordsForced,
                provider,
                store.directoryComesIn(),
                secondSteps.roles().stream()
                        .map(Role::valueOf)
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Role.class))));
    }

    /**
     * Changes them, from the next sign-in on.
     *
     * @param byProvider whether whoever changes them came in by single sign-on, and so knows that it works
     * @throws Refusal if passwords are switched off by somebody who came in by one
     */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public WaysInView change(boolean passwords, boolean directoryComesIn, Set<Role> secondStepFor, boolean byProvider) {
        WaysInView before = all();
        if (!passwords && before.passwords()) {
            if (provider == null) {
                throw Refusal.of("passwords", "There is no single sign-on; without passwords nobody could sign in.");
            }
            if (!byProvider) {
                throw Refusal.of(
                        "passwords",
                        "Sign in with " + provider
                                + " first; whoever switches passwords off has to know that it works.");
            }
        }
        store.set(passwords, directoryComesIn);
        secondSteps.setRoles(secondStepFor.stream().map(Role::name).collect(Collectors.toSet()));
        WaysInView after = all();
        audit.record(Thing.SIGN_IN, ALL_SIGN_INS, "changed the ways in", before, after);
        return after;
    }
}
