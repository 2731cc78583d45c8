package upahead.server.yearend;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.Optional;
import upahead.core.ledger.YearTurn;
import upahead.core.value.HourlyRate;
import upahead.server.accounts.PersonAccount;
import upahead.server.enrolment.PersonException;

/**
 * What a year's end does to somebody's balance, as it is known now.
 *
 * @param account in the policy
 * @param figures of the year's end
 * @param rate what an hour is worth on its day, null where nobody gave a rate or whoever asks may not see it
 * @param exception made for this year's end, null where there is none
 */
record Turn(PersonAccount account, YearTurn figures, @Nullable HourlyRate rate, @Nullable PersonException exception) {

    long personId() {
        return account.person().id();
    }

    LocalDate on() {
        return figures.on();
    }

    /** Whether the exception is for this year's end alone, so that it can be changed and taken back with it. */
    boolean hasExceptionOfItsOwn() {
        return exception != null && on().equals(exception.from()) && on().equals(exception.to());
    }

    /** Whether an exception says how much is carried over on a day. */
    static boolean isAbout(PersonException exception, long policyId, LocalDate on) {
        return exception.policyId() == policyId
                && exception.figures().carry() != null
                && !exception.from().isAfter(on)
                && Optional.ofNullable(exception.to())
                        .map(last -> !last.isBefore(on))
                        .orElse(true);
    }
}
