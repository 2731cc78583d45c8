package upahead.server.platform.access;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;

/** Keeps in the audit trail who signed in and from where that is known now, and whose password was guessed at. */
@Component
class SignInTrail {

    private final Audit audit;

    private final Tries tries;

    SignInTrail(Audit audit, Tries tries) {
        this.audit = audit;
        this.tries = tries;
    }

    /**
     * @param address from which they did
     */
    @Transactional
    public void signedIn(SignedIn signedIn, String address) {
        tries.know(signedIn.username(), address);
        audit.record(signedIn.name(), Thing.SIGN_IN, signedIn.id(), "signed in", null, null);
    }

    @Transactional
    public void locked(SignedIn signedIn) {
        audit.record("somebody", Thing.SIGN_IN, signedIn.id(), "gave too many wrong passwords", null, null);
    }
}
