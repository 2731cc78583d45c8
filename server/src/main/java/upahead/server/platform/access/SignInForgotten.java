package upahead.server.platform.access;

/** Something that is kept of a sign-in by others and goes when it is switched off. */
public interface SignInForgotten {

    /** Forgets it, in the transaction of the change. */
    void forget(long signInId);
}
