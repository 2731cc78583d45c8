package upahead.server.hours;

import java.util.List;
import java.util.Map;

/** The kinds of hours that can be recorded. */
public final class HoursKinds {

    public static final List<String> ALL = List.of("regular", "overtime", "training");

    private static final Map<String, String> PAYROLL_CODES =
            Map.of("regular", "REG", "overtime", "OVT", "training", "TRN");

    private HoursKinds() {}

    /** The code under which payroll gets the hours of a kind. */
    public static String payrollCode(String kind) {
        return PAYROLL_CODES.get(kind);
    }
}
