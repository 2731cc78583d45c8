package upahead.server.platform.access;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;

/** Keeps in the audit trail who signed in, and whose password was guessed at. */
@Component
class SignInTrail {

    private final Audit audit;

    SignInTrail(Audit audit) {
        this.audit = audit;
    }

    @Transactional
    public void signedIn(SignedIn signedIn) {
        audit.record(signedIn.name(), Thing.SIGN_IN, signedIn.id(), "signed in", null, null);
    }

    @Transactional
    public void locked(SignedIn signedIn) {
        audit.record("somebody", Thing.SIGN_IN, signedIn.id(), "gave too many wrong passwords", null, null);
    }
}
