package upahead.server.holidays;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.core.calendar.HolidayCalendar.Holiday;

/** Holidays and protected dates. */
@RestController
@RequestMapping("/api/holidays")
class HolidayController {

    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=utf-8");

    /**
     * Holidays of all sites, the rules by which more come, how they are paid, and protected dates of all teams.
     *
     * @param pay one for each site
     */
    record HolidaysView(
            List<HolidayView> holidays,
            List<HolidayRule> rules,
            List<HolidayPay> pay,
            List<ProtectedDate> protectedDates) {}

    /** A single holiday. */
    record HolidayForm(
            @NotNull(message = "please choose a day") LocalDate on,
            @NotBlank(message = "please give the holiday a name")
                    @Size(max = 120, message = "a name has at most 120 characters")
                    String name,
            boolean half) {}

    /** Days without leave, for a team or, where that is null, for everybody. */
    record ProtectionForm(
            @NotNull(message = "please choose the first day") LocalDate starts,
            @NotNull(message = "please choose the last day") LocalDate ends,
            @NotBlank(message = "please say why") @Size(max = 200, message = "the reason has at most 200 characters")
                    String reason,
            @Nullable Long teamId) {}

    /** Holidays of a country, or of the part of it that the path of codes names. */
    record CountryChoice(
            @NotBlank(message = "please choose a country") String country,
            @NotNull List<@NotBlank String> path,
            @NotEmpty(message = "please choose at least one holiday") List<@NotBlank String> names) {}

    private final Holidays holidays;
    private final HolidayRules rules;
    private final HolidayPayments holidayPayments;
    private final HolidayYears holidayYears;
    private final CalendarFiles files;

    HolidayController(
            Holidays holidays,
            HolidayRules rules,
            HolidayPayments holidayPayments,
            HolidayYears holidayYears,
            CalendarFiles files) {
        this.holidays = holidays;
        this.rules = rules;
        this.holidayPayments = holidayPayments;
        this.holidayYears = holidayYears;
        this.files = files;
    }

    @GetMapping
    HolidaysView all() {
        return new HolidaysView(holidays.all(), rules.all(), holidayPayments.payOfAll(), holidays.protectedDates());
    }

    @PutMapping("/{siteId}/days/{day}")
    HolidaysView put(@PathVariable long siteId, @PathVariable LocalDate day, @Valid @RequestBody HolidayForm form) {
        holidays.change(siteId, day, form.on(), new Holiday(form.name().strip(), form.half()));
        return all();
    }

    @PostMapping("/{siteId}/days")
    @ResponseStatus(HttpStatus.CREATED)
    HolidaysView add(@PathVariable long siteId, @Valid @RequestBody HolidayForm form) {
        holidays.add(siteId, form.on(), new Holiday(form.name().strip(), form.half()));
        return all();
    }

    @DeleteMapping("/{siteId}/days/{day}")
    HolidaysView remove(@PathVariable long siteId, @PathVariable LocalDate day) {
        holidays.remove(siteId, day);
        return all();
    }

    @PostMapping("/{siteId}/rules")
    @ResponseStatus(HttpStatus.CREATED)
    HolidaysView addRule(@PathVariable long siteId, @Valid @RequestBody RuleForm rule) {
        rules.add(siteId, rule);
        return all();
    }

    /** Copies the rules of another site that are not there yet. */
    @PostMapping("/{siteId}/rules/copy")
    HolidaysView copyRules(@PathVariable long siteId, @RequestParam long fromSiteId) {
        rules.copy(fromSiteId, siteId);
        return all();
    }

    @GetMapping("/countries")
    List<CountryHolidays.Place> countries() {
        return rules.countries();
    }

    /** The public holidays of a country, or of a part of it. */
    @GetMapping("/countries/{country}")
    List<CountryHolidays.Proposed> ofCountry(
            @PathVariable String country, @RequestParam(required = false) List<String> path) {
        return rules.ofCountry(country, path == null ? List.of() : path);
    }

    /** Takes holidays of a country for a site. */
    @PostMapping("/{siteId}/country")
    HolidaysView takeFromCountry(@PathVariable long siteId, @Valid @RequestBody CountryChoice choice) {
        rules.takeFromCountry(siteId, choice.country(), choice.path(), choice.names());
        return all();
    }

    @PutMapping("/rules/{id}")
    HolidaysView changeRule(@PathVariable long id, @Valid @RequestBody RuleForm rule) {
        rules.change(id, rule);
        return all();
    }

    @DeleteMapping("/rules/{id}")
    HolidaysView removeRule(@PathVariable long id) {
        rules.remove(id);
        return all();
    }

    @GetMapping("/{siteId}/years/{year}")
    YearPreview previewYear(@PathVariable long siteId, @PathVariable int year) {
        return holidayYears.preview(siteId, year);
    }

    @PostMapping("/{siteId}/years/{year}")
    HolidaysView takeYear(@PathVariable long siteId, @PathVariable int year) {
        holidayYears.take(siteId, year);
        return all();
    }

    @PutMapping("/pay")
    HolidaysView setPay(@Valid @RequestBody HolidayPay pay) {
        holidayPayments.setPay(pay);
        return all();
    }

    @PostMapping(path = "/{siteId}/file/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    YearPreview previewFile(@PathVariable long siteId, @RequestPart MultipartFile file) throws IOException {
        return files.preview(siteId, file.getBytes());
    }

    @PostMapping(path = "/{siteId}/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    HolidaysView takeFile(@PathVariable long siteId, @RequestPart MultipartFile file) throws IOException {
        files.take(siteId, file.getBytes());
        return all();
    }

    @GetMapping("/{siteId}/calendar")
    ResponseEntity<String> export(@PathVariable long siteId) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("holidays.ics")
                                .build()
                                .toString())
                .body(files.export(siteId));
    }

    @PostMapping("/protected")
    @ResponseStatus(HttpStatus.CREATED)
    HolidaysView protect(@Valid @RequestBody ProtectionForm form) {
        holidays.protect(form.starts(), form.ends(), form.reason().strip(), form.teamId());
        return all();
    }

    @DeleteMapping("/protected/{id}")
    HolidaysView unprotect(@PathVariable long id) {
        holidays.unprotect(id);
        return all();
    }
}
