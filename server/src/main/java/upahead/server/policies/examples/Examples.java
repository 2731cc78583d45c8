package upahead.server.policies.examples;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Unit;
import upahead.rehearsal.WrittenCase;
import upahead.rehearsal.WrittenVersion;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.MonthDays;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyTexts;
import upahead.written.WrittenTerms;

/** The examples that policies must keep. */
@Service
public class Examples {

    static final int MOST = 200;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST = 200_000;

    /** A kept example and what comes of it. */
    public record HeldExample(long id, String name, ExampleOutcome outcome) {}

    private final ExampleStore store;
    private final ExampleRuns runs;
    private final Policies policies;
    private final PolicyTexts texts;
    private final Audit audit;
    private final MovableClock clock;
    private final CurrentUser user;

    Examples(
            ExampleStore store,
            ExampleRuns runs,
            Policies policies,
            PolicyTexts texts,
            Audit audit,
            MovableClock clock,
            CurrentUser user) {
        this.store = store;
        this.runs = runs;
        this.policies = policies;
        this.texts = texts;
        this.audit = audit;
        this.clock = clock;
        this.user = user;
    }

    /** All examples of a policy, in order of their names. */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public List<PolicyExample> of(long policyId) {
        return store.of(policies.get(policyId).id());
    }

    /**
     * Holds all examples of a policy against its versions in force, or against these with a draft.
     *
     * @param draft null for the policy as it is in force
     * @param from the draft's first day
     */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public List<HeldExample> held(long policyId, @Nullable WrittenTerms draft, @Nullable LocalDate from) {
        List<WrittenVersion> versions = runs.versions(policies.get(policyId), draft, from);
        return versions.isEmpty()
                ? List.of()
                : store.of(policyId).stream()
                        .map(each -> new HeldExample(each.id(), each.name(), runs.held(each, versions)))
                        .toList();
    }

    /** The names of the examples that a draft would break. */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public List<String> brokenBy(long policyId, WrittenTerms draft, LocalDate from) {
        return held(policyId, draft, from).stream()
                .filter(each -> !each.outcome().kept())
                .map(HeldExample::name)
                .toList();
    }

    /**
     * Tries an example that is being written, under a text that is being written.
     *
     * @param policyId the policy that is changed, null for one that is not kept yet
     * @param from the text's first day, null for the versions that are in force; of no effect where none is
     * @throws Refusal if the example or the text says something that cannot be, with its place
     */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public ExampleOutcome attempt(
            String written,
            @Nullable Long policyId,
            Unit unit,
            String benefitYear,
            WrittenTerms terms,
            @Nullable LocalDate from) {
        MonthDays.benefitYear(benefitYear);
        List<WrittenVersion> versions =
                policyId == null ? List.of() : runs.versions(policies.get(policyId), from == null ? null : terms, from);
        return runs.run(runs.read(written), versions.isEmpty() ? runs.always(unit, benefitYear, terms) : versions);
    }

    /**
     * Keeps an example. It need not be kept by any text yet: its figures may be written before the rule.
     *
     * @throws Refusal if it is no case file, its name is taken, or the policy has no balance
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyExample keep(long policyId, String written) {
        PolicyDetail policy = policies.get(policyId);
        policy.requireBalance();
        List<PolicyExample> others = store.of(policyId);
        if (others.size() >= MOST) {
            throw Refusal.conflict("A policy has at most " + MOST + " examples; please remove one first.");
        }
        WrittenCase example = checked(policy, written);
        requireFreeName(others, example.name(), null);
        store.add(
                policyId,
                example.name(),
                example.exact(),
                clock.now(),
                user.get().name());
        audit.record(Thing.POLICY, policyId, "kept an example", null, example.name());
        return byName(policyId, example.name());
    }

    /**
     * Writes a policy as a draft together with the examples that it is to keep; all of it or nothing.
     *
     * @param examples their texts
     * @throws Refusal as for a policy and for an example alone; one about an example says which
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyDetail write(NewPolicy policy, List<String> examples) {
        PolicyDetail written = texts.write(policy);
        for (String example : examples) {
            try {
                keep(written.id(), example);
            } catch (Refusal refusal) {
                throw Refusal.of(
                        "examples",
                        "The example “%s” cannot be kept: %s"
                                .formatted(runs.read(example).name().strip(), refusal.getMessage()));
            }
        }
        return written;
    }

    /**
     * Changes an example.
     *
     * @param seenEdits the state of the example that the change was made on
     * @throws Refusal as for a new one, or if somebody else changed it meanwhile
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public PolicyExample change(long policyId, long id, int seenEdits, String written) {
        PolicyExample before = get(policyId, id);
        WrittenCase example = checked(policies.get(policyId), written);
        requireFreeName(store.of(policyId), example.name(), id);
        if (!store.change(
                id,
                seenEdits,
                example.name(),
                example.exact(),
                clock.now(),
                user.get().name())) {
            throw changedMeanwhile();
        }
        audit.record(Thing.POLICY, policyId, "changed an example", before.written(), example.exact());
        return get(policyId, id);
    }

    /**
     * Removes an example; what it said stays in the changes of the policy.
     *
     * @throws Refusal if somebody else changed it meanwhile
     */
    @Transactional
    @May(Permission.WRITE_POLICIES)
    public void remove(long policyId, long id, int seenEdits) {
        PolicyExample before = get(policyId, id);
        if (!store.remove(id, seenEdits)) {
            throw changedMeanwhile();
        }
        audit.record(Thing.POLICY, policyId, "removed an example", before.written(), null);
    }

    private PolicyExample get(long policyId, long id) {
        return store.find(policyId, id).orElseThrow(() -> Refusal.notFound("example of this policy"));
    }

    private PolicyExample byName(long policyId, String name) {
        return store.of(policyId).stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** It must be possible under the newest text there is, whatever comes of it. */
    private WrittenCase checked(PolicyDetail policy, String written) {
        WrittenCase read = runs.read(written);
        WrittenCase example = read.named(read.name().strip());
        if (example.name().length() > LONGEST_NAME) {
            throw Refusal.of("example.case", "The name of an example has at most " + LONGEST_NAME + " characters.");
        }
        if (example.exact().length() > LONGEST) {
            throw Refusal.of(
                    "example", "This example is too long to be kept; please leave out facts that do not matter.");
        }
        Optional<WrittenTerms> newest =
                policy.versions().stream().reduce((first, second) -> second).map(version -> version.terms());
        newest.ifPresent(terms -> runs.run(example, runs.always(policy.unit(), policy.benefitYear(), terms)));
        return example;
    }

    private static void requireFreeName(List<PolicyExample> others, String name, @Nullable Long except) {
        boolean taken = others.stream()
                .anyMatch(other -> other.name().equalsIgnoreCase(name) && (except == null || other.id() != except));
        if (taken) {
            throw Refusal.of("example.case", "There is an example of this name already.");
        }
    }

    private static Refusal changedMeanwhile() {
        return Refusal.conflict(
                "Somebody else changed this example meanwhile. Yours is still here; reload to see theirs.");
    }
}
