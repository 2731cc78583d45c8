package upahead.server.invitations;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.employment.PeopleFilter;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignInView;

/** Who can sign in. */
@RestController
class InvitationController {

    /**
     * Whether a person can sign in.
     *
     * @param signIn null for somebody who cannot
     */
    record PersonSignIn(@Nullable SignInView signIn) {}

    /** What somebody invited may do. */
    record InvitationForm(@NotNull(message = "please choose what they may do") Role role) {}

    /** The people who were shown as being invited, by their ids. */
    record ManyForm(@NotEmpty(message = "nobody is left to be invited") List<@NotNull Long> people) {}

    /** What somebody may do, and whether they can sign in. */
    record SignInChange(@NotNull(message = "please choose what they may do") Role role, boolean active) {}

    /** Who forgot the password. */
    record ForgottenForm(@NotBlank(message = "please type the name you sign in with") String username) {}

    private final Invitations invitations;

    InvitationController(Invitations invitations) {
        this.invitations = invitations;
    }

    @GetMapping("/api/people/{personId}/sign-in")
    PersonSignIn of(@PathVariable long personId) {
        return new PersonSignIn(invitations.of(personId).orElse(null));
    }

    @PostMapping("/api/people/{personId}/sign-in")
    @ResponseStatus(HttpStatus.CREATED)
    PersonSignIn invite(@PathVariable long personId, @Valid @RequestBody InvitationForm form) {
        return new PersonSignIn(invitations.invite(personId, form.role()));
    }

    /** What inviting would do with all whom these filters find. */
    @GetMapping("/api/invitations")
    ManyInvitations preview(@ParameterObject PeopleFilter filter) {
        return invitations.preview(filter.everybody());
    }

    @PostMapping("/api/invitations")
    ManyInvitations inviteAll(@Valid @RequestBody ManyForm form) {
        return invitations.inviteAll(form.people());
    }

    @PutMapping("/api/people/{personId}/sign-in")
    PersonSignIn change(@PathVariable long personId, @Valid @RequestBody SignInChange form) {
        return new PersonSignIn(invitations.change(personId, form.role(), form.active()));
    }

    @PostMapping("/api/people/{personId}/sign-in/link")
    PersonSignIn sendLink(@PathVariable long personId) {
        return new PersonSignIn(invitations.sendLink(personId));
    }

    @DeleteMapping("/api/people/{personId}/sign-in/second-step")
    PersonSignIn endSecondStep(@PathVariable long personId) {
        return new PersonSignIn(invitations.endSecondStep(personId));
    }

    @PostMapping("/api/session/forgotten")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forgotten(@Valid @RequestBody ForgottenForm form, HttpServletRequest request) {
        invitations.forgotten(form.username(), request.getRemoteAddr());
    }
}
