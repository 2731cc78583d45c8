package upahead.server.platform.access;

import upahead.server.platform.rights.Permission;

/**
 * A sign-in as an administrator sees it.
 *
 * @param decides whether it lets somebody decide for others
 * @param active whether it can be used
 * @param hasPassword false from an invitation until a password is set
 * @param secondStep whether a code is asked for after the password
 */
public record SignInView(
        long id, String username, Role role, boolean decides, boolean active, boolean hasPassword, boolean secondStep) {

    static SignInView of(SignInStore.StoredSignIn stored, boolean secondStep) {
        return new SignInView(
                stored.signedIn().id(),
                stored.signedIn().username(),
                stored.signedIn().role(),
                stored.signedIn().may(Permission.DECIDE_FOR_THE_ASSIGNED),
                stored.active(),
                stored.passwordHash() != null,
                secondStep);
    }
}
