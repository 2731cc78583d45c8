package upahead.server.cards.rules;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.words.Words;

/** The rules of all pay groups, for whoever counts hours. */
@Service
public class CardRulesOfGroups {

    private final CardRulesStore store;
    private final Audit audit;

    CardRulesOfGroups(CardRulesStore store, Audit audit) {
        this.store = store;
        this.audit = audit;
    }

    /** All rules, of each group in order of time. */
    @Transactional(readOnly = true)
    public List<CardRules> all() {
        return store.all();
    }

    /** The rules of a group that begin on a day or the last before it. */
    @Transactional(readOnly = true)
    public CardRules of(long payGroupId, LocalDate on) {
        return store.all().stream()
                .filter(each ->
                        each.payGroupId() == payGroupId && !each.starts().isAfter(on))
                .reduce((earlier, later) -> later)
                .orElseGet(() -> CardRules.usual(payGroupId));
    }

    /** Sets the rules of a group from a day on; whoever calls has looked at them and counts the hours again. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(CardRules rules) {
        CardRules before = of(rules.payGroupId(), rules.starts());
        store.put(rules);
        audit.record(
                Thing.PAY_GROUP,
                rules.payGroupId(),
                "set the rules for hours from " + Words.fullDay(rules.starts()) + " on",
                before,
                rules);
    }
}
