package upahead.server.accounts.overview;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import upahead.core.quantity.Unit;
import upahead.server.accounts.BalanceRow;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.ColumnView;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.PolicyDetail;

/**
 * The balances of one person side by side.
 *
 * @param balances by the ids of their policies
 */
public record PersonBalances(
        long personId, String code, String person, String team, String site, Map<Long, BalanceRow> balances) {

    static final Comparator<PersonBalances> BY_NAME =
            Comparator.comparing(PersonBalances::person).thenComparing(PersonBalances::personId);

    /** The people of some balances, in the order in which these come. */
    static List<PersonBalances> of(List<BalanceRow> rows) {
        Map<Long, PersonBalances> people = new LinkedHashMap<>();
        for (BalanceRow row : rows) {
            people.computeIfAbsent(
                            row.personId(),
                            id -> new PersonBalances(
                                    id, row.code(), row.person(), row.team(), row.site(), new LinkedHashMap<>()))
                    .balances()
                    .put(row.policyId(), row);
        }
        return new ArrayList<>(people.values());
    }

    /**
     * A column for each policy and figure.
     *
     * @param figures the keys of the figures, of balances alone where there are none
     */
    static Columns<PersonBalances> columns(List<PolicyDetail> policies, List<String> figures) {
        Columns<PersonBalances> columns = Columns.of(PersonBalances.class)
                .onlyInFiles("code", ColumnKind.TEXT)
                .with("person", "Person", ColumnKind.TEXT)
                .with("team", "Team", ColumnKind.TEXT)
                .with("site", "Site", ColumnKind.TEXT);
        List<ColumnView> wanted = BalanceRow.COLUMNS.figures().stream()
                .filter(each -> figures.isEmpty() ? each.key().equals("balance") : figures.contains(each.key()))
                .toList();
        for (PolicyDetail policy : policies) {
            for (ColumnView figure : wanted) {
                columns.with(
                        figure.key() + policy.id(),
                        title(policy, figure, wanted.size() > 1),
                        figure.kind(),
                        row -> figure(row, policy.id(), figure.key()));
            }
        }
        return columns;
    }

    private static String title(PolicyDetail policy, ColumnView figure, boolean several) {
        String unit = policy.unit() == Unit.DAYS ? " (days)" : "";
        return policy.name() + unit + (several ? ", " + figure.title().replaceAll("^[^A-Za-z]+", "") : "");
    }

    private static Object figure(PersonBalances row, long policyId, String key) {
        BalanceRow balance = row.balances().get(policyId);
        return balance == null ? null : BalanceRow.COLUMNS.value(balance, key);
    }
}
