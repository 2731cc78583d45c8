package upahead.server.requests;

/** A question of a policy, as it was asked, and what was answered. */
public record Answer(String question, String answer) {}
