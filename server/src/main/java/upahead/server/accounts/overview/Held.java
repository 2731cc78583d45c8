package upahead.server.accounts.overview;

import java.util.Comparator;
import upahead.core.quantity.Unit;
import upahead.server.accounts.BalanceRow;
import upahead.server.employment.Person;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.PolicyDetail;

/** That somebody has a balance in a policy; its figures are not worked out yet. */
record Held(Person who, PolicyDetail in) {

    /** By person and policy. */
    static final Comparator<BalanceRow> ROWS_BY_PERSON = Comparator.comparing(BalanceRow::person)
            .thenComparing(BalanceRow::personId)
            .thenComparing(BalanceRow::policy);

    static final Comparator<Held> BY_PERSON = Comparator.comparing(Held::person)
            .thenComparing(each -> each.who().id())
            .thenComparing(Held::policy);

    /** The columns of a balance that need no figures. */
    static final Columns<Held> COLUMNS = Columns.of(Held.class)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("site", "Site", ColumnKind.TEXT)
            .with("policy", "Policy", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT);

    public String person() {
        return who.name();
    }

    public String team() {
        return who.team();
    }

    public String site() {
        return who.site();
    }

    public String policy() {
        return in.name();
    }

    public Unit unit() {
        return in.unit();
    }
}
