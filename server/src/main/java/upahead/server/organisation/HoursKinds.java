package upahead.server.organisation;

import java.util.List;
import java.util.Optional;
import upahead.core.earning.PerHoursWorked;

/** The kinds of hours that can be recorded. */
public final class HoursKinds {

    /**
     * A kind of hours.
     *
     * @param payrollCode under which payroll gets them
     * @param extra whether they are worked on top of what is scheduled, and can become time in lieu
     * @param countsUsually whether they count for earning by hours worked unless a policy says otherwise
     */
    public record HoursKind(String name, String payrollCode, boolean extra, boolean countsUsually) {}

    public static final List<HoursKind> ALL = List.of(
            kind("regular", "REG", false),
            kind("overtime", "OVT", true),
            kind("training", "TRN", false),
            kind("rest day", "RDW", true));

    private HoursKinds() {}

    private static HoursKind kind(String name, String payrollCode, boolean extra) {
        return new HoursKind(name, payrollCode, extra, PerHoursWorked.STANDARD_KINDS.contains(name));
    }

    /** The names of all of them, in the order in which they are shown. */
    public static List<String> names() {
        return ALL.stream().map(HoursKind::name).toList();
    }

    /** Whether hours of a kind are worked on top of what is scheduled. */
    public static boolean isExtra(String name) {
        return ALL.stream().anyMatch(kind -> kind.name().equals(name) && kind.extra());
    }

    /** The code under which payroll gets the hours of a kind; nothing for one that is not known. */
    public static Optional<String> payrollCode(String name) {
        return ALL.stream()
                .filter(kind -> kind.name().equals(name))
                .map(HoursKind::payrollCode)
                .findFirst();
    }
}
