package upahead.server.platform.secondstep;

import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.secondstep.SecondStepChanged.What;

/**
 * Codes that are asked for after the password, for sign-ins that have them or whose role needs them. Times are those of
 * the machine, as in the app that makes the codes.
 */
@Service
public class SecondSteps {

    private static final int DIGITS = 6;

    /**
     * A secret to be read by an app.
     *
     * @param secret in letters and digits, for typing
     * @param picture the same for reading with a camera
     */
    public record Beginning(String secret, QrPicture picture) {}

    private final SecondStepStore store;
    private final Audit audit;
    private final ApplicationEventPublisher news;

    SecondSteps(SecondStepStore store, Audit audit, ApplicationEventPublisher news) {
        this.store = store;
        this.audit = audit;
        this.news = news;
    }

    /** Whether a sign-in has it. */
    @Transactional(readOnly = true)
    public boolean isSet(long signInId) {
        return store.find(signInId).filter(SecondStepStore.Stored::confirmed).isPresent();
    }

    /** The sign-ins that have it. */
    @Transactional(readOnly = true)
    public Set<Long> all() {
        return store.all();
    }

    /** How many of the codes on paper are left. */
    @Transactional(readOnly = true)
    public int recoveryCodes(long signInId) {
        return store.recoveryCodes(signInId);
    }

    /** The roles, by their names, that need it. */
    @Transactional(readOnly = true)
    public Set<String> roles() {
        return store.roles();
    }

    /** Says which roles need it. */
    @Transactional
    public void setRoles(Set<String> roles) {
        store.setRoles(roles);
    }

    /**
     * Makes a secret, which counts once a code of it was typed.
     *
     * @throws Refusal if the sign-in has it already
     */
    @Transactional
    public Beginning begin(long signInId, String username) {
        if (isSet(signInId)) {
            throw Refusal.conflict("There is a second step already. End it first to set it up anew.");
        }
        String secret = TimeCodes.secret();
        store.begin(signInId, secret);
        return new Beginning(secret, QrPicture.of(TimeCodes.address(secret, username)));
    }

    /**
     * Sets it up with the first code from the app.
     *
     * @return codes to be kept on paper, told this once
     * @throws Refusal if the code is not right
     */
    @Transactional
    public List<String> confirm(long signInId, String name, String code) {
        if (isSet(signInId) || !isRightTimeCode(signInId, code)) {
            throw wrong();
        }
        List<String> codes = freshRecoveryCodes(signInId);
        audit.record(name, Thing.SIGN_IN, signInId, "set up a second step", null, null);
        news.publishEvent(new SecondStepChanged(signInId, What.SET_UP));
        return codes;
    }

    /**
     * Makes other codes on paper; those before hold no more.
     *
     * @throws Refusal if the code from the app is not right
     */
    @Transactional
    public List<String> renewRecoveryCodes(long signInId, String name, String code) {
        if (!isSet(signInId) || !isRightTimeCode(signInId, code)) {
            throw wrong();
        }
        audit.record(name, Thing.SIGN_IN, signInId, "made other codes on paper", null, null);
        news.publishEvent(new SecondStepChanged(signInId, What.OTHER_CODES_ON_PAPER));
        return freshRecoveryCodes(signInId);
    }

    private List<String> freshRecoveryCodes(long signInId) {
        List<String> codes = RecoveryCodes.fresh();
        store.setRecoveryCodes(signInId, codes.stream().map(RecoveryCodes::hash).toList());
        return codes;
    }

    /** Whether a code is right: one from the app, or one on paper. Each is taken once. */
    @Transactional
    public boolean take(long signInId, String name, String code) {
        if (isRightTimeCode(signInId, code)) {
            return true;
        }
        boolean onPaper = store.useRecoveryCode(signInId, RecoveryCodes.hash(code));
        if (onPaper) {
            audit.record(
                    name,
                    Thing.SIGN_IN,
                    signInId,
                    "used a code on paper",
                    null,
                    store.recoveryCodes(signInId) + " left");
            news.publishEvent(new SecondStepChanged(signInId, What.CODE_ON_PAPER_USED));
        }
        return onPaper;
    }

    private boolean isRightTimeCode(long signInId, String code) {
        String digits = code.replaceAll("\\s", "");
        if (digits.length() != DIGITS) {
            return false;
        }
        return store.find(signInId)
                .map(stored -> {
                    OptionalLong step = TimeCodes.stepOf(stored.secret(), digits, Instant.now(), stored.lastUsed());
                    step.ifPresent(used -> store.used(signInId, used));
                    return step.isPresent();
                })
                .orElse(false);
    }

    /** Ends it, as whoever lost the device is helped. */
    @Transactional
    public void end(long signInId, String by) {
        if (store.find(signInId).isPresent()) {
            store.remove(signInId);
            audit.record(by, Thing.SIGN_IN, signInId, "ended the second step", null, null);
            news.publishEvent(new SecondStepChanged(signInId, What.ENDED));
        }
    }

    private static Refusal wrong() {
        return Refusal.of(
                "code",
                "This code is not right, or was used already. Each holds for half a minute; is the clock of the device right?");
    }
}
