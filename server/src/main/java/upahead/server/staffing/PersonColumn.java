package upahead.server.staffing;

import java.util.Arrays;
import java.util.List;
import upahead.server.platform.files.FileColumns;

/** What a file of people can say about each, and the headings under which it is looked for. */
public enum PersonColumn implements FileColumns.Column {
    CODE(
            "Code",
            true,
            "code",
            "personcode",
            "employeecode",
            "number",
            "employeenumber",
            "id",
            "employeeid",
            "no",
            "payrollno",
            "payrollnumber",
            "staffno",
            "staffnumber",
            "personnelno",
            "personnelnumber",
            "employeeno"),
    NAME("Name", true, "name", "fullname", "employee", "person", "employeename"),
    EMAIL("E-mail", false, "email", "mail", "emailaddress", "workmail", "workemail"),
    SITE("Site", false, "site", "location", "place", "branch", "workplace", "worksite", "office"),
    TEAM("Team", false, "team", "department", "group", "crew", "dept", "unit"),
    EMPLOYED_AS("Employed as", false, "employedas", "type", "employmenttype", "employment", "kind", "contracttype"),
    PAY_GROUP("Pay group", false, "paygroup", "payroll", "paid", "paidwith", "paycycle", "payfrequency"),
    APPROVER(
            "Approver",
            false,
            "approver",
            "approvercode",
            "manager",
            "managercode",
            "lead",
            "leader",
            "linemanager",
            "supervisor",
            "reportsto"),
    HIRED("Hired", false, "hired", "hiredate", "hiredon", "start", "startdate", "joined"),
    LAST_DAY("Last day", false, "lastday", "end", "enddate", "left"),
    SERVICE_FROM("Service from", false, "servicefrom", "servicedate", "seniority"),
    FTE("FTE", false, "fte", "fulltimeequivalent", "contract", "contractpercent", "percent"),
    WEEKLY_HOURS(
            "Hours a week",
            false,
            "hoursaweek",
            "hoursperweek",
            "weeklyhours",
            "standardhours",
            "contracthours",
            "weekhours",
            "hrsperweek",
            "hrsweek"),
    MONDAY("Monday", false, "monday", "mon"),
    TUESDAY("Tuesday", false, "tuesday", "tue"),
    WEDNESDAY("Wednesday", false, "wednesday", "wed"),
    THURSDAY("Thursday", false, "thursday", "thu"),
    FRIDAY("Friday", false, "friday", "fri"),
    SATURDAY("Saturday", false, "saturday", "sat"),
    SUNDAY("Sunday", false, "sunday", "sun"),
    CLOCK_CODE("Clock code", false, "clockcode", "pin", "clockpin");

    static final List<PersonColumn> WEEK = List.of(MONDAY, TUESDAY, WEDNESDAY, THURSDAY, FRIDAY, SATURDAY, SUNDAY);
    static final List<PersonColumn> DATES = List.of(HIRED, LAST_DAY, SERVICE_FROM);

    private final FileColumns.Heading heading;

    PersonColumn(String title, boolean needed, String... names) {
        this.heading = FileColumns.Heading.of(title, needed, names);
    }

    @Override
    public FileColumns.Heading heading() {
        return heading;
    }

    /** Those an export has: a week is told day by day there. */
    static List<PersonColumn> exported() {
        return Arrays.stream(values()).filter(column -> column != WEEKLY_HOURS).toList();
    }
}
