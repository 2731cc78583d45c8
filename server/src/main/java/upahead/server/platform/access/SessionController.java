package upahead.server.platform.access;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.clock.DemoClock;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.starting.AtTheDoor;

/** Signing in and out. */
@RestController
@RequestMapping(SessionController.ADDRESS)
class SessionController implements AtTheDoor {

    static final String ADDRESS = "/api/session";

    record SignInForm(
            @NotBlank(message = "please type your name") String username,
            @NotBlank(message = "please type your password") String password,
            @Nullable String code) {}

    record FirstAdministrator(
            @NotBlank(message = "please type a name to sign in with") String username,
            @NotBlank(message = "please type your own name") String name,
            @NotBlank(message = "please type a password") String password) {}

    /**
     * @param signedIn false before signing in; then the other facts are null
     * @param fresh whether nobody can sign in yet
     * @param passwords whether passwords let anybody in
     * @param provider what the provider of single sign-on is called, null where there is none
     * @param refused why somebody who comes back from the provider was not let in, told once; null where nobody was refused
     * @param secondStepMissing whether a second step has to be set up before anything else
     * @param permissions what whoever is signed in may do
     * @param roles that people can have
     */
    record SessionView(
            boolean signedIn,
            boolean fresh,
            boolean demo,
            LocalDate today,
            @Nullable String username,
            @Nullable String name,
            @Nullable Role role,
            @Nullable Long personId,
            boolean passwords,
            @Nullable String provider,
            @Nullable String refused,
            boolean secondStepMissing,
            Set<Permission> permissions,
            List<RoleView> roles) {}

    /**
     * A role that people can have.
     *
     * @param words what whoever has it does
     * @param decides whether it decides requests
     */
    record RoleView(Role role, String words, boolean decides) {
        static List<RoleView> all() {
            return Arrays.stream(Role.values())
                    .map(role -> new RoleView(role, role.words(), role.may(Permission.DECIDE_FOR_THE_ASSIGNED)))
                    .toList();
        }
    }

    private final SignInService signIns;
    private final PasswordLinks links;
    private final CurrentUser user;
    private final MovableClock clock;
    private final DemoClock demo;
    private final SessionBeginning sessions;
    private final WaysIn waysIn;

    SessionController(
            SignInService signIns,
            PasswordLinks links,
            CurrentUser user,
            MovableClock clock,
            DemoClock demo,
            SessionBeginning sessions,
            WaysIn waysIn) {
        this.signIns = signIns;
        this.links = links;
        this.user = user;
        this.clock = clock;
        this.demo = demo;
        this.sessions = sessions;
        this.waysIn = waysIn;
    }

    @Override
    public String address() {
        return ADDRESS;
    }

    @GetMapping
    SessionView session(HttpServletRequest request) {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication == null || !(authentication.getPrincipal() instanceof SignedIn)) {
            return new SessionView(
                    false,
                    signIns.isFresh(),
                    demo.isRunning(),
                    clock.today(),
                    null,
                    null,
                    null,
                    null,
                    waysIn.passwordsHold(),
                    waysIn.provider(),
                    SessionRefusal.take(request),
                    false,
                    Set.of(),
                    List.of());
        }
        return view(user.get(), request);
    }

    @PostMapping
    SessionView signIn(@Valid @RequestBody SignInForm form, HttpServletRequest request, HttpServletResponse response) {
        SignedIn signedIn = signIns.signIn(form.username(), form.password(), form.code(), request.getRemoteAddr());
        sessions.byPassword(signedIn, request, response);
        return view(signedIn, request);
    }

    /** The name of whom a link was sent to. */
    record LinkView(String username) {}

    /** A password to be set by a link. */
    record PasswordForm(@NotBlank String token, @NotBlank(message = "please type a password") String password) {}

    @GetMapping("/password/{token}")
    LinkView link(@PathVariable String token, HttpServletRequest request) {
        return new LinkView(links.usernameOf(token, request.getRemoteAddr()));
    }

    @PostMapping("/password")
    LinkView setPassword(@Valid @RequestBody PasswordForm form, HttpServletRequest request) {
        return new LinkView(links.setPassword(form.token(), form.password(), request.getRemoteAddr()));
    }

    /** A new password of one's own, and the one before. */
    record OwnPassword(
            @NotBlank(message = "please type the password you have now") String before,
            @NotBlank(message = "please type a new password") String password) {}

    /** Changes the own password; every other session of the same person ends. */
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(@Valid @RequestBody OwnPassword form, HttpServletRequest request) {
        SignedIn signedIn = user.get();
        signIns.changePassword(signedIn, form.before(), form.password(), request.getRemoteAddr());
        request.getSession().setAttribute(SignInChanges.ATTRIBUTE, signIns.changes(signedIn.id()));
    }

    @PostMapping("/first-administrator")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void createFirstAdministrator(@Valid @RequestBody FirstAdministrator form) {
        signIns.createFirstAdministrator(form.username(), form.name(), form.password());
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        SessionBeginning.end(request);
        SecurityContextHolder.clearContext();
    }

    private SessionView view(SignedIn signedIn, HttpServletRequest request) {
        return new SessionView(
                true,
                false,
                demo.isRunning(),
                clock.today(),
                signedIn.username(),
                signedIn.name(),
                signedIn.role(),
                signedIn.personId(),
                waysIn.passwordsHold(),
                waysIn.provider(),
                null,
                SecondStepMissing.isMarked(request.getSession(false)),
                signedIn.role().permissions(),
                RoleView.all());
    }
}
