package upahead.server.platform.access;

/**
 * A sign-in as an administrator sees it.
 *
 * @param active whether it can be used
 * @param hasPassword false from an invitation until a password is set
 */
public record SignInView(long id, String username, Role role, boolean active, boolean hasPassword) {

    static SignInView of(SignInStore.StoredSignIn stored) {
        return new SignInView(
                stored.signedIn().id(),
                stored.signedIn().username(),
                stored.signedIn().role(),
                stored.active(),
                stored.passwordHash() != null);
    }
}
