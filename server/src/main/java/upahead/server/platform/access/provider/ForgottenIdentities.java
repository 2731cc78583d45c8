package upahead.server.platform.access.provider;

import org.springframework.stereotype.Component;
import upahead.server.platform.access.SignInForgotten;

/** Somebody whose sign-in was switched off may come back with another account. */
@Component
class ForgottenIdentities implements SignInForgotten {

    private final ProviderIdentityStore identities;

    ForgottenIdentities(ProviderIdentityStore identities) {
        this.identities = identities;
    }

    @Override
    public void forget(long signInId) {
        identities.remove(signInId);
    }
}
