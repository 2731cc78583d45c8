package upahead.server.ahead;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.calendar.DateSpan;
import upahead.server.accounts.AheadView.What;
import upahead.server.platform.files.Progress;
import upahead.server.platform.json.Page;

/** What is ahead for everybody. */
@RestController
@RequestMapping("/api/ahead")
class AheadController {

    private static final int MOST_WEEKS = 104;
    private static final int MOST_PEOPLE = 10_000;
    private static final int MOST_LINES = 1_000;

    private final AheadOfAll ahead;
    private final TellingPeople telling;
    private final Progress progress;

    AheadController(AheadOfAll ahead, TellingPeople telling, Progress progress) {
        this.ahead = ahead;
        this.telling = telling;
        this.progress = progress;
    }

    /**
     * What is wanted.
     *
     * @param weeks from tomorrow on
     * @param teamId of one team, null for all
     * @param policyId in one policy, null for all
     * @param what null for everything
     */
    record AheadForm(
            @Min(value = 1, message = "please look at least a week ahead")
                    @Max(value = MOST_WEEKS, message = "please look at most " + MOST_WEEKS + " weeks ahead")
                    int weeks,
            @Nullable Long teamId,
            @Nullable Long policyId,
            @Nullable What what) {

        List<ForeseenRow> of(List<ForeseenRow> rows) {
            return rows.stream()
                    .filter(row -> teamId == null || teamId == row.teamId())
                    .filter(row -> policyId == null || policyId == row.policyId())
                    .filter(row -> what == null || what == row.what())
                    .toList();
        }

        /** Staffing is of teams, and of no policy. */
        boolean isAboutStaffing() {
            return policyId == null && what == null;
        }
    }

    /**
     * What is ahead.
     *
     * @param groups in order of time
     * @param shortDays on which teams are short, in order of time
     */
    record AheadOfAllView(LocalDate from, LocalDate through, List<Foreseen> groups, List<ShortDay> shortDays) {}

    /** What people are told. */
    record TellForm(
            @NotBlank(message = "please give the mail a subject")
                    @Size(max = 120, message = "a subject has at most 120 characters")
                    String about,
            @NotEmpty(message = "please choose whom to tell") @Size(max = MOST_PEOPLE)
                    List<@Valid ToldPerson> people) {}

    /** What one person is told. */
    record ToldPerson(
            long personId,
            @NotBlank(message = "please say something")
                    @Size(max = 900, message = "a message has at most 900 characters")
                    String text) {}

    /** How many were told. */
    record Told(int people) {}

    @GetMapping
    AheadOfAllView ahead(@Valid @ParameterObject AheadForm form, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> {
            DateSpan days = ahead.days(form.weeks());
            List<ShortDay> shortDays = form.isAboutStaffing()
                    ? ahead.shortDays(days).stream()
                            .filter(day -> form.teamId() == null || form.teamId() == day.teamId())
                            .toList()
                    : List.of();
            return new AheadOfAllView(
                    days.first(), days.last(), Foreseen.together(form.of(ahead.rows(days))), shortDays);
        });
    }

    /**
     * The balances that one of the groups is about, the largest amount first.
     *
     * @param groupPolicyId its policy
     * @param groupWhat what it is about
     * @param on its first day
     */
    @GetMapping("/lines")
    Page<ForeseenRow> lines(
            @Valid @ParameterObject AheadForm form,
            @RequestParam What groupWhat,
            @RequestParam long groupPolicyId,
            @RequestParam LocalDate on,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "100") @Min(1) @Max(MOST_LINES) int size) {
        return Page.of(
                Foreseen.linesOf(form.of(ahead.rows(ahead.days(form.weeks()))), groupWhat, groupPolicyId, on),
                page,
                size);
    }

    /** All of it line by line, as a file with exact figures. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@Valid @ParameterObject AheadForm form) {
        return ForeseenRow.COLUMNS
                .csv("ahead", form.of(ahead.rows(ahead.days(form.weeks()))))
                .answer();
    }

    /** All of it line by line, as a workbook. */
    @GetMapping("/table.xlsx")
    ResponseEntity<byte[]> xlsx(@Valid @ParameterObject AheadForm form) {
        return ForeseenRow.COLUMNS
                .xlsx("ahead", form.of(ahead.rows(ahead.days(form.weeks()))))
                .answer();
    }

    /** Tells people, in the pages and by mail as they chose. */
    @PostMapping("/told")
    Told tell(@Valid @RequestBody TellForm form) {
        return new Told(telling.tell(
                form.about(),
                form.people().stream()
                        .map(each -> new TellingPeople.Message(each.personId(), each.text()))
                        .toList()));
    }
}
