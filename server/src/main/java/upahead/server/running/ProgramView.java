package upahead.server.running;

import java.time.LocalDateTime;

/**
 * How the program is.
 *
 * @param version of the program, as it was built
 * @param since when it runs, in the time of the machine
 * @param database where the data lie, without names and passwords
 * @param layout the version of the tables
 * @param freeBytes on the disk of the data folder
 * @param memoryUsed bytes of memory in use
 * @param memoryMost bytes that it may use
 */
public record ProgramView(
        String version,
        LocalDateTime since,
        String database,
        String layout,
        long freeBytes,
        long memoryUsed,
        long memoryMost) {}
