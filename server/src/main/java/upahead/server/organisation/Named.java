package upahead.server.organisation;

/** A team or a site. */
public record Named(long id, String name) {}
