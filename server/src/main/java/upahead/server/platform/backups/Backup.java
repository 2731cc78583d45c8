package upahead.server.platform.backups;

import java.time.LocalDateTime;

/**
 * A backup in its folder.
 *
 * @param name of the file
 * @param made when it was begun, in the time of the machine
 * @param bytes how long the file is
 * @param good whether it was filled into an empty place and proved there
 * @param report what the proof said, or why there is none; empty where that was lost
 */
public record Backup(String name, LocalDateTime made, long bytes, boolean good, String report) {}
