package upahead.server.requests;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.platform.files.FileColumns;
import upahead.server.requests.AskableKinds.AskableKind;
import upahead.server.requests.LeaveFiles.LeavePreview;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestState;

/** Leave entered by an administrator, and the kinds of absence there are for somebody. */
@RestController
class EnteredLeaveController {

    /**
     * Leave to be entered, and why where a rule speaks against it.
     *
     * @param state approved, waiting or declined; null for approved
     */
    record EntryForm(
            @NotNull @Valid RequestDraft leave,
            @Nullable RequestState state,
            @Nullable @Size(max = 300, message = "the reason has at most 300 characters") String reason) {}

    /**
     * The same leave for many people.
     *
     * @param leave whose person is of no effect
     */
    record EntryForMany(
            @NotEmpty(message = "please choose somebody") @Size(max = 200, message = "at most 200 people at once")
                    List<@NotNull Long> people,
            @NotNull @Valid RequestDraft leave,
            @Nullable @Size(max = 300, message = "the reason has at most 300 characters") String reason) {}

    private final EnteredLeave entered;
    private final EnteringMany many;
    private final AskableKinds kinds;
    private final LeaveFiles files;

    EnteredLeaveController(EnteredLeave entered, EnteringMany many, AskableKinds kinds, LeaveFiles files) {
        this.files = files;
        this.entered = entered;
        this.many = many;
        this.kinds = kinds;
    }

    @GetMapping("/api/people/{personId}/kinds-of-leave")
    List<AskableKind> kinds(@PathVariable long personId) {
        return kinds.of(personId);
    }

    @PostMapping("/api/entered-leave/preview")
    RequestReview preview(@Valid @RequestBody RequestDraft leave) {
        return entered.preview(leave);
    }

    @PostMapping("/api/entered-leave")
    @ResponseStatus(HttpStatus.CREATED)
    RequestDetail enter(@Valid @RequestBody EntryForm form) {
        return entered.enter(
                form.leave(),
                form.state() == null ? RequestState.APPROVED : form.state(),
                form.reason() == null ? "" : form.reason());
    }

    @PostMapping("/api/entered-leave/many/preview")
    List<EnteringMany.EntryOfOne> preview(@Valid @RequestBody EntryForMany form) {
        return many.preview(form.people(), form.leave());
    }

    @PostMapping("/api/entered-leave/many")
    List<EnteringMany.EntryOfOne> enter(@Valid @RequestBody EntryForMany form) {
        return many.enter(form.people(), form.leave(), form.reason() == null ? "" : form.reason());
    }

    /** The headings, and one made-up row to be overwritten. */
    @GetMapping(path = "/api/entered-leave/template.csv", produces = "text/csv")
    ResponseEntity<String> template() {
        return LeaveColumn.template().answer();
    }

    @PostMapping(path = "/api/entered-leave/file/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    LeavePreview preview(@RequestPart MultipartFile file, @RequestPart(required = false) FileColumns.Reading reading)
            throws IOException {
        return files.preview(file.getBytes(), FileColumns.Reading.orByItself(reading));
    }

    @PostMapping(path = "/api/entered-leave/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    LeavePreview take(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam(defaultValue = "") @Size(max = 300) String reason)
            throws IOException {
        return files.take(file.getBytes(), FileColumns.Reading.orByItself(reading), reason);
    }
}
