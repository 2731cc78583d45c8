package upahead.server.payruns;

import java.util.List;

/**
 * What payroll got with a close, or what was taken back of it.
 *
 * @param payGroup its name
 * @param closing which close of the run, from 1 on
 * @param lines in the order of the file
 */
public record HandOverFigures(PayRun run, String payGroup, int closing, boolean reversal, List<PayrollLine> lines) {

    /** "hand-over-2027-04-12-to-2027-04-25", without an ending */
    public String name() {
        return "hand-over-" + run.firstDay() + "-to-" + run.lastDay() + (closing == 1 ? "" : "-close-" + closing)
                + (reversal ? "-taken-back" : "");
    }

    /** What kind of line one is, in a word or two. */
    public String entry(HandedOver line) {
        if (reversal) {
            return "taken back";
        }
        return line.sort() == HandedOver.Sort.PERIOD ? "period" : "difference";
    }
}
