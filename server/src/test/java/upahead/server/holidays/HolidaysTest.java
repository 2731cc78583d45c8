package upahead.server.holidays;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

/** Site 1 is Brindlemoor, site 2 the Saltmarsh Nursery; team 3 is Grounds. */
@WithDemo
class HolidaysTest {

    private static final LocalDate HARVEST = LocalDate.of(2027, 9, 20);

    @Autowired
    private Holidays holidays;

    @Autowired
    private CurrentUser user;

    @Test
    void eachSiteHasItsOwnCalendar() {
        HolidayCalendar garden = holidays.calendars().get(1L);
        HolidayCalendar nursery = holidays.calendars().get(2L);
        assertThat(garden.on(LocalDate.of(2027, 6, 14)))
                .hasValueSatisfying(holiday -> assertThat(holiday.half()).isFalse());
        assertThat(nursery.on(LocalDate.of(2027, 6, 14))).isEmpty();
        assertThat(nursery.on(LocalDate.of(2027, 7, 16))).contains(new Holiday("Saltmarsh fair", true));
        assertThat(nursery.on(LocalDate.of(2027, 7, 16)))
                .hasValueSatisfying(holiday -> assertThat(holiday.half()).isTrue());
    }

    @Test
    void anAddedHolidayCountsForItsSiteOnly() {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            holidays.add(2, HARVEST, new Holiday("Seed harvest", false));
            return null;
        });
        assertThat(holidays.calendars().get(2L).on(HARVEST))
                .hasValueSatisfying(holiday -> assertThat(holiday.half()).isFalse());
        assertThat(holidays.calendars().get(1L).on(HARVEST)).isEmpty();
    }

    @Test
    void protectedDatesHoldForATeamOrForEverybody() {
        long grounds = holidays.protectedDates().stream()
                .filter(dates -> "Grounds".equals(dates.team()))
                .findFirst()
                .orElseThrow()
                .teamId();
        LocalDate lawn = LocalDate.of(2027, 6, 8);
        assertThat(holidays.protecting(lawn, grounds))
                .get()
                .extracting(ProtectedDate::reason)
                .isEqualTo("Renewal of the long lawn");
        assertThat(holidays.protecting(lawn, grounds + 1)).isEmpty();
        assertThat(holidays.protecting(LocalDate.of(2027, 5, 22), grounds + 1)).isPresent();
        assertThat(holidays.protecting(LocalDate.of(2027, 5, 24), grounds + 1)).isEmpty();
    }

    @Test
    void protectedDatesThatEndBeforeTheyStartAreRefused() {
        assertThatThrownBy(() -> user.actAs(Somebody.ADMINISTRATOR, () -> {
                    holidays.protect(HARVEST, HARVEST.minusDays(1), "Harvest", null);
                    return null;
                }))
                .hasMessage("The last protected day is before the first.");
    }

    @Test
    void onlyAnAdministratorSetsThem() {
        assertThatThrownBy(() -> user.actAs(Somebody.approver(4), () -> {
                    holidays.protect(HARVEST, HARVEST, "Harvest", null);
                    return null;
                }))
                .isInstanceOf(AccessDeniedException.class);
    }
}
