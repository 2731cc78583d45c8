package upahead.server.requests.leave;

import java.time.LocalDateTime;

/** Something that happened to a request. */
public record RequestEvent(LocalDateTime at, String actor, String what, String message) {}
