package upahead.server.cards.terminals;

import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.Tokens;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;

/** Knows a paired screen by its token. */
@Component
class PairedTerminals {

    private final TerminalStore store;
    private final Organisation organisation;
    private final MovableClock clock;

    PairedTerminals(TerminalStore store, Organisation organisation, MovableClock clock) {
        this.store = store;
        this.organisation = organisation;
        this.clock = clock;
    }

    /**
     * The terminal of a screen, which is noted as heard of.
     *
     * @param token may be null
     * @throws Refusal if it is not paired, or not any more
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Terminal known(String token) {
        long id = store.byToken(Tokens.hash(token == null ? "" : token))
                .orElseThrow(() -> Refusal.unpaired(
                        "This terminal is not paired any more. What was said here is kept until it is paired again."));
        store.heard(id, clock.now());
        return get(id);
    }

    Terminal get(long id) {
        Map<Long, String> sites = organisation.sites().stream().collect(Collectors.toMap(Named::id, Named::name));
        return store.all(sites).stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("terminal"));
    }
}
