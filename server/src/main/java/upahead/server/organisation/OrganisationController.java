package upahead.server.organisation;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.server.organisation.HoursKinds.HoursKind;

/** Sites, teams and pay groups, to add and to rename. */
@RestController
@RequestMapping("/api/organisation")
class OrganisationController {

    private static final String PAID_AFTER = "please give 0 to 60 days";

    /** The name of a site or team. */
    record NameForm(
            @NotBlank(message = "please give a name") @Size(max = 80, message = "a name has at most 80 characters")
                    String name) {}

    /**
     * A pay group to be added.
     *
     * @param paidAfter days after the last day of a period, from 0 to 60
     * @param anchor the first day of any one of its weeks or fortnights; of no effect for half-months and months
     */
    record PayGroupForm(
            @NotBlank(message = "please give a name") @Size(max = 80, message = "a name has at most 80 characters")
                    String name,
            @NotNull(message = "please say how long a pay period is") PayCalendar.Every every,
            @NotNull(message = "please give the first day of a pay period") LocalDate anchor,
            @Min(value = 0, message = PAID_AFTER) @Max(value = PayDay.LATEST, message = PAID_AFTER) int paidAfter) {}

    /** How many days after the last day of a period a pay group is paid. */
    record PayDayForm(
            @Min(value = 0, message = PAID_AFTER) @Max(value = PayDay.LATEST, message = PAID_AFTER) int paidAfter) {}

    /** The clock of a site, such as "Europe/London". */
    record SiteClock(long siteId, String site, String timeZone) {}

    /** The clock by which a site is to work. */
    record TimeZoneForm(@NotBlank(message = "please choose a time zone") String timeZone) {}

    private final Organisation organisation;

    OrganisationController(Organisation organisation) {
        this.organisation = organisation;
    }

    /** The kinds of hours that can be recorded. */
    @GetMapping("/hours-kinds")
    List<HoursKind> hoursKinds() {
        return HoursKinds.ALL;
    }

    @PostMapping("/sites")
    @ResponseStatus(HttpStatus.CREATED)
    Named addSite(@Valid @RequestBody NameForm form) {
        return new Named(organisation.addSite(form.name().strip()), form.name().strip());
    }

    @PostMapping("/teams")
    @ResponseStatus(HttpStatus.CREATED)
    Named addTeam(@Valid @RequestBody NameForm form) {
        return new Named(organisation.addTeam(form.name().strip()), form.name().strip());
    }

    @PostMapping("/pay-groups")
    @ResponseStatus(HttpStatus.CREATED)
    Named addPayGroup(@Valid @RequestBody PayGroupForm form) {
        PayCalendar calendar = new PayCalendar(form.every(), form.anchor());
        return new Named(
                organisation.addPayGroup(form.name().strip(), calendar, new PayDay(form.paidAfter())),
                form.name().strip());
    }

    /** Has a pay group paid on another day after its periods. */
    @PutMapping("/pay-groups/{id}/pay-day")
    Named setPayDay(@PathVariable long id, @Valid @RequestBody PayDayForm form) {
        organisation.setPayDay(id, new PayDay(form.paidAfter()));
        return new Named(id, organisation.payGroup(id).name());
    }

    /** By which clock each site works. */
    @GetMapping("/time-zones")
    List<SiteClock> timeZones() {
        Map<Long, ZoneId> zones = organisation.zones();
        return organisation.sites().stream()
                .map(site -> new SiteClock(
                        site.id(), site.name(), zones.get(site.id()).getId()))
                .toList();
    }

    /** Says by which clock a site works. */
    @PutMapping("/sites/{id}/time-zone")
    List<SiteClock> setTimeZone(@PathVariable long id, @Valid @RequestBody TimeZoneForm form) {
        organisation.setZone(id, form.timeZone());
        return timeZones();
    }

    @PutMapping("/sites/{id}")
    Named renameSite(@PathVariable long id, @Valid @RequestBody NameForm form) {
        return organisation.renameSite(id, form.name().strip());
    }

    @PutMapping("/teams/{id}")
    Named renameTeam(@PathVariable long id, @Valid @RequestBody NameForm form) {
        return organisation.renameTeam(id, form.name().strip());
    }
}
