package upahead.server.platform.access;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.ProgramTokenStore.Stored;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/**
 * Lets other programs in: each with a token of its own, that may what is chosen and no more than whoever made it may, until
 * a day. Nothing but what the token hashes to is kept.
 */
@Service
public class ProgramTokens {

    private static final int MOST_YEARS = 2;
    private static final int MOST = 100;
    private static final String BEGINS = "up_";

    /** What no program may: let others in. */
    private static final Set<Permission> FOR_PEOPLE = EnumSet.of(Permission.KEEP_SIGN_INS, Permission.KEEP_PROGRAMS);

    /** A token that was just made, which is shown once. */
    record Made(ProgramToken token, String secret) {}

    /** A program that is let in. */
    record LetIn(SignedIn signedIn, boolean readsOnly) {}

    /** Why a program is not let in, in a sentence. */
    static final class NotLetIn extends Exception {
        private static final long serialVersionUID = 1L;

        NotLetIn(String sentence) {
            super(sentence);
        }
    }

    private final ProgramTokenStore store;
    private final SignIns signIns;
    private final Audit audit;
    private final MovableClock clock;
    private final CurrentUser user;

    ProgramTokens(ProgramTokenStore store, SignIns signIns, Audit audit, MovableClock clock, CurrentUser user) {
        this.store = store;
        this.signIns = signIns;
        this.audit = audit;
        this.clock = clock;
        this.user = user;
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PROGRAMS)
    public List<ProgramToken> all() {
        return store.all();
    }

    /**
     * Makes a token.
     *
     * @param permissions what the program may; at least one
     * @param lastDay from today on, at most two years ahead
     * @throws Refusal if no program may one of these, or its day cannot be
     */
    @Transactional
    @May(Permission.KEEP_PROGRAMS)
    public Made make(String name, Set<Permission> permissions, boolean readsOnly, LocalDate lastDay) {
        LocalDate today = clock.today();
        if (lastDay.isBefore(today) || lastDay.isAfter(today.plusYears(MOST_YEARS))) {
            throw Refusal.of("lastDay", "Please choose a last day from today on, at most two years ahead.");
        }
        if (permissions.isEmpty() || permissions.stream().anyMatch(FOR_PEOPLE::contains)) {
            throw Refusal.of(
                    "permissions", "Please choose what the program may; letting others in is for people alone.");
        }
        if (permissions.stream().anyMatch(each -> !user.get().may(each))) {
            throw Refusal.of("permissions", "No program may more than whoever lets it in.");
        }
        if (store.all().size() >= MOST) {
            throw Refusal.conflict("There are " + MOST + " tokens already.");
        }
        String secret = BEGINS + Tokens.random();
        long id = store.add(
                name.strip(), Tokens.hash(secret), user.get().id(), permissions, readsOnly, clock.now(), lastDay);
        ProgramToken made = get(id);
        audit.record(Thing.COMPANY, 1, "let a program in", null, made);
        return new Made(made, secret);
    }

    /**
     * Ends a token at once.
     *
     * @throws Refusal if there is no such one, or it was ended before
     */
    @Transactional
    @May(Permission.KEEP_PROGRAMS)
    public void end(long id) {
        ProgramToken before = get(id);
        if (!store.end(id, clock.now())) {
            throw Refusal.conflict("This token was ended before.");
        }
        audit.record(Thing.COMPANY, 1, "ended the token of a program", before, null);
    }

    private ProgramToken get(long id) {
        return store.all().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("token"));
    }

    /** Whom a token lets in; its use is noted, to the minute. */
    @Transactional
    public LetIn letIn(String secret) throws NotLetIn {
        Stored stored =
                store.find(Tokens.hash(secret)).orElseThrow(() -> new NotLetIn("This token is not known here."));
        ProgramToken token = stored.token();
        if (token.endedAt() != null) {
            throw new NotLetIn("This token was ended.");
        }
        if (token.lastDay().isBefore(clock.today())) {
            throw new NotLetIn("This token held until " + token.lastDay() + "; please have another one made.");
        }
        SignedIn owner = signIns.active(stored.signInId())
                .orElseThrow(() -> new NotLetIn("Whoever made this token cannot sign in any more."));
        LocalDateTime minute = clock.now().truncatedTo(ChronoUnit.MINUTES);
        if (!minute.equals(token.lastUsedAt())) {
            store.used(token.id(), minute);
        }
        return new LetIn(owner.asProgram(token.name(), token.permissions()), token.readsOnly());
    }
}
