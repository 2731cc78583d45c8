package upahead.server.holidays;

/** A rule of a site by which its holidays of coming years are found. */
public record HolidayRule(long id, long siteId, RuleForm rule) {}
