package upahead.server.policies.examples;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.core.quantity.Unit;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.PolicyView;
import upahead.server.policies.examples.ExampleFiles.BroughtExample;
import upahead.server.policies.examples.ExampleFiles.BroughtFile;
import upahead.server.policies.examples.Examples.HeldExample;
import upahead.written.WrittenTerms;

/** Examples that policies must keep. */
@RestController
@RequestMapping("/api/policies")
class ExampleController {

    /** An example, a case file without its policy. */
    record ExampleForm(
            @NotBlank(message = "an example needs a text")
                    @Size(max = ExampleRuns.LONGEST, message = "an example has at most 100,000 characters")
                    String written) {}

    /** Another text of an example, and the state of it that was seen. */
    record ExampleChange(
            int seenEdits,
            @NotBlank(message = "an example needs a text")
                    @Size(max = ExampleRuns.LONGEST, message = "an example has at most 100,000 characters")
                    String written) {}

    /**
     * Which text the examples of a policy are held against.
     *
     * @param terms of a draft, null for the policy as it is in force
     * @param from the draft's first day
     */
    record HeldQuestion(@Nullable @Valid WrittenTerms terms, @Nullable LocalDate from) {}

    /** A policy to be written with the examples that it is to keep, each a case file without its policy. */
    record PolicyWithExamples(
            @NotNull @Valid NewPolicy policy,
            @NotNull @Size(max = Examples.MOST, message = "a policy has at most 200 examples")
                    List<
                                    @NotBlank
                                    @Size(
                                            max = ExampleRuns.LONGEST,
                                            message = "an example has at most 100,000 characters")
                                    String>
                            examples) {}

    /** An example and a text, both perhaps still being written. */
    record ExampleAttempt(
            @NotBlank @Size(max = ExampleRuns.LONGEST) String written,
            @Nullable Long policyId,
            @NotNull Unit unit,
            @NotNull String benefitYear,
            @NotNull @Valid WrittenTerms terms,
            @Nullable LocalDate from) {}

    private final Examples examples;
    private final ExampleFiles files;

    ExampleController(Examples examples, ExampleFiles files) {
        this.examples = examples;
        this.files = files;
    }

    @GetMapping("/{id}/examples")
    List<PolicyExample> of(@PathVariable long id) {
        return examples.of(id);
    }

    @PostMapping("/{id}/examples")
    @ResponseStatus(HttpStatus.CREATED)
    PolicyExample keep(@PathVariable long id, @Valid @RequestBody ExampleForm form) {
        return examples.keep(id, form.written());
    }

    @PutMapping("/{id}/examples/{exampleId}")
    PolicyExample change(
            @PathVariable long id, @PathVariable long exampleId, @Valid @RequestBody ExampleChange change) {
        return examples.change(id, exampleId, change.seenEdits(), change.written());
    }

    @DeleteMapping("/{id}/examples/{exampleId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @PathVariable long exampleId, @RequestParam int seenEdits) {
        examples.remove(id, exampleId, seenEdits);
    }

    /** Which examples a text keeps and which it breaks, with both figures. */
    @PostMapping("/{id}/examples/held")
    List<HeldExample> held(@PathVariable long id, @Valid @RequestBody HeldQuestion question) {
        return examples.held(id, question.terms(), question.from());
    }

    /** A policy and its examples as case files, in an archive. */
    @GetMapping("/{id}/examples/file")
    ResponseEntity<byte[]> file(@PathVariable long id) {
        return files.of(id).answer();
    }

    /** Writes a policy as a draft and keeps its examples. */
    @PostMapping("/with-examples")
    @ResponseStatus(HttpStatus.CREATED)
    PolicyView write(@Valid @RequestBody PolicyWithExamples brought) {
        return PolicyView.of(examples.write(brought.policy(), brought.examples()));
    }

    /** What comes of an example that is being written. */
    @PostMapping("/examples/attempt")
    ExampleOutcome attempt(@Valid @RequestBody ExampleAttempt attempt) {
        return examples.attempt(
                attempt.written(),
                attempt.policyId(),
                attempt.unit(),
                attempt.benefitYear(),
                attempt.terms(),
                attempt.from());
    }

    /** What stands in case files, or in archives of them; nothing is kept. */
    @PostMapping(path = "/examples/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<BroughtExample> read(@RequestPart("file") List<MultipartFile> brought) throws IOException {
        List<BroughtFile> contents = new ArrayList<>();
        for (MultipartFile each : brought) {
            contents.add(new BroughtFile(
                    each.getOriginalFilename() == null ? "" : each.getOriginalFilename(), each.getBytes()));
        }
        return files.read(contents);
    }
}
