package upahead.server.platform.access;

/** Told in the transaction in which a password takes the place of another. */
public record PasswordChanged(long signInId) {}
