package upahead.server.payruns;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.accounts.PersonAccount;
import upahead.server.payruns.PostedLineStore.AccountKey;

/**
 * What a run posts, or has posted, for one account.
 *
 * @param opening posted by earlier runs
 * @param lines corrections first, then those of the period
 */
record AccountPostings(PersonAccount account, Amount opening, List<CausedPosting> lines) {

    AccountKey key() {
        return key(account);
    }

    static AccountKey key(PersonAccount account) {
        return new AccountKey(account.person().id(), account.policy().id());
    }
}
