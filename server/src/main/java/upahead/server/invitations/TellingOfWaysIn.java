package upahead.server.invitations;

import org.springframework.context.ApplicationListener;
import org.springframework.context.PayloadApplicationEvent;
import org.springframework.stereotype.Component;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.PasswordChanged;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.secondstep.SecondStepChanged;
import upahead.server.platform.words.Words;

/** Mails people whose password or second step was changed, in the transaction of the change: it may not have been them. */
@Component
class TellingOfWaysIn implements ApplicationListener<PayloadApplicationEvent<?>> {

    private final SignIns signIns;
    private final People people;
    private final Mailbox mailbox;
    private final MovableClock clock;

    TellingOfWaysIn(SignIns signIns, People people, Mailbox mailbox, MovableClock clock) {
        this.signIns = signIns;
        this.people = people;
        this.mailbox = mailbox;
        this.clock = clock;
    }

    @Override
    public void onApplicationEvent(PayloadApplicationEvent<?> event) {
        if (event.getPayload() instanceof PasswordChanged password) {
            tell(password.signInId(), "your password was changed", "The password of %s was changed");
        } else if (event.getPayload() instanceof SecondStepChanged step) {
            changed(step);
        }
    }

    private void changed(SecondStepChanged step) {
        switch (step.what()) {
            case SET_UP ->
                tell(step.signInId(), "a second step was set up", "Signing in as %s now asks for a code from an app");
            case OTHER_CODES_ON_PAPER ->
                tell(
                        step.signInId(),
                        "other codes on paper",
                        "Other codes on paper were made for %s; those before hold no more");
            case CODE_ON_PAPER_USED ->
                tell(step.signInId(), "a code on paper was used", "A code on paper was used to sign in as %s");
            case ENDED ->
                tell(step.signInId(), "the second step was ended", "Signing in as %s asks for no code any more");
        }
    }

    private void tell(long signInId, String what, String sentence) {
        signIns.ofEmployee(signInId).ifPresent(signedIn -> {
            Person person = people.get(signedIn.personId());
            mailbox.send(
                    person.id(),
                    person.email(),
                    "Up Ahead: " + what,
                    sentence.formatted(signedIn.username()) + ", on " + Words.fullDay(clock.today()) + " at "
                            + clock.now().toLocalTime().withSecond(0).withNano(0)
                            + ". If it was not you, tell whoever keeps people's sign-ins here at once.",
                    "");
        });
    }
}
