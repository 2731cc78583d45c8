package upahead.server.platform.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.secondstep.SecondSteps;

/** One's own second step. */
@RestController
@RequestMapping("/api/second-step")
class SecondStepController {

    /**
     * Whether one has a second step.
     *
     * @param needed whether the role needs one
     * @param codesOnPaper how many of these are left
     */
    record SecondStepView(boolean set, boolean needed, int codesOnPaper) {}

    /** The password one has, where one has one, and so for a change of the step to be one's own. */
    record PasswordTyped(@NotBlank(message = "please type your password") String password) {}

    /** A code from the app. */
    record CodeForm(@NotBlank(message = "please type the code") String code) {}

    /** Codes to be kept on paper, told this once. */
    record CodesOnPaper(List<String> codes) {}

    private final SecondSteps steps;
    private final SignInService signIns;
    private final CurrentUser user;

    SecondStepController(SecondSteps steps, SignInService signIns, CurrentUser user) {
        this.steps = steps;
        this.signIns = signIns;
        this.user = user;
    }

    @GetMapping
    SecondStepView own() {
        SignedIn me = user.get();
        return new SecondStepView(
                steps.isSet(me.id()), steps.roles().contains(me.role().name()), steps.recoveryCodes(me.id()));
    }

    /** Makes a secret for the app. */
    @PostMapping
    SecondSteps.Beginning begin(@Valid @RequestBody PasswordTyped form, HttpServletRequest request) {
        SignedIn me = user.get();
        signIns.requirePassword(me, form.password(), "password", request.getRemoteAddr());
        return steps.begin(me.id(), me.username());
    }

    /** Sets it up with the first code of the app. */
    @PutMapping
    CodesOnPaper confirm(@Valid @RequestBody CodeForm form, HttpServletRequest request) {
        SignedIn me = user.get();
        signIns.requireFewTries(me, "code", request.getRemoteAddr());
        CodesOnPaper codes = new CodesOnPaper(steps.confirm(me.id(), me.name(), form.code()));
        if (SecondStepMissing.isMarked(request.getSession(false))) {
            SecondStepMissing.clear(request.getSession());
        }
        return codes;
    }

    /** Makes other codes on paper. */
    @PostMapping("/codes-on-paper")
    CodesOnPaper renew(@Valid @RequestBody CodeForm form, HttpServletRequest request) {
        SignedIn me = user.get();
        signIns.requireFewTries(me, "code", request.getRemoteAddr());
        return new CodesOnPaper(steps.renewRecoveryCodes(me.id(), me.name(), form.code()));
    }

    /** Ends it; where the role needs one, another is set up at the next sign-in. */
    @PostMapping("/ending")
    SecondStepView end(@Valid @RequestBody PasswordTyped form, HttpServletRequest request) {
        SignedIn me = user.get();
        signIns.requirePassword(me, form.password(), "password", request.getRemoteAddr());
        steps.end(me.id(), me.name());
        return own();
    }
}
