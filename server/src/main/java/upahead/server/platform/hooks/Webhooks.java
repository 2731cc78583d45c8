package upahead.server.platform.hooks;

import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Tokens;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.json.StoredJson;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** The addresses of other programs that are told of what happens. */
@Service
public class Webhooks {

    private static final int MOST = 20;

    /** One that was just made, whose secret is shown once. */
    record Made(Webhook webhook, String secret) {}

    private final HookStore store;
    private final OutsideAddress addresses;
    private final Runner runner;
    private final StoredJson json;
    private final Audit audit;
    private final MovableClock clock;
    private final CurrentUser user;

    Webhooks(
            HookStore store,
            OutsideAddress addresses,
            Runner runner,
            StoredJson json,
            Audit audit,
            MovableClock clock,
            CurrentUser user) {
        this.store = store;
        this.addresses = addresses;
        this.runner = runner;
        this.json = json;
        this.audit = audit;
        this.clock = clock;
        this.user = user;
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PROGRAMS)
    public List<Webhook> all() {
        return store.all();
    }

    /**
     * Has an address told of some things from now on.
     *
     * @throws Refusal if it is no address, or leads inside the own network
     */
    @Transactional
    @May(Permission.KEEP_PROGRAMS)
    public Made make(String name, String address, Set<HookEvent> events) {
        try {
            addresses.read(address);
        } catch (OutsideAddress.Inside inside) {
            throw Refusal.of("address", inside.getMessage());
        }
        if (store.all().stream().filter(each -> each.endedAt() == null).count() >= MOST) {
            throw Refusal.conflict("There are " + MOST + " webhooks already; please end one first.");
        }
        String secret = Tokens.random();
        long id = store.add(
                name.strip(),
                address.strip(),
                secret,
                events,
                clock.now(),
                user.get().name());
        Webhook made = get(id);
        audit.record(Thing.COMPANY, 1, "has an address told of what happens", null, made);
        return new Made(made, secret);
    }

    /**
     * Has an address told nothing more.
     *
     * @throws Refusal if there is no such one, or it was ended before
     */
    @Transactional
    @May(Permission.KEEP_PROGRAMS)
    public void end(long id) {
        Webhook before = get(id);
        if (!store.end(id, clock.now())) {
            throw Refusal.conflict("This webhook was ended before.");
        }
        audit.record(Thing.COMPANY, 1, "has an address told nothing more", before, null);
    }

    /** Has all that an address has not taken sent again now; tells how many messages that are. */
    @Transactional
    @May(Permission.KEEP_PROGRAMS)
    public int again(long id) {
        if (get(id).endedAt() != null) {
            throw Refusal.conflict("This webhook has ended.");
        }
        int messages = store.again(id, LocalDateTime.now());
        runner.runAfterCommit();
        return messages;
    }

    private Webhook get(long id) {
        return store.all().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("webhook"));
    }

    /**
     * Tells all addresses that want to know; in the transaction of what happens, so that neither is without the other.
     *
     * @param about what it is about, written as JSON
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void tell(HookEvent event, Map<String, Object> about) {
        List<Long> told = store.toldOf(event);
        if (told.isEmpty()) {
            return;
        }
        for (long webhook : told) {
            String mark = UUID.randomUUID().toString();
            Map<String, Object> body = new LinkedHashMap<>();
            body.put("message", mark);
            body.put("event", event.travelsAs());
            body.put("at", clock.now());
            body.put("about", new TreeMap<>(about));
            store.tell(webhook, mark, event.travelsAs(), json.written(body), LocalDateTime.now());
        }
        runner.runAfterCommit();
    }
}
