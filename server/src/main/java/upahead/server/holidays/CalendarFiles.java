package upahead.server.holidays;

import java.time.LocalDate;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.clock.MovableClock;
import upahead.server.people.Organisation;
import upahead.server.problems.Refusal;

/** Holidays from and to iCalendar files. */
@Service
public class CalendarFiles {

    private static final int YEARS_BACK = 1;
    private static final int YEARS_AHEAD = 3;

    private final HolidayRules rules;
    private final Holidays holidays;
    private final Organisation organisation;
    private final MovableClock clock;

    CalendarFiles(HolidayRules rules, Holidays holidays, Organisation organisation, MovableClock clock) {
        this.rules = rules;
        this.holidays = holidays;
        this.organisation = organisation;
        this.clock = clock;
    }

    /** What a file would bring to a site, from last year to three years ahead. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public YearPreview preview(long siteId, byte[] content) {
        LocalDate newYear = clock.today().withDayOfYear(1);
        DateSpan wanted = new DateSpan(
                newYear.minusYears(YEARS_BACK),
                newYear.plusYears(YEARS_AHEAD + 1L).minusDays(1));
        CalendarFile file = CalendarFile.read(content, wanted);
        return new YearPreview(rules.beside(siteId, file.days()), file.notes());
    }

    /** Takes the days of a file that are new to a site. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public YearPreview take(long siteId, byte[] content) {
        YearPreview preview = preview(siteId, content);
        rules.add(siteId, preview.days());
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
