package upahead.server.requests.absences;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Addresses of calendars, and what stands under them for whoever knows one. */
@RestController
class FeedController {

    /** Whose absences an address shows. */
    record FeedForm(@NotNull Feed.Scope scope) {}

    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final Feeds feeds;

    FeedController(Feeds feeds) {
        this.feeds = feeds;
    }

    @GetMapping("/api/feeds")
    List<Feed> own() {
        return feeds.own();
    }

    @PostMapping("/api/feeds")
    Feeds.NewFeed make(@Valid @RequestBody FeedForm form) {
        return feeds.make(form.scope());
    }

    @DeleteMapping("/api/feeds/{id}")
    List<Feed> revoke(@PathVariable long id) {
        return feeds.revoke(id);
    }

    @GetMapping(path = "/feeds/{token}.ics", produces = "text/calendar")
    ResponseEntity<String> read(@PathVariable String token) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .body(feeds.read(token));
    }
}
