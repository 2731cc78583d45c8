package upahead.core.earning;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** Nothing is earned by itself; only adjustments and openings add to the balance (time in lieu, awards). */
public record NoEarning() implements EarningMethod {
    @Override
    public List<Posting> postings(EarningContext context) {
        return List.of();
    }

    @Override
    public Amount amount() {
        return Amount.ZERO;
    }

    @Override
    public boolean earnsByItself() {
        return false;
    }

    @Override
    public EarningMethod withAmount(Amount amount) {
        return this;
    }

    @Override
    public Rhythm rhythm() {
        return Rhythm.of(NoEarning.class);
    }

    @Override
    public String inWords(Unit unit) {
        return "only what is awarded";
    }
}
