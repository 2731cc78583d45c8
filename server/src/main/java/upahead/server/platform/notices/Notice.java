package upahead.server.platform.notices;

import java.time.LocalDateTime;

/**
 * Something somebody is told.
 *
 * @param place of the pages where it is looked at, such as {@code /requests/12}
 * @param seen whether it was read
 */
public record Notice(long id, LocalDateTime at, String text, String place, boolean seen) {}
