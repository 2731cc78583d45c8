package upahead.server.people;

/** How somebody is employed. */
public enum EmploymentType {
    HOURLY,
    SALARIED,
    SEASONAL
}
