package upahead.server.policies;

import java.util.ArrayList;
import java.util.List;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.written.WrittenBand;
import upahead.written.WrittenEarning;
import upahead.written.WrittenEarning.WrittenNoEarning;
import upahead.written.WrittenEarning.WrittenPerHoursWorked;
import upahead.written.WrittenEarning.WrittenPerPeriod;
import upahead.written.WrittenEarning.WrittenUpfront;
import upahead.written.WrittenRounding;
import upahead.written.WrittenTerms;
import upahead.written.WrittenTime;
import upahead.written.WrittenUsability;
import upahead.written.WrittenYearEnd;

/** Writes the terms of a policy rule by rule; what is not written is left out. */
public final class TermsWriter {

    private final WrittenEarning earning;
    private final List<WrittenBand> tenure = new ArrayList<>();
    private boolean scaleByFte;
    private Integer scaleByDaysOfWeek;
    private WrittenTime waitToEarn;
    private WrittenTime waitToUse;
    private Limits limits = Limits.NONE;
    private String carry;
    private WrittenUsability carriedUsable;
    private Leftover excess;
    private WrittenTime creditsUsable;
    private Leftover onLeaving;
    private WrittenRounding rounding;

    private TermsWriter(WrittenEarning earning) {
        this.earning = earning;
    }

    /** Terms that earn as others do. */
    public static TermsWriter earning(WrittenEarning earning) {
        return new TermsWriter(earning);
    }

    public static TermsWriter noEarning() {
        return new TermsWriter(new WrittenNoEarning());
    }

    public static TermsWriter upfront(String amount, Upfront.FirstYear firstYear) {
        return new TermsWriter(new WrittenUpfront(Amount.of(amount), firstYear));
    }

    /** An amount a year, divided over its periods. */
    public static TermsWriter perYear(
            String amount, PerPeriod.Every every, PerPeriod.Posts posts, PerPeriod.Months months) {
        return new TermsWriter(
                new WrittenPerPeriod(every, null, Amount.of(amount), posts, months, PerPeriod.Partial.BY_DAYS));
    }

    public static TermsWriter perHours(String earn, String forEvery) {
        return new TermsWriter(
                new WrittenPerHoursWorked(Amount.of(earn), Amount.of(forEvery), false, null, false, false, null));
    }

    /** For whole steps of hours alone, paid leave and paid holidays counted. */
    public static TermsWriter perWholeSteps(String earn, String forEvery, List<String> kinds) {
        return new TermsWriter(
                new WrittenPerHoursWorked(Amount.of(earn), Amount.of(forEvery), true, kinds, true, true, null));
    }

    public TermsWriter tenure(int fromYears, String amount) {
        tenure.add(new WrittenBand(fromYears, Amount.of(amount)));
        return this;
    }

    public TermsWriter scaledByFte() {
        scaleByFte = true;
        return this;
    }

    public TermsWriter scaledByDaysOfWeek(int fullWeek) {
        scaleByDaysOfWeek = fullWeek;
        return this;
    }

    public TermsWriter waitToEarn(int count, Wait.In in) {
        waitToEarn = WrittenTime.of(count, in);
        return this;
    }

    public TermsWriter waitToUse(int count, Wait.In in) {
        waitToUse = WrittenTime.of(count, in);
        return this;
    }

    public TermsWriter limit(Limit limit, String figure) {
        limits = limits.with(limit, Amount.of(figure));
        return this;
    }

    /** The most that is carried over at a year's end, and what becomes of the rest. */
    public TermsWriter carry(String amount, Leftover rest) {
        carry = amount;
        excess = rest;
        return this;
    }

    /** Until when carried time can be used, such as {@code 03-31}. */
    public TermsWriter carriedUntil(String monthAndDay) {
        carriedUsable = new WrittenUsability(null, null, monthAndDay);
        return this;
    }

    public TermsWriter carriedForMonths(int months) {
        carriedUsable = new WrittenUsability(null, months, null);
        return this;
    }

    public TermsWriter creditsUsable(int count, Wait.In in) {
        creditsUsable = WrittenTime.of(count, in);
        return this;
    }

    public TermsWriter onLeaving(Leftover rest) {
        onLeaving = rest;
        return this;
    }

    public TermsWriter rounded(String step, Rounding.Mode mode) {
        rounding = new WrittenRounding(Amount.of(step), mode);
        return this;
    }

    public WrittenTerms write() {
        return new WrittenTerms(
                earning,
                List.copyOf(tenure),
                scaleByFte,
                scaleByDaysOfWeek,
                waitToEarn,
                waitToUse,
                limits,
                new WrittenYearEnd(carry, carriedUsable, excess),
                creditsUsable,
                onLeaving,
                rounding);
    }
}
