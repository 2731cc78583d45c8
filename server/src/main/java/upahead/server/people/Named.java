package upahead.server.people;

/** A team or a site. */
public record Named(long id, String name) {}
