package upahead.server.policies.examples;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.rehearsal.WrittenCase;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.Download;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.examples.ExampleFiles.BroughtExample;
import upahead.server.policies.examples.ExampleFiles.BroughtFile;
import upahead.server.policies.examples.Examples.HeldExample;
import upahead.written.WrittenTerms;

/** Salaried leave, policy 2, has two examples; its draft for 2028 carries over 6 days instead of 5 and breaks one. */
@WithDemo
class ExamplesTest {

    private static final long SALARIED_LEAVE = 2;
    private static final LocalDate NEXT_YEAR = LocalDate.of(2028, 1, 1);
    private static final String HAND_TYPED =
            """
            {"case": " Two weeks off ", "employee": {"hired": "2027-01-04"},
             "facts": [{"from": "2027-06-07", "to": "2027-06-18", "take": "scheduled"}],
             "ask": ["2027-06-30"], "expect": [{"asOf": "2027-06-30", "usedThisYear": 10, "balance": 99}]}""";

    @Autowired
    private Examples examples;

    @Autowired
    private ExampleFiles files;

    @Autowired
    private Policies policies;

    @Autowired
    private PuttingInForce inForce;

    @Autowired
    private CurrentUser user;

    @Test
    void thePolicyInForceKeepsAllOfThem() {
        assertThat(held(null, null))
                .extracting(HeldExample::name)
                .containsExactly("Begins in July", "Full-time all year, two days taken");
        assertThat(held(null, null)).allMatch(each -> each.outcome().kept());
    }

    @Test
    void theDraftBreaksOneAndBothFiguresAreSaid() {
        List<HeldExample> held = held(draft().terms(), NEXT_YEAR);
        assertThat(held).extracting(each -> each.outcome().kept()).containsExactly(true, false);
        assertThat(held.get(1).outcome().days().get(1).figures())
                .filteredOn(figure -> figure.expected() != null)
                .extracting(figure -> figure.name() + " " + figure.is() + ", expected " + figure.expected())
                .containsExactly("balance 30, expected 28", "lapsed 15, expected 16");
    }

