package upahead.server.policies;

import java.util.ArrayList;
import java.util.List;
import upahead.core.policy.Leftover;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.server.policies.TermsDocument.Band;
import upahead.server.policies.TermsDocument.CarriedUsable;
import upahead.server.policies.TermsDocument.Earning;
import upahead.server.policies.TermsDocument.RoundingRule;
import upahead.server.policies.TermsDocument.Time;

/** Writes the terms of a policy rule by rule; what is not written is left out. */
public final class TermsWriter {

    private final Earning earning;
    private final List<Band> tenure = new ArrayList<>();
    private boolean scaleByFte;
    private Integer scaleByDaysOfWeek;
    private Time waitToEarn;
    private Time waitToUse;
    private Amount balanceLimit;
    private Amount earnedPerYearLimit;
    private Amount usedPerYearLimit;
    private Amount overdraw;
    private Amount carry;
    private CarriedUsable carriedUsable;
    private Leftover excess;
    private Time creditsUsable;
    private Leftover onLeaving;
    private RoundingRule rounding;

    private TermsWriter(Earning earning) {
        this.earning = earning;
    }

    public static TermsWriter earning(Earning earning) {
        return new TermsWriter(earning);
    }

    public TermsWriter tenure(int fromYears, String amount) {
        tenure.add(new Band(fromYears, Amount.of(amount)));
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
        waitToEarn = new Time(count, in);
        return this;
    }

    public TermsWriter waitToUse(int count, Wait.In in) {
        waitToUse = new Time(count, in);
        return this;
    }

    public TermsWriter balanceLimit(String amount) {
        balanceLimit = Amount.of(amount);
        return this;
    }

    public TermsWriter earnedPerYear(String amount) {
        earnedPerYearLimit = Amount.of(amount);
        return this;
    }

    public TermsWriter usedPerYear(String amount) {
        usedPerYearLimit = Amount.of(amount);
        return this;
    }

    public TermsWriter overdraw(String amount) {
        overdraw = Amount.of(amount);
        return this;
    }

    /** The most that is carried over at a year's end, and what becomes of the rest. */
    public TermsWriter carry(String amount, Leftover rest) {
        carry = Amount.of(amount);
        excess = rest;
        return this;
    }

    /** Until when carried time can be used, such as {@code 03-31}. */
    public TermsWriter carriedUntil(String monthAndDay) {
        carriedUsable = new CarriedUsable(null, monthAndDay);
        return this;
    }

    public TermsWriter carriedFor(int count, Wait.In in) {
        carriedUsable = new CarriedUsable(new Time(count, in), null);
        return this;
    }

    public TermsWriter creditsUsable(int count, Wait.In in) {
        creditsUsable = new Time(count, in);
        return this;
    }

    public TermsWriter onLeaving(Leftover rest) {
        onLeaving = rest;
        return this;
    }

    public TermsWriter rounded(String step, Rounding.Mode mode) {
        rounding = new RoundingRule(Amount.of(step), mode);
        return this;
    }

    public TermsDocument write() {
        return new TermsDocument(
                earning,
                tenure,
                scaleByFte,
                waitToEarn,
                waitToUse,
                balanceLimit,
                earnedPerYearLimit,
                usedPerYearLimit,
                overdraw,
                carry,
                carriedUsable,
                excess,
                creditsUsable,
                onLeaving,
                rounding,
                scaleByDaysOfWeek);
    }
}
