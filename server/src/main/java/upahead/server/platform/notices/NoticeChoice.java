package upahead.server.platform.notices;

import jakarta.validation.constraints.NotNull;

/** How somebody is told of something by mail; in the pages they are told of everything. */
public record NoticeChoice(@NotNull Topic topic, @NotNull ByMail byMail) {}
