package upahead.server.cards.terminals;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.accounts.Balances;
import upahead.server.cards.Cards;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.access.Tokens;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;

/** Pairs a screen, and shows people their own balances at it. */
@Service
public class AtTheTerminal {

    private final TerminalStore store;
    private final PairedTerminals paired;
    private final People people;
    private final Balances balances;
    private final Cards cards;
    private final Organisation organisation;
    private final WrongCodes wrongCodes;
    private final CurrentUser user;
    private final MovableClock clock;

    AtTheTerminal(
            TerminalStore store,
            PairedTerminals paired,
            People people,
            Balances balances,
            Cards cards,
            Organisation organisation,
            WrongCodes wrongCodes,
            CurrentUser user,
            MovableClock clock) {
        this.store = store;
        this.paired = paired;
        this.people = people;
        this.balances = balances;
        this.cards = cards;
        this.organisation = organisation;
        this.wrongCodes = wrongCodes;
        this.user = user;
        this.clock = clock;
    }

    /**
     * What a screen knows of itself.
     *
     * @param token by which it is known from now on; null where it is paired already
     * @param now the moment by the program's clock
     * @param zone of its site
     */
    public record TerminalScreen(String name, String site, @Nullable String token, Instant now, String zone) {}

    /**
     * Somebody's own balances and card, at a glance.
     *
     * @param today the line of today's card, empty where nothing stands there
     */
    public record OwnGlance(String person, String today, List<GlanceBalance> balances) {

        /**
         * One of the balances.
         *
         * @param askable what can still be asked for
         */
        public record GlanceBalance(String policy, Amount askable, Unit unit, String upAhead) {}
    }

    /**
     * Pairs a screen.
     *
     * @param address from which the code is tried
     * @throws Refusal if the code is not one that is offered now
     */
    @Transactional
    public TerminalScreen pair(String code, String address) {
        wrongCodes.requireMayTry("pairing from " + address);
        long id = store.byPairingCode(Tokens.hash(code.replaceAll("\\s", "")), clock.now())
                .orElseThrow(() -> Refusal.of("code", "This code is not offered, or not any more. Ask for a new one."));
        String token = Tokens.random();
        store.pair(id, Tokens.hash(token), clock.now());
        return screen(paired.get(id), token);
    }

    /** What a paired screen knows of itself. */
    @Transactional
    public TerminalScreen screen(String token) {
        return screen(paired.known(token), null);
    }

    private TerminalScreen screen(Terminal terminal, String token) {
        return new TerminalScreen(
                terminal.name(),
                terminal.site(),
                token,
                clock.instant(),
                organisation.zones().get(terminal.siteId()).getId());
    }

    /**
     * Somebody's own balances and the day so far.
     *
     * @throws Refusal if nobody has the code, or too many wrong ones were tried
     */
    @Transactional
    public OwnGlance glance(String token, String code) {
        Terminal terminal = paired.known(token);
        String where = "terminal " + terminal.id();
        wrongCodes.requireMayTry(where);
        Person person = people.byClockCode(code).orElseThrow(() -> Refusal.of("code", "Nobody has this code."));
        wrongCodes.forget(where);
        SignedIn own = new SignedIn(0, person.code(), person.name(), Role.EMPLOYEE, person.id());
        return user.actAs(own, () -> glance(person, clock.today()));
    }

    private OwnGlance glance(Person person, LocalDate today) {
        return new OwnGlance(
                person.name(),
                cards.lineOf(person.id(), today),
                balances.of(person.id(), today).stream()
                        .map(row -> new OwnGlance.GlanceBalance(row.policy(), row.askable(), row.unit(), row.upAhead()))
                        .toList());
    }
}
