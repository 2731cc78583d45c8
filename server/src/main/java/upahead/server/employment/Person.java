package upahead.server.employment;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;

/**
 * An employee as the directory shows them.
 *
 * @param email null for somebody without e-mail
 * @param approverId null where nobody is assigned
 * @param approver the approver's name, null where nobody is assigned
 * @param lastDay null while none is set
 * @param serviceFrom from which years of service count
 * @param clockCode typed at a clock terminal, null for somebody without one
 * @param earlierId the earlier employment of somebody who came back, else null
 * @param namelessSince when the name of somebody who left was removed, null for everybody who has one
 */
public record Person(
        long id,
        String code,
        String name,
        @Nullable String email,
        long siteId,
        String site,
        long teamId,
        String team,
        EmploymentType employmentType,
        long payGroupId,
        String payGroup,
        @Nullable Long approverId,
        @Nullable String approver,
        LocalDate hired,
        @Nullable LocalDate lastDay,
        LocalDate serviceFrom,
        @Nullable String clockCode,
        @Nullable Long earlierId,
        @Nullable LocalDate namelessSince) {

    /** Where they work on the day for which this was read. */
    public Placing placing() {
        return new Placing(siteId, teamId, employmentType, payGroupId, approverId);
    }

    /** Of this only what coverage asks for. */
    public Whereabouts whereabouts() {
        return new Whereabouts(id, lastDay, placing());
    }

    PersonDetails details() {
        return new PersonDetails(code, name, email, serviceFrom, clockCode);
    }

    public boolean isEmployedWithin(LocalDate first, LocalDate last) {
        return !hired.isAfter(last) && (lastDay == null || !lastDay.isBefore(first));
    }

    /**
     * @throws Refusal if the name was removed
     */
    public void requireName() {
        if (namelessSince != null) {
            throw Refusal.conflict("Who this was is not kept any more, since " + Words.fullDay(namelessSince)
                    + ". Somebody who comes back is added anew.");
        }
    }
}
