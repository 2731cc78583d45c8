package upahead.server.payruns;

import java.util.List;

/**
 * What a closed run has frozen for one person.
 *
 * @param payGroup its name
 * @param lines what payroll got for the person, corrections of earlier periods included
 */
public record FrozenStatement(PayRun run, String payGroup, Statement statement, List<HandedOver> lines) {}