    @Test
    void aBrokenExampleNeedsAReason() {
        assertThatThrownBy(() -> putInForce("")).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.field()).isEqualTo("reason");
            assertThat(refusal.getMessage())
                    .contains("breaks 1 example")
                    .contains("Full-time all year, two days taken");
        });
        assertThat(as(() -> policies.get(SALARIED_LEAVE)).versions()).hasSize(2);
        putInForce("agreed with the works council");
        assertThat(as(() -> policies.get(SALARIED_LEAVE)).inForce(NEXT_YEAR)).isPresent();
    }

    private void putInForce(String reason) {
        PolicyVersion draft = draft();
        as(() -> inForce.putInForce(
                SALARIED_LEAVE, draft.id(), draft.edits(), NEXT_YEAR, Coverage.people(List.of()), reason));
    }

    @Test
    void figuresCanBeTypedBeforeAnyRuleGivesThem() {
        PolicyExample kept = as(() -> examples.keep(SALARIED_LEAVE, HAND_TYPED));
        assertThat(kept.name()).isEqualTo("Two weeks off");
        ExampleOutcome outcome = held(null, null).stream()
                .filter(each -> each.id() == kept.id())
                .findFirst()
                .orElseThrow()
                .outcome();
        assertThat(outcome.kept()).isFalse();
        assertThat(outcome.days().get(0).figures())
                .filteredOn(figure -> figure.name().equals("usedThisYear"))
                .singleElement()
                .satisfies(figure -> assertThat(figure.is()).isEqualTo(Amount.of(10)));
    }

    @Test
    void isChangedByWhoeverSawTheNewest() {
        PolicyExample kept = as(() -> examples.keep(SALARIED_LEAVE, HAND_TYPED));
        PolicyExample changed = as(() -> examples.change(
                SALARIED_LEAVE, kept.id(), 0, HAND_TYPED.replace("99", "13").replace("Two", "2")));
        assertThat(changed.name()).isEqualTo("2 weeks off");
        assertThatThrownBy(() -> as(() -> examples.change(SALARIED_LEAVE, kept.id(), 0, HAND_TYPED)))
                .hasMessageContaining("Somebody else changed this example");
        assertThatThrownBy(() -> remove(kept.id(), 0)).hasMessageContaining("Somebody else changed this example");
        remove(kept.id(), 1);
        assertThat(held(null, null)).hasSize(2);
    }

    private void remove(long id, int seenEdits) {
        as(() -> {
            examples.remove(SALARIED_LEAVE, id, seenEdits);
            return null;
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-06-30|3000-06-30|example|An example spans at most 60 years; this one goes from 2027 to 3000.",
                "\"take\": \"scheduled\"|\"take\": \"much\"|example.facts[0].on|Please check this: is required.",
                "\"balance\": 99|\"ballance\": 99|example.expect[0].ballance"
                        + "|Please check this: is not a known key here.",
                "Two weeks off|begins in july|example.case|There is an example of this name already.",
                "\"case\"|\"name\"|example.case|Please check this: is required.",
            })
    void whatCannotBeIsSaidWithItsPlace(String text, String instead, String field, String message) {
        assertThatThrownBy(() -> as(() -> examples.keep(SALARIED_LEAVE, HAND_TYPED.replace(text, instead))))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.field()).isEqualTo(field);
                    assertThat(refusal).hasMessage(message);
                });
        assertThat(held(null, null)).hasSize(2);
    }

    @Test
    void anExampleIsTriedWhileItIsWritten() {
        ExampleOutcome outcome = as(() -> examples.attempt(
                HAND_TYPED,
                null,
                Unit.DAYS,
                "01-01",
                policies.get(SALARIED_LEAVE).versions().get(0).terms(),
                null));
        assertThat(outcome.days()).hasSize(1);
        assertThat(outcome.days().get(0).figures().get(0).is()).isEqualTo(Amount.of("12.811"));
    }

    @Test
    void goesOutAsCaseFilesThatSayTheSameWhenTheyComeIn() throws IOException {
        Download archive = as(() -> files.of(SALARIED_LEAVE));
        assertThat(archive.name()).isEqualTo("salaried-leave.zip");
        List<BroughtFile> unpacked = unpacked(archive.content());
        assertThat(unpacked)
                .extracting(BroughtFile::name)
                .containsExactly("begins-in-july.json", "full-time-all-year-two-days-taken.json");
        assertThat(unpacked)
                .extracting(file -> WrittenCase.read(new String(file.content(), StandardCharsets.UTF_8)))
                .allSatisfy(example -> assertThat(example.run()).allMatch(WrittenCase.Outcome::isKept));

        List<BroughtExample> read = as(() -> files.read(List.of(
                new BroughtFile("all.zip", archive.content()),
                new BroughtFile("notes.json", "{\"case\": }".getBytes(StandardCharsets.UTF_8)))));
        assertThat(read).hasSize(3);
        assertThat(read.get(1).keepsItself()).isTrue();
        assertThat(read.get(1).versions()).singleElement().satisfies(version -> {
            assertThat(version.unit()).isEqualTo(Unit.DAYS);
            assertThat(version.terms())
                    .isEqualTo(as(() -> policies.get(SALARIED_LEAVE))
                            .versions()
                            .get(0)
                            .terms());
        });
        assertThat(read.get(2).fault()).startsWith("line 1, column");
    }

    @Test
    void aPolicyWithoutExamplesGoesOutWithSomebodyWhoWorkedTwoYears() throws IOException {
        List<BroughtFile> unpacked = unpacked(as(() -> files.of(1)).content());
        assertThat(unpacked).singleElement().satisfies(file -> assertThat(
                        new String(file.content(), StandardCharsets.UTF_8))
                .contains("\"forEvery\": 23")
                .contains("\"ask\": [\"2028-12-31\"]"));
    }

    @Test
    void aPolicyIsWrittenTogetherWithItsExamples() {
        PolicyDetail written = as(() -> examples.write(salariedLeaveAnew(), List.of(HAND_TYPED)));
        assertThat(as(() -> examples.of(written.id())))
                .extracting(PolicyExample::name)
                .containsExactly("Two weeks off");
    }

    @Test
    @Transactional(propagation = Propagation.NEVER)
    void whereOneOfItsExamplesIsRefusedThePolicyIsNotWrittenEither() {
        int before = as(policies::all).size();
        assertThatThrownBy(() -> as(() -> examples.write(salariedLeaveAnew(), List.of(HAND_TYPED, HAND_TYPED))))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("examples"))
                .hasMessage("The example “Two weeks off” cannot be kept: There is an example of this name already.");
        assertThat(as(policies::all)).hasSize(before);
    }

    private NewPolicy salariedLeaveAnew() {
        PolicyDetail policy = as(() -> policies.get(SALARIED_LEAVE));
        return new NewPolicy(
                "Leave written anew",
                policy.kind(),
                policy.unit(),
                policy.paid(),
                "ANEW",
                policy.benefitYear(),
                policy.rules(),
                policy.versions().get(0).terms());
    }

    private static List<BroughtFile> unpacked(byte[] archive) throws IOException {
        List<BroughtFile> unpacked = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                unpacked.add(new BroughtFile(entry.getName(), zip.readAllBytes()));
            }
        }
        return unpacked;
    }

    private PolicyVersion draft() {
        return as(() -> policies.get(SALARIED_LEAVE)).versions().get(1);
    }

    private List<HeldExample> held(WrittenTerms terms, LocalDate from) {
        return as(() -> examples.held(SALARIED_LEAVE, terms, from));
    }

    private <T> T as(Supplier<T> doing) {
        return user.actAs(Somebody.ADMINISTRATOR, doing);
    }
}
