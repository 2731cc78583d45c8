package upahead.server.policies;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.platform.problems.Refusal;

/**
 * What holds when leave under a policy is asked for, and whether extra hours become such leave.
 *
 * @param holidaysCost whether a holiday costs like any scheduled day
 * @param daysOffCost whether a day off the schedule costs
 * @param noticeDays calendar days between sending and the first day
 * @param noteRequired whether a note must be written
 * @param leaveIn in what parts of a day leave can be asked for
 * @param smallestStep hours of which hours asked for are a multiple; null for any
 * @param documentFromDays from how many days on a document is needed; null for never
 * @param questions that whoever asks must answer
 * @param signOffs the approvals a request needs, in their order; null for the general ones
 * @param seenBy who sees the absence
 * @param kindShows whether they see its kind too
 * @param employeesAsk whether people ask for it themselves; else only an administrator enters it
 * @param lieuRate how many hours of this time an extra hour becomes that is not paid, above 0; null where none does
 */
public record RequestRules(
        boolean holidaysCost,
        boolean daysOffCost,
        @Min(value = 0, message = "notice must be at least 0 days")
                @Max(value = 365, message = "notice can be at most 365 days")
                int noticeDays,
        boolean noteRequired,
        LeaveIn leaveIn,
        @Nullable Amount smallestStep,
        @Nullable
                @Min(value = 1, message = "a document is needed from 1 day on or later")
                @Max(value = 365, message = "a document is needed from at most 365 days on")
                Integer documentFromDays,
        @Size(max = 5, message = "there are at most 5 questions")
                List<
                                @NotBlank(message = "a question needs words")
                                @Size(max = 200, message = "a question has at most 200 characters") String>
                        questions,
        @Nullable @Valid @Size(min = 1, max = 5, message = "a request needs 1 to 5 sign-offs")
                List<SignOffStep> signOffs,
        SeenBy seenBy,
        boolean kindShows,
        @Nullable Boolean employeesAsk,
        @Nullable Amount lieuRate) {

    private static final Amount HIGHEST_RATE = Amount.of(10);
    private static final int DECIMALS_OF_RATES = 4;

    /** Leave in any part of a day. */
    public RequestRules(boolean holidaysCost, boolean daysOffCost, int noticeDays, boolean noteRequired) {
        this(holidaysCost, daysOffCost, noticeDays, noteRequired, LeaveIn.HOURS, null);
    }

    /** Without documents, questions and sign-offs of its own. */
    public RequestRules(
            boolean holidaysCost,
            boolean daysOffCost,
            int noticeDays,
            boolean noteRequired,
            LeaveIn leaveIn,
            Amount smallestStep) {
        this(
                holidaysCost,
                daysOffCost,
                noticeDays,
                noteRequired,
                leaveIn,
                smallestStep,
                null,
                List.of(),
                null,
                SeenBy.TEAM,
                false,
                true,
                null);
    }

    /**
     * @throws Refusal if the rate for extra hours is not above 0 and at most 10, or has more than four decimals
     */
    void requireRate() {
        if (lieuRate != null
                && (!lieuRate.isPositive()
                        || lieuRate.isMoreThan(HIGHEST_RATE)
                        || lieuRate.value().scale() > DECIMALS_OF_RATES)) {
            throw Refusal.of(
                    "rules.lieuRate", "An extra hour becomes more than 0 and at most " + HIGHEST_RATE + " hours.");
        }
    }

    /** The same with another rate for extra hours, null where they are not taken. */
    public RequestRules withLieuRate(@Nullable Amount rate) {
        return new RequestRules(
                holidaysCost,
                daysOffCost,
                noticeDays,
                noteRequired,
                leaveIn,
                smallestStep,
                documentFromDays,
                questions,
                signOffs,
                seenBy,
                kindShows,
                employeesAsk,
                rate);
    }

    public RequestRules {
        leaveIn = leaveIn == null ? LeaveIn.HOURS : leaveIn;
        questions = questions == null
                ? List.of()
                : questions.stream().map(String::strip).toList();
        seenBy = seenBy == null ? SeenBy.TEAM : seenBy;
        employeesAsk = employeesAsk == null || employeesAsk;
    }
}
