package upahead.server.platform.notices;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.json.Page;

/** One's own notices. */
@RestController
@RequestMapping("/api/notices")
class NoticeController {

    /** How many notices are unread. */
    record Unread(int unread) {}

    private final Notices notices;
    private final NoticeChoices choices;

    NoticeController(Notices notices, NoticeChoices choices) {
        this.notices = notices;
        this.choices = choices;
    }

    @GetMapping
    Page<Notice> own(
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
        return notices.own(page, size);
    }

    @GetMapping("/unread")
    Unread unread() {
        return new Unread(notices.unread());
    }

    @PostMapping("/{id}/seen")
    Unread mark(@PathVariable long id, @RequestParam(defaultValue = "true") boolean seen) {
        return new Unread(notices.mark(id, seen));
    }

    @PostMapping("/seen")
    Unread markAll() {
        return new Unread(notices.markAll());
    }

    @GetMapping("/choices")
    List<NoticeChoice> choices() {
        return choices.own();
    }

    @PutMapping("/choices")
    List<NoticeChoice> choose(@Valid @RequestBody NoticeChoice choice) {
        return choices.choose(choice);
    }
}
