package upahead.server.employment;

/** How somebody is employed. */
public enum EmploymentType {
    HOURLY,
    SALARIED,
    SEASONAL
}
