package upahead.server.invitations;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.invitations.ManyInvitations.Invited;
import upahead.server.platform.access.PasswordLinks;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignInService;
import upahead.server.platform.access.SignInView;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.WaysIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.mail.OwnAddress;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Invites people to sign in, and sends them links to set a password. */
@Service
public class Invitations {

    private final PasswordLinks links;
    private final SignIns signIns;
    private final WaysIn waysIn;
    private final People people;
    private final Mailbox mailbox;
    private final OwnAddress address;
    private final MovableClock clock;

    Invitations(
            PasswordLinks links,
            SignIns signIns,
            WaysIn waysIn,
            People people,
            Mailbox mailbox,
            OwnAddress address,
            MovableClock clock) {
        this.links = links;
        this.signIns = signIns;
        this.waysIn = waysIn;
        this.people = people;
        this.mailbox = mailbox;
        this.address = address;
        this.clock = clock;
    }

    /** The sign-in of a person, if they have one. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_SIGN_INS)
    public Optional<SignInView> of(long personId) {
        people.get(personId);
        return signIns.ofPerson(personId);
    }

    /**
     * Gives somebody a sign-in and mails them a link to set their password; they sign in with their address.
     *
     * @throws Refusal if they have no e-mail address, or a sign-in already
     */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public SignInView invite(long personId, Role role) {
        Person person = people.get(personId);
        requireMail(person);
        SignInView signIn = signIns.open(person.email(), role, person.name(), personId);
        if (!waysIn.passwordsHold()) {
            mailbox.send(
                    personId,
                    person.email(),
                    "Up Ahead: you can sign in",
                    "You can see your balances and ask for time off now. Sign in with " + waysIn.provider() + " at "
                            + address.forAdministrator(),
                    "");
            return signIn;
        }
        mail(
                person,
                "Up Ahead: set your password",
                "You can see your balances and ask for time off now. You sign in as " + signIn.username()
                        + ". Set your password first",
                signIn.id(),
                address.forAdministrator(),
                true);
        return signIn;
    }

    /** What inviting people would do. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_SIGN_INS)
    public ManyInvitations preview(PeopleQuery query) {
        return plan(people.search(query));
    }

    /** Invites all of some people who can be invited, and says who was. */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public ManyInvitations inviteAll(List<Long> personIds) {
        ManyInvitations plan = plan(people.get(personIds));
        plan.invited().forEach(each -> invite(each.personId(), each.role()));
        return plan;
    }

    private ManyInvitations plan(List<Person> some) {
        Set<Long> signingIn = signIns.peopleWithSignIn();
        Set<String> names = signIns.names();
        Set<Long> approvers = people.search(PeopleQuery.everybodyOn(clock.today())).stream()
                .map(Person::approverId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        List<Invited> invited = new ArrayList<>();
        List<String> withoutMail = new ArrayList<>();
        List<String> sharedAddress = new ArrayList<>();
        int already = 0;
        int left = 0;
        for (Person person : some) {
            if (signingIn.contains(person.id())) {
                already++;
            } else if (person.lastDay() != null && person.lastDay().isBefore(clock.today())) {
                left++;
            } else if (person.email() == null) {
                withoutMail.add(person.name());
            } else if (!names.add(SignInService.normal(person.email()))) {
                sharedAddress.add(person.name());
            } else {
                Role role = approvers.contains(person.id()) ? Role.APPROVER : Role.EMPLOYEE;
                invited.add(new Invited(person.id(), person.name(), person.email(), role));
            }
        }
        return new ManyInvitations(invited, withoutMail, sharedAddress, already, left);
    }

    /** Ends the second step of somebody who lost the device. */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public SignInView endSecondStep(long personId) {
        people.get(personId);
        return signIns.endSecondStep(personId);
    }

    /**
     * Mails somebody a link to set a new password.
     *
     * @throws Refusal if they have no e-mail address or sign-in, or it is switched off
     */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public SignInView sendLink(long personId) {
        Person person = people.get(personId);
        requireMail(person);
        if (!waysIn.passwordsHold()) {
            throw Refusal.conflict("Passwords are switched off; people sign in with " + waysIn.provider() + ".");
        }
        SignInView signIn = signIns.ofPerson(personId).orElseThrow(() -> Refusal.notFound("sign-in"));
        sendLink(person, signIn);
        return signIn;
    }

    private void sendLink(Person person, SignInView signIn) {
        mail(
                person,
                "Up Ahead: a new password",
                "You sign in as " + signIn.username() + ". Set a new password",
                signIn.id(),
                address.forAdministrator(),
                true);
    }

    private void mail(Person person, String subject, String text, long signInId, String own, boolean instead) {
        mailbox.send(
                person.id(),
                person.email(),
                subject,
                text + " within a week at " + own + "/#/set-password/" + links.link(signInId, instead),
                "");
    }

    /** Changes what somebody may do, or whether they can sign in at all. */
    @Transactional
    @May(Permission.KEEP_SIGN_INS)
    public SignInView change(long personId, Role role, boolean active) {
        return signIns.change(personId, role, active);
    }

    /**
     * Mails a link to whoever signs in with a name, if they have an address; says nothing of whether they do. Only a few
     * in an hour, and links sent before hold on: whoever asks may be somebody else.
     */
    @Transactional
    public void forgotten(String username, String address) {
        boolean few = links.mayForget(username, address);
        links.named(username)
                .filter(unused -> few && waysIn.passwordsHold())
                .filter(signedIn -> signedIn.personId() != null)
                .ifPresent(signedIn -> {
                    Person person = people.get(signedIn.personId());
                    if (person.email() != null) {
                        mail(
                                person,
                                "Up Ahead: a new password",
                                "Somebody, probably you, asked for a new password for " + signedIn.username()
                                        + ". If it was not you, leave this be. Otherwise set it",
                                signedIn.id(),
                                this.address.forAnybody(),
                                false);
                    }
                });
    }

    private static void requireMail(Person person) {
        if (person.email() == null) {
            throw Refusal.of(
                    "email",
                    person.name()
                            + " has no e-mail address. Give one under Details, or a code for the clock terminal.");
        }
    }
}
