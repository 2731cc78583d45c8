package upahead.server.views;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.views.KeptView.Place;

/** The views of tables that somebody keeps. */
@RestController
@RequestMapping("/api/views/{place}")
class KeptViewController {

    private final KeptViews views;

    KeptViewController(KeptViews views) {
        this.views = views;
    }

    @GetMapping
    List<KeptView> of(@PathVariable Place place) {
        return views.of(place);
    }

    /** Keeps a view, in place of one of the same name. */
    @PutMapping
    List<KeptView> keep(@PathVariable Place place, @Valid @RequestBody KeptView view) {
        views.keep(place, view);
        return views.of(place);
    }

    @DeleteMapping
    List<KeptView> forget(@PathVariable Place place, @RequestParam String name) {
        views.forget(place, name);
        return views.of(place);
    }
}
