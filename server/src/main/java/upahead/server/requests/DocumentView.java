package upahead.server.requests;

/** A document of a request, by its name. */
public record DocumentView(long id, String name) {}
