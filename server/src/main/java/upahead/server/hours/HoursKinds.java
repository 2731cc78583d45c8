package upahead.server.hours;

import java.util.List;

/** The kinds of hours that can be recorded. */
public final class HoursKinds {

    public static final List<String> ALL = List.of("regular", "overtime", "training");

    private HoursKinds() {}
}
