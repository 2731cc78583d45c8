package upahead.server.leavers;

import java.time.LocalDateTime;

/** Why somebody's name stays, who said so and when. */
record KeptName(String reason, String by, LocalDateTime at) {}
