package upahead.server.facts.hours;

/**
 * A row that cannot be taken.
 *
 * @param line of the file, from 1
 * @param text of the row
 * @param reason why not
 */
public record HoursFault(long line, String text, String reason) {}
