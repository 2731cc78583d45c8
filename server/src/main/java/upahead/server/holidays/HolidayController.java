package upahead.server.holidays;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Holidays and protected dates, to read. */
@RestController
@RequestMapping("/api/holidays")
class HolidayController {

    /** Holidays of all sites and protected dates of all teams. */
    record HolidaysView(List<HolidayView> holidays, List<ProtectedDate> protectedDates) {}

    private final Holidays holidays;

    HolidayController(Holidays holidays) {
        this.holidays = holidays;
    }

    @GetMapping
    HolidaysView all() {
        return new HolidaysView(holidays.all(), holidays.protectedDates());
    }
}
