package upahead.server.platform.audit;

import java.time.LocalDate;

/**
 * Which changes are wanted; a null field does not matter.
 *
 * @param actor a part of the name of who changed something
 * @param search words that stand in what was done, in what it was or in what it became
 * @param page from 0
 * @param size how many a page, above 0
 */
public record AuditQuery(
        String subject,
        Long subjectId,
        String actor,
        String search,
        LocalDate from,
        LocalDate through,
        int page,
        int size) {}
