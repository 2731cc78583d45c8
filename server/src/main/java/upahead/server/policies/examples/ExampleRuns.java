package upahead.server.policies.examples;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import upahead.core.quantity.Unit;
import upahead.rehearsal.InvalidCase;
import upahead.rehearsal.WrittenCase;
import upahead.rehearsal.WrittenVersion;
import upahead.server.platform.json.StoredJson;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyTerms;
import upahead.server.policies.VersionState;
import upahead.written.Choices;
import upahead.written.WrittenTerms;

/**
 * Runs examples under the versions of a policy. The first of them is taken to have held always, so that an example may lie
 * in any year.
 */
@Component
class ExampleRuns {

    static final int LONGEST = 100_000;
    private static final int MOST_YEARS = 60;
    private static final Pattern YEAR = Pattern.compile("\"(\\d{4})-\\d{2}-\\d{2}\"");
    private static final String PLACE = "example";

    private final StoredJson json;

    ExampleRuns(StoredJson json) {
        this.json = json;
    }

    /**
     * The versions in force, and a draft from its day on.
     *
     * @param draft null for the policy as it is in force
     * @param from the draft's first day; of no effect where no version is in force yet
     */
    List<WrittenVersion> versions(PolicyDetail policy, @Nullable WrittenTerms draft, @Nullable LocalDate from) {
        List<WrittenVersion> versions = new ArrayList<>();
        policy.versions().stream()
                .filter(version -> version.state() == VersionState.IN_FORCE)
                .filter(version -> draft == null || !version.starts().equals(from))
                .forEach(version -> versions.add(
                        version(policy.unit(), policy.benefitYear(), version.terms(), Optional.of(version.starts()))));
        if (draft != null) {
            PolicyTerms.of(draft);
            versions.add(version(policy.unit(), policy.benefitYear(), draft, Optional.ofNullable(from)));
        }
        return versions;
    }

    /** One text that has held always. */
    List<WrittenVersion> always(Unit unit, String benefitYear, WrittenTerms terms) {
        PolicyTerms.of(terms);
        return List.of(version(unit, benefitYear, terms, Optional.empty()));
    }

    private WrittenVersion version(Unit unit, String benefitYear, WrittenTerms terms, Optional<LocalDate> from) {
        return new WrittenVersion(from, Choices.written(unit), benefitYear, json.written(terms));
    }

    /**
     * Reads what somebody wants to keep or to try.
     *
     * @throws Refusal if it is no case file, or too long
     */
    WrittenCase read(String written) {
        try {
            return WrittenCase.read(written).withoutPolicy();
        } catch (InvalidCase invalid) {
            throw refusal(invalid);
        }
    }

    /**
     * @throws Refusal if the example says something that cannot be, with its place
     */
    ExampleOutcome run(WrittenCase example, List<WrittenVersion> versions) {
        requireFewYears(example);
        try {
            return ExampleOutcome.of(example.under(versions).run());
        } catch (InvalidCase invalid) {
            throw refusal(invalid);
        }
    }

    /** The same of a kept example: one that cannot be run under other rules is not kept by them, and says why. */
    ExampleOutcome held(PolicyExample example, List<WrittenVersion> versions) {
        try {
            return ExampleOutcome.of(
                    WrittenCase.read(example.written()).under(versions).run());
        } catch (InvalidCase invalid) {
            return ExampleOutcome.faulty(invalid.getMessage());
        }
    }

    private static void requireFewYears(WrittenCase example) {
        int first = Integer.MAX_VALUE;
        int last = Integer.MIN_VALUE;
        Matcher years = YEAR.matcher(example.exact());
        while (years.find()) {
            int year = Integer.parseInt(years.group(1));
            first = Math.min(first, year);
            last = Math.max(last, year);
        }
        if (last - (long) first > MOST_YEARS && last != Integer.MIN_VALUE) {
            throw Refusal.of(
                    PLACE,
                    "An example spans at most " + MOST_YEARS + " years; this one goes from " + first + " to " + last
                            + ".");
        }
    }

    private static Refusal refusal(InvalidCase invalid) {
        return Refusal.of(
                invalid.place().isEmpty() ? PLACE : PLACE + "." + invalid.place(),
                "Please check this: " + invalid.why() + ".");
    }
}
