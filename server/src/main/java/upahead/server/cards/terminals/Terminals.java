package upahead.server.cards.terminals;

import java.security.SecureRandom;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.Tokens;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Keeps clock terminals: each is a place for which a screen can be paired. */
@Service
public class Terminals {

    private static final Duration CODE_HOLDS = Duration.ofMinutes(30);
    private static final int CODES = 100_000_000;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final TerminalStore store;
    private final Organisation organisation;
    private final Audit audit;
    private final MovableClock clock;

    Terminals(TerminalStore store, Organisation organisation, Audit audit, MovableClock clock) {
        this.store = store;
        this.organisation = organisation;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * The code by which a screen pairs itself. It is told once.
     *
     * @param until by the clock of the program
     */
    public record PairingCode(long terminalId, String code, LocalDateTime until) {}

    /** All terminals by name. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<Terminal> all() {
        return store.all(organisation.sites().stream().collect(Collectors.toMap(Named::id, Named::name)));
    }

    /**
     * Adds a terminal, and offers it for pairing.
     *
     * @throws Refusal if the name is taken or there is no such site
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public PairingCode add(String name, long siteId) {
        organisation.requireSite(siteId);
        if (all().stream().anyMatch(each -> each.name().equalsIgnoreCase(name))) {
            throw Refusal.of("name", "There is a terminal called " + name + " already.");
        }
        long id = store.add(name, siteId);
        audit.record(Thing.SITE, siteId, "added a clock terminal", null, name);
        return code(id);
    }

    /** Offers a terminal for pairing anew; a screen that is paired stays so until another one is. */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public PairingCode offer(long id) {
        get(id);
        return code(id);
    }

    private PairingCode code(long id) {
        String code = String.format("%08d", RANDOM.nextInt(CODES));
        LocalDateTime until = clock.now().plus(CODE_HOLDS);
        store.offer(id, Tokens.hash(code), until);
        return new PairingCode(id, code, until);
    }

    /** Takes the pairing away. What the screen still holds is delivered once it is paired again. */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void unpair(long id) {
        Terminal terminal = get(id);
        store.unpair(id);
        audit.record(Thing.SITE, terminal.siteId(), "unpaired a clock terminal", terminal.name(), null);
    }

    private Terminal get(long id) {
        return all().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("terminal"));
    }
}
