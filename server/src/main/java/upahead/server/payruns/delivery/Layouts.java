package upahead.server.payruns.delivery;

import java.util.EnumSet;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.Organisation;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** In which layout payroll gets the file of each pay group. */
@Service
public class Layouts {

    private final LayoutStore store;
    private final Organisation organisation;
    private final Audit audit;

    Layouts(LayoutStore store, Organisation organisation, Audit audit) {
        this.store = store;
        this.organisation = organisation;
        this.audit = audit;
    }

    /** That of a pay group, the standard one where nobody has chosen otherwise. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public PayGroupLayout of(long payGroupId) {
        return store.find(organisation.payGroup(payGroupId).id())
                .orElseGet(() -> new PayGroupLayout(Layout.standard(), 0));
    }

    /**
     * Changes the layout of a pay group. Files of runs that are closed are written anew in it; their figures stay.
     *
     * @param seenEdits of the state that was seen
     * @throws Refusal if a column stands twice, or somebody has changed it meanwhile
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void change(long payGroupId, int seenEdits, Layout layout) {
        PayGroupLayout before = of(payGroupId);
        Set<LayoutField> seen = EnumSet.noneOf(LayoutField.class);
        for (int at = 0; at < layout.columns().size(); at++) {
            if (!seen.add(layout.columns().get(at).field())) {
                throw Refusal.of(
                        "columns[" + at + "].field",
                        "The column " + layout.columns().get(at).field().heading() + " stands twice.");
            }
        }
        if (layout.separator() == Layout.Separator.COMMA && layout.decimalMark() == Layout.DecimalMark.COMMA) {
            throw Refusal.of("decimalMark", "A comma cannot stand both between the cells and in the amounts.");
        }
        if (!store.change(payGroupId, seenEdits, layout)) {
            throw Refusal.conflict("Somebody else has changed this layout meanwhile; reload to see theirs.");
        }
        audit.record(Thing.PAY_GROUP, payGroupId, "changed the layout for payroll", before.layout(), layout);
    }
}
