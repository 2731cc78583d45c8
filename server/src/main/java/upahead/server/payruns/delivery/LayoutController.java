package upahead.server.payruns.delivery;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The layout in which payroll gets the file of a pay group. */
@RestController
@RequestMapping("/api/hand-over-layouts")
class LayoutController {

    /** A column that a file can have. */
    record FieldView(LayoutField field, String heading) {}

    /**
     * A layout.
     *
     * @param edits how often it was changed; whoever changes it says which state they saw
     * @param fields all columns that a file can have
     */
    record LayoutView(Layout layout, int edits, List<FieldView> fields) {}

    /** Another layout, and the state of the one before that was seen. */
    record LayoutChange(@NotNull @Valid Layout layout, int seenEdits) {}

    /** A run's file in a layout that is being written. */
    record LayoutTry(long runId, @NotNull @Valid Layout layout) {}

    private static final int LINES_TRIED = 6;

    private final Layouts layouts;
    private final HandOverFiles files;

    LayoutController(Layouts layouts, HandOverFiles files) {
        this.layouts = layouts;
        this.files = files;
    }

    @GetMapping("/{payGroupId}")
    LayoutView of(@PathVariable long payGroupId) {
        PayGroupLayout layout = layouts.of(payGroupId);
        return new LayoutView(
                layout.layout(),
                layout.edits(),
                Arrays.stream(LayoutField.values())
                        .map(field -> new FieldView(field, field.heading()))
                        .toList());
    }

    @PutMapping("/{payGroupId}")
    LayoutView change(@PathVariable long payGroupId, @Valid @RequestBody LayoutChange change) {
        layouts.change(payGroupId, change.seenEdits(), change.layout());
        return of(payGroupId);
    }

    /** The first lines of a run's file in a layout, without changing anything. */
    @PostMapping("/tries")
    List<String> tried(@Valid @RequestBody LayoutTry tried) {
        return files.tried(tried.runId(), tried.layout(), LINES_TRIED);
    }
}
