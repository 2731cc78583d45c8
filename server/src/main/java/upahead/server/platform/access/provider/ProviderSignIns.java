package upahead.server.platform.access.provider;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.SignInService;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.access.WaysIn;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;

/**
 * Who somebody is whom the provider vouches for. The first time they are found by their address; from then on the account
 * counts, so that an address that goes to somebody else lets nobody else in.
 */
@Service
class ProviderSignIns {

    private final ProviderIdentityStore identities;
    private final SignIns signIns;
    private final PeopleByMail people;
    private final WaysIn waysIn;
    private final Audit audit;

    ProviderSignIns(
            ProviderIdentityStore identities, SignIns signIns, PeopleByMail people, WaysIn waysIn, Audit audit) {
        this.identities = identities;
        this.signIns = signIns;
        this.people = people;
        this.waysIn = waysIn;
        this.audit = audit;
    }

    /**
     * Who signs in.
     *
     * @param issuer the provider's address
     * @param subject the account there
     * @param email its address, null where the provider does not say
     * @param verified whether the provider made sure of the address
     * @throws Refusal if it is nobody here, in a sentence for them
     */
    @Transactional
    public SignedIn signIn(String issuer, String subject, String email, boolean verified) {
        SignedIn somebody = identities
                .signInOf(issuer, subject)
                .map(known -> signIns.active(known).orElseThrow(ProviderSignIns::switchedOff))
                .orElseGet(() -> firstTime(issuer, subject, email, verified));
        audit.record(somebody.name(), Thing.SIGN_IN, somebody.id(), "signed in with " + waysIn.provider(), null, null);
        return somebody;
    }

    private SignedIn firstTime(String issuer, String subject, String email, boolean verified) {
        if (email == null || !verified) {
            throw refused(
                    "The provider does not vouch for an e-mail address of yours, and you are known here by that.");
        }
        String name = SignInService.normal(email);
        List<PeopleByMail.Found> found = people.withAddress(email);
        if (found.size() > 1) {
            throw refused("More than one person here has the address " + email + ".");
        }
        Optional<Long> signIn = found.isEmpty()
                ? signIns.withoutPerson(name)
                : signIns.idOfPerson(found.get(0).id());
        long id = signIn.orElseGet(() -> fromTheDirectory(found, email));
        if (identities.isKnown(id)) {
            throw refused("The address " + email + " came in with another account before.");
        }
        SignedIn somebody = signIns.active(id).orElseThrow(ProviderSignIns::switchedOff);
        identities.add(id, issuer, subject);
        return somebody;
    }

    private long fromTheDirectory(List<PeopleByMail.Found> found, String email) {
        if (found.isEmpty() || !found.get(0).employed()) {
            throw refused("Nobody who works here has the address " + email + ".");
        }
        if (!waysIn.directoryComesIn()) {
            throw refused("You were not invited yet.");
        }
        return signIns.openByProvider(email, found.get(0).name(), found.get(0).id());
    }

    private static Refusal switchedOff() {
        return refused("Your sign-in is switched off.");
    }

    private static Refusal refused(String why) {
        return Refusal.conflict(why + " Please ask whoever keeps the sign-ins.");
    }
}
