package upahead.server.requests.leave;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import upahead.core.leave.Asked;
import upahead.core.people.ClockSpan;
import upahead.core.people.WorkTimes;
import upahead.core.quantity.Amount;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

/**
 * Leave that somebody asks for, or is about to.
 *
 * @param personId whose leave it is
 * @param days each date once
 * @param answers to the questions of the policy, in their order
 * @param documents that were kept for it, by their ids
 * @param replaces the waiting request that is changed into this one, null for a new one
 */
public record RequestDraft(
        long personId,
        long policyId,
        @NotEmpty(message = "please mark at least one day") @Size(max = 120, message = "a request has at most 120 days")
                List<@Valid AskedDay> days,
        @NotNull @Size(max = 1000, message = "a note has at most 1000 characters") String note,
        @Nullable @Size(max = 5)
                List<@NotNull @Size(max = 500, message = "an answer has at most 500 characters") String> answers,
        @Nullable @Size(max = 10, message = "a request has at most 10 documents") List<Long> documents,
        @Nullable Long replaces) {

    public RequestDraft {
        answers = answers == null ? List.of() : answers;
        documents = documents == null ? List.of() : documents;
    }

    /** A request without answers and documents. */
    public RequestDraft(long personId, long policyId, List<AskedDay> days, String note) {
        this(personId, policyId, days, note, null, null, null);
    }

    /** How much of a day. */
    public enum Part {
        WHOLE,
        /** Half of it, either one. */
        HALF,
        MORNING,
        AFTERNOON,
        HOURS,
        /** From one time of the clock to another. */
        TIMES;

        /** Whether it is half of the day. */
        public boolean isHalf() {
            return this == HALF || this == MORNING || this == AFTERNOON;
        }

        /** Whether it is an amount of hours, said or following from times. */
        public boolean isInHours() {
            return this == HOURS || this == TIMES;
        }
    }

    /**
     * One day asked for.
     *
     * @param hours for a part in hours, else null
     * @param between for a part from one time to another, else null
     */
    public record AskedDay(
            @NotNull LocalDate on, @NotNull Part part, @Nullable Amount hours, @Nullable ClockSpan between) {

        /** A day of which no times are said. */
        public AskedDay(LocalDate on, Part part, Amount hours) {
            this(on, part, hours, null);
        }

        /**
         * @param scheduled from when to when is worked that day, nothing where the schedule does not say so
         * @throws Refusal if hours or times are missing, or nothing is worked between the times
         */
        public Asked asked(Optional<WorkTimes> scheduled) {
            return switch (part) {
                case WHOLE -> Asked.WHOLE_DAY;
                case HALF, MORNING, AFTERNOON -> Asked.HALF_DAY;
                case HOURS -> {
                    if (hours == null) {
                        throw Refusal.of("days", "Please say how many hours on " + Words.weekday(on) + ".");
                    }
                    yield new Asked.SomeHours(hours);
                }
                case TIMES -> new Asked.SomeHours(hoursBetween(scheduled));
            };
        }

        private Amount hoursBetween(Optional<WorkTimes> scheduled) {
            if (between == null) {
                throw Refusal.of("days", "Please say from when to when on " + Words.weekday(on) + ".");
            }
            Amount within = WorkTimes.hoursWithin(between, scheduled);
            if (within.isZero()) {
                throw Refusal.of(
                        "days",
                        "Nothing is worked on " + Words.weekday(on) + " between " + between.from() + " and "
                                + between.to() + ".");
            }
            return within;
        }
    }
}
