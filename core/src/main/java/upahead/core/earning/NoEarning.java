package upahead.core.earning;

import java.util.stream.Stream;
import upahead.core.quantity.Amount;

/** Nothing is earned by itself; only adjustments and openings add to the balance (time in lieu, awards). */
public record NoEarning() implements EarningMethod {
    @Override
    public Stream<Posting> postings(EarningContext context) {
        return Stream.empty();
    }

    @Override
    public EarningMethod withFigure(Amount figure) {
        return this;
    }
}
