package upahead.core.earning;

import java.util.List;
import upahead.core.quantity.Amount;

/** Nothing is earned by itself; only adjustments and openings add to the balance (time in lieu, awards). */
public record NoEarning() implements EarningMethod {
    @Override
    public List<Posting> postings(EarningContext context) {
        return List.of();
    }

    @Override
    public EarningMethod withFigure(Amount figure) {
        return this;
    }
}
