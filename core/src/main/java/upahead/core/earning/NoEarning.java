package upahead.core.earning;

import java.util.stream.Stream;

/** Nothing is earned by itself; only adjustments and openings add to the balance (time in lieu, awards). */
public record NoEarning() implements EarningMethod {
    @Override
    public Stream<Posting> postings(EarningContext context) {
        return Stream.empty();
    }
}
