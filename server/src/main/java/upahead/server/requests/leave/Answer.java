package upahead.server.requests.leave;

/** A question of a policy, as it was asked, and what was answered. */
public record Answer(String question, String answer) {}
