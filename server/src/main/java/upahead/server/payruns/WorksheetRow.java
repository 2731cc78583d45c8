package upahead.server.payruns;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * A person and policy on the worksheet of a run: opening + earned - used + other = closing.
 *
 * @param recordedOnly whether there is no balance, only what was used
 * @param opening posted by earlier runs
 * @param used positive
 * @param other openings, adjustments, lapses, pay-outs and corrections, signed
 * @param withheld in this period
 * @param cautions what needs a look, in words
 * @param lines what is or will be frozen
 */
public record WorksheetRow(
        long personId,
        String code,
        String person,
        String team,
        long policyId,
        String policy,
        Unit unit,
        boolean recordedOnly,
        Amount opening,
        Amount earned,
        Amount used,
        Amount other,
        Amount withheld,
        Amount closing,
        List<String> cautions,
        List<WorksheetLine> lines) {}
