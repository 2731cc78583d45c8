package upahead.server.platform.notices;

/** How a notice also comes by mail. */
public enum ByMail {
    AT_ONCE,
    /** With everything else of the day, the next morning. */
    DAILY_SUMMARY,
    NONE
}
