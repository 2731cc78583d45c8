package upahead.server.accounts;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.Timeline;
import upahead.server.employment.Placement;

/** The holidays and pay periods of somebody who may move between sites and pay groups. */
final class WhereTheyWork {

    private WhereTheyWork() {}

    /** On each day the holidays of the site at which somebody works then. */
    static HolidayCalendar holidays(List<Placement> places, Map<Long, HolidayCalendar> bySite) {
        Timeline<HolidayCalendar> sites = Timeline.empty();
        long site = -1;
        for (Placement place : places) {
            if (place.placing().siteId() != site) {
                site = place.placing().siteId();
                sites = sites.with(place.starts(), bySite.getOrDefault(site, HolidayCalendar.NONE));
            }
        }
        return sites.entries().size() == 1 ? sites.entries().get(0).value() : HolidayCalendar.joined(sites);
    }

    /** The pay periods of each pay group while somebody is in it. */
    static PayCalendar payCalendar(List<Placement> places, Map<Long, PayCalendar> byGroup) {
        int last = places.size() - 1;
        PayCalendar calendar = byGroup.get(places.get(last).placing().payGroupId());
        for (int at = last; at > 0; at--) {
            LocalDate from = places.get(at).starts();
            long before = places.get(at - 1).placing().payGroupId();
            if (before != places.get(at).placing().payGroupId()) {
                calendar = byGroup.get(before).until(from, calendar);
            }
        }
        return calendar;
    }
}
