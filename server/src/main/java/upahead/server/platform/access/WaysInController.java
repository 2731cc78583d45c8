package upahead.server.platform.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.access.WaysIn.WaysInView;

/** How people sign in. */
@RestController
@RequestMapping("/api/ways-in")
class WaysInController {

    /** How people are to sign in. */
    record WaysInForm(boolean passwords, boolean directoryComesIn, @NotNull Set<Role> secondStepFor) {}

    private final WaysIn waysIn;

    WaysInController(WaysIn waysIn) {
        this.waysIn = waysIn;
    }

    @GetMapping
    WaysInView all() {
        return waysIn.all();
    }

    @PutMapping
    WaysInView change(@Valid @RequestBody WaysInForm form, HttpServletRequest request) {
        return waysIn.change(
                form.passwords(),
                form.directoryComesIn(),
                form.secondStepFor(),
                SessionBeginning.isByProvider(request.getSession(false)));
    }
}
