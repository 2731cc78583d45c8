package upahead.server.payruns;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.payruns.WorksheetQuery.Which;
import upahead.server.platform.files.Progress;
import upahead.server.platform.json.Page;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.tables.TablePage;

/** The worksheet of a run: its rows, what of them is added up, and what in it needs a look. */
@RestController
@RequestMapping("/api/pay-runs/{id}")
class WorksheetController {

    /**
     * Which rows are wanted.
     *
     * @param search words of person, team or policy
     * @param order the key of a column, with a minus before it for the other way round
     */
    record WorksheetForm(
            @Nullable String search,
            @Nullable String team,
            @Nullable String policy,
            @Nullable Which which,
            @Nullable String order) {

        WorksheetQuery query() {
            return new WorksheetQuery(search, team, policy, which, order);
        }
    }

    /** Some cautions. */
    record CautionPage(List<Caution> items, int total) {}

    /** What somebody says to the cautions that nobody has accepted; may be left out where there are none. */
    record Checking(@Nullable @Size(max = 400, message = "the note has at most 400 characters") String note) {}

    /**
     * Which cautions are accepted.
     *
     * @param kind all of this kind that nobody has accepted; null where single ones are named
     * @param cautions single ones, as they were told; null where a kind is named
     */
    record Accepting(
            @Nullable Caution.Kind kind,
            @Nullable List<@NotNull Caution> cautions,
            @Nullable @Size(max = 400, message = "the note has at most 400 characters") String note) {}

    private final PayRuns runs;
    private final RunChecking checking;
    private final Progress progress;

    WorksheetController(PayRuns runs, RunChecking checking, Progress progress) {
        this.runs = runs;
        this.checking = checking;
        this.progress = progress;
    }

    /**
     * A run with what it comes to.
     *
     * @param progress under which the progress can be asked for
     */
    @GetMapping
    Worksheet worksheet(@PathVariable long id, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> runs.worksheet(id));
    }

    /** Its rows, page by page. */
    @GetMapping("/rows")
    TablePage<WorksheetRow> rows(
            @PathVariable long id,
            @ParameterObject WorksheetForm form,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
        List<WorksheetRow> rows = runs.rows(id, form.query());
        return new TablePage<>(WorksheetRow.COLUMNS.shown(), Page.part(rows, page, size), rows.size());
    }

    /** Its rows added up by what they have in common. */
    @GetMapping("/groups")
    TablePage<WorksheetGroup> groups(
            @PathVariable long id,
            @ParameterObject WorksheetForm form,
            @RequestParam(defaultValue = "TEAM") WorksheetGroup.By by) {
        return TablePage.all(WorksheetGroup.COLUMNS, WorksheetGroup.of(runs.rows(id, form.query()), by));
    }

    /** The sums, as a file with exact figures. */
    @GetMapping(path = "/groups.csv", produces = "text/csv")
    ResponseEntity<String> groupsCsv(
            @PathVariable long id,
            @ParameterObject WorksheetForm form,
            @RequestParam(defaultValue = "TEAM") WorksheetGroup.By by) {
        List<WorksheetGroup> groups = WorksheetGroup.of(runs.rows(id, form.query()), by);
        return WorksheetGroup.COLUMNS.csv(name(id) + "-sums", groups).answer();
    }

    /** The sums, as a workbook. */
    @GetMapping("/groups.xlsx")
    ResponseEntity<byte[]> groupsXlsx(
            @PathVariable long id,
            @ParameterObject WorksheetForm form,
            @RequestParam(defaultValue = "TEAM") WorksheetGroup.By by) {
        List<WorksheetGroup> groups = WorksheetGroup.of(runs.rows(id, form.query()), by);
        return WorksheetGroup.COLUMNS.xlsx(name(id) + "-sums", groups).answer();
    }

    /** What the worksheet shows, as a file with exact figures. */
    @GetMapping(path = "/worksheet.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable long id, @ParameterObject WorksheetForm form) {
        return WorksheetRow.COLUMNS.csv(name(id), runs.rows(id, form.query())).answer();
    }

    /** What the worksheet shows, as a workbook. */
    @GetMapping("/worksheet.xlsx")
    ResponseEntity<byte[]> xlsx(@PathVariable long id, @ParameterObject WorksheetForm form) {
        return WorksheetRow.COLUMNS.xlsx(name(id), runs.rows(id, form.query())).answer();
    }

    private String name(long id) {
        PayRun run = runs.get(id);
        return "worksheet-" + run.firstDay() + "-to-" + run.lastDay();
    }

    /** What in it only needs a look, page by page; what nobody has accepted comes first. */
    @GetMapping("/cautions")
    CautionPage cautions(
            @PathVariable long id,
            @RequestParam(required = false) Caution.Kind kind,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
        List<Caution> cautions = runs.cautions(id, kind);
        return new CautionPage(Page.part(cautions, page, size), cautions.size());
    }

    /** Accepts cautions with a note. */
    @PostMapping("/cautions/acceptance")
    void accept(@PathVariable long id, @Valid @RequestBody Accepting accepting) {
        List<Caution> open = runs.cautions(id, accepting.kind()).stream()
                .filter(Caution::isOpen)
                .toList();
        if ((accepting.kind() == null) == (accepting.cautions() == null)) {
            throw Refusal.of("cautions", "Please name either a kind of cautions or single ones.");
        }
        List<Caution> which = accepting.kind() != null
                ? open
                : open.stream()
                        .filter(caution -> isAmong(caution, accepting.cautions()))
                        .toList();
        if (which.isEmpty()) {
            throw Refusal.conflict("This caution has gone or says something else by now; nothing was accepted.");
        }
        checking.accept(id, which, accepting.note() == null ? "" : accepting.note());
    }

    private static boolean isAmong(Caution caution, List<Caution> told) {
        return told.stream()
                .anyMatch(
                        each -> each.key().equals(caution.key()) && each.words().equals(caution.words()));
    }

    /** Takes the acceptance of a caution back. */
    @PostMapping("/cautions/taking-back")
    void takeBack(@PathVariable long id, @Valid @RequestBody Caution caution) {
        checking.takeBack(id, caution);
    }

    /** Checks the run for its close. */
    @PostMapping("/checking")
    void check(
            @PathVariable long id, @Valid @RequestBody Checking note, @RequestParam(required = false) String progress) {
        this.progress.of(progress, () -> {
            checking.check(id, note.note() == null ? "" : note.note());
            return null;
        });
    }
}
