package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.util.List;
import upahead.core.ledger.Ledger;
import upahead.core.quantity.Amount;
import upahead.server.accounts.PersonAccount;
import upahead.server.payruns.PostedLineStore.AccountKey;

/**
 * What a run posts, or has posted, for one account.
 *
 * @param opening posted by earlier runs
 * @param lines corrections first, then those of the period
 * @param ledger from which the lines were derived, through the last day of the run; null where they were read as frozen
 * @param earnedBefore what was earned in the last closed runs, the newest first; empty where the lines are frozen
 */
record AccountPostings(
        PersonAccount account,
        Amount opening,
        List<CausedPosting> lines,
        @Nullable Ledger ledger,
        List<Amount> earnedBefore) {

    AccountKey key() {
        return key(account);
    }

    static AccountKey key(PersonAccount account) {
        return new AccountKey(account.person().id(), account.policy().id());
    }
}
