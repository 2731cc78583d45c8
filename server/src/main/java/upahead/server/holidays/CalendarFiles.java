package upahead.server.holidays;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.organisation.Organisation;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Holidays from and to iCalendar files. */
@Service
public class CalendarFiles {

    private static final int YEARS_BACK = 1;
    private static final int YEARS_AHEAD = 3;

    private final HolidayYears years;
    private final Holidays holidays;
    private final Organisation organisation;
    private final MovableClock clock;

    CalendarFiles(HolidayYears years, Holidays holidays, Organisation organisation, MovableClock clock) {
        this.years = years;
        this.holidays = holidays;
        this.organisation = organisation;
        this.clock = clock;
    }

    /** What a file would bring to a site, from last year to three years ahead. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_HOLIDAYS)
    public YearPreview preview(long siteId, byte[] content) {
        LocalDate newYear = clock.today().withDayOfYear(1);
        DateSpan wanted = new DateSpan(
                newYear.minusYears(YEARS_BACK),
                newYear.plusYears(YEARS_AHEAD + 1L).minusDays(1));
        CalendarFile file = CalendarFile.read(content, wanted);
        return new YearPreview(years.beside(siteId, file.days()), file.notes());
    }

    /** Takes the days of a file that are new to a site. */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public YearPreview take(long siteId, byte[] content) {
        YearPreview preview = preview(siteId, content);
        years.add(siteId, preview.days());
        return preview;
    }

    /** The holidays of a site. */
    @Transactional(readOnly = true)
    public String export(long siteId) {
        String site = organisation.sites().stream()
                .filter(each -> each.id() == siteId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("site"))
                .name();
        List<HolidayView> own =
                holidays.all().stream().filter(each -> each.siteId() == siteId).toList();
        return CalendarFile.written(site, own);
    }
}
