package upahead.core.ledger;

import java.time.LocalDate;
import org.assertj.core.api.AbstractAssert;
import upahead.core.quantity.Amount;

/** Assertions on an account as of a day: {@code assertThat(account).on("2027-03-31").holds("12.5")}. */
public final class LedgerAssert extends AbstractAssert<LedgerAssert, Account> {

    private LocalDate day;

    private LedgerAssert(Account account) {
        super(account, LedgerAssert.class);
    }

    public static LedgerAssert assertThat(Account account) {
        return new LedgerAssert(account);
    }

    public LedgerAssert on(String date) {
        day = LocalDate.parse(date);
        return this;
    }

    public LedgerAssert holds(String balance) {
        return check("balance", standing().balance(), balance);
    }

    public LedgerAssert hasAvailable(String available) {
        return check("available", Derivation.derive(actual, day).available(day), available);
    }

    public LedgerAssert hasEarned(String earned) {
        return check("earned this year", standing().earnedThisYear(), earned);
    }

    public LedgerAssert hasWithheld(String withheld) {
        return check("withheld this year", standing().withheldThisYear(), withheld);
    }

    public LedgerAssert hasLapsed(String lapsed) {
        return check("lapsed", standing().lapsed(), lapsed);
    }

    public LedgerAssert hasPaidOut(String paidOut) {
        return check("paid out", standing().paidOut(), paidOut);
    }

    private Standing standing() {
        return Derivation.derive(actual, day).standing(day);
    }

    private LedgerAssert check(String what, Amount is, String expected) {
        if (!is.equals(Amount.of(expected))) {
            failWithMessage("on %s %s is %s, expected %s", day, what, is, expected);
        }
        return this;
    }
}
