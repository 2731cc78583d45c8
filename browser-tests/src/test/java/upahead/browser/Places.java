package upahead.browser;

import static upahead.browser.Places.Who.ADMINISTRATOR;
import static upahead.browser.Places.Who.APPROVER;
import static upahead.browser.Places.Who.EMPLOYEE;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Every place of the pages, with an address of the demo to look at it: a new route has to join. */
final class Places {

    private static final Path ROUTES = Path.of("../web/src/frame/routes.ts");
    private static final Pattern ROUTE = Pattern.compile("^ {2}'(/[^']*)':", Pattern.MULTILINE);

    /** Who looks. */
    enum Who {
        ADMINISTRATOR,
        APPROVER,
        EMPLOYEE
    }

    /**
     * A place.
     *
     * @param route as the pages have it
     */
    record Place(String route, Who who, String address) {}

    static final List<Place> ALL = List.of(
            at("/my-time", EMPLOYEE),
            at("/my-time/year", EMPLOYEE),
            at("/my-time/terms", EMPLOYEE),
            at("/my-time/statements", EMPLOYEE),
            new Place("/my-time/requests/:id", EMPLOYEE, "/my-time/requests/21"),
            new Place("/my-time/:personId/:policyId", EMPLOYEE, "/my-time/27/1"),
            new Place("/my-hours", EMPLOYEE, "/my-hours?on=2027-04-20"),
            at("/notices", EMPLOYEE),
            at("/mail", EMPLOYEE),
            at("/", APPROVER),
            at("/requests", APPROVER),
            at("/my-team", APPROVER),
            at("/hours", APPROVER),
            new Place("/hours/:id", APPROVER, "/hours/30"),
            at("/requests/file", ADMINISTRATOR),
            new Place("/requests/:id", ADMINISTRATOR, "/requests/21"),
            at("/calendar", ADMINISTRATOR),
            at("/hours/file", ADMINISTRATOR),
            at("/hours/terminals", ADMINISTRATOR),
            at("/hours/rules", ADMINISTRATOR),
            at("/pay-runs", ADMINISTRATOR),
            new Place("/pay-runs/:id", ADMINISTRATOR, "/pay-runs/15"),
            new Place("/pay-runs/:id/compare", ADMINISTRATOR, "/pay-runs/15/compare"),
            new Place("/pay-runs/:id/layout", ADMINISTRATOR, "/pay-runs/13/layout"),
            at("/payroll-inbox", ADMINISTRATOR),
            at("/proof", ADMINISTRATOR),
            at("/ahead", ADMINISTRATOR),
            at("/balances", ADMINISTRATOR),
            at("/balances/openings", ADMINISTRATOR),
            at("/balances/adjust", ADMINISTRATOR),
            at("/balances/held-against", ADMINISTRATOR),
            new Place("/balances/:personId/:policyId", ADMINISTRATOR, "/balances/27/1"),
            at("/policies", ADMINISTRATOR),
            at("/policies/new", ADMINISTRATOR),
            new Place("/policies/:id", ADMINISTRATOR, "/policies/2"),
            at("/people", ADMINISTRATOR),
            at("/people/new", ADMINISTRATOR),
            at("/people/import", ADMINISTRATOR),
            at("/people/organisation", ADMINISTRATOR),
            at("/people/names", ADMINISTRATOR),
            new Place("/people/:id", ADMINISTRATOR, "/people/27"),
            at("/holidays", ADMINISTRATOR),
            at("/reports", ADMINISTRATOR),
            new Place("/reports/:name", ADMINISTRATOR, "/reports/ledger"),
            at("/value", ADMINISTRATOR),
            at("/value/rates", ADMINISTRATOR),
            new Place("/year-end", ADMINISTRATOR, "/year-end?policy=1&year=2028"),
            at("/programs", ADMINISTRATOR),
            at("/ways-in", ADMINISTRATOR),
            at("/running", ADMINISTRATOR),
            at("/audit", ADMINISTRATOR));

    private Places() {}

    static List<Place> of(Who who) {
        return ALL.stream().filter(place -> place.who() == who).toList();
    }

    /** The routes as the pages have them. */
    static Set<String> routes() throws IOException {
        return ROUTE.matcher(Files.readString(ROUTES))
                .results()
                .map((MatchResult route) -> route.group(1))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Place at(String route, Who who) {
        return new Place(route, who, route);
    }
}
