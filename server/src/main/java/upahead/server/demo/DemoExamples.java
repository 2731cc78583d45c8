package upahead.server.demo;

import org.springframework.stereotype.Component;
import upahead.server.policies.examples.Examples;

/** What the policies of Brindlemoor Gardens must keep, agreed when they were written. */
@Component
class DemoExamples {

    private static final String FULL_TIME =
            """
            {"case": "Full-time all year, two days taken", "employee": {"hired": "2027-01-01"},
             "facts": [{"from": "2027-08-02", "to": "2027-08-03", "take": "scheduled"}],
             "ask": ["2027-12-31", "2028-01-01"],
             "expect": [{"asOf": "2027-12-31", "balance": 21, "usedThisYear": 2},
                        {"asOf": "2028-01-01", "balance": 28, "lapsed": 16}]}""";

    private static final String JULY =
            """
            {"case": "Begins in July", "employee": {"hired": "2027-07-01"},
             "ask": ["2027-07-01", "2027-12-31"],
             "expect": [{"asOf": "2027-07-01", "balance": 11.5945}, {"asOf": "2027-12-31", "available": 13.5945}]}""";

    private static final String SICK_AT_LIMIT =
            """
            {"case": "Never ill, at the limit", "employee": {"hired": "2027-01-01"},
             "ask": ["2028-12-31"],
             "expect": [{"asOf": "2028-12-31", "balance": 81, "withheldThisYear": 27}]}""";

    private final Examples examples;

    DemoExamples(Examples examples) {
        this.examples = examples;
    }

    void keep(long salariedLeaveId, long sickTimeId) {
        examples.keep(salariedLeaveId, FULL_TIME);
        examples.keep(salariedLeaveId, JULY);
        examples.keep(sickTimeId, SICK_AT_LIMIT);
    }
}
