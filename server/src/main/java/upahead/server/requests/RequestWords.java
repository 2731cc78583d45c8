package upahead.server.requests;

import java.util.Locale;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.RequestProblem;
import upahead.core.quantity.Unit;
import upahead.server.platform.words.Words;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/** Says in words what a request is about and what stands against it. */
final class RequestWords {

    private RequestWords() {}

    static Problem of(RequestProblem problem, Unit unit) {
        return new Problem(
                problem.on(), "days", message(problem, unit), !(problem instanceof RequestProblem.NotCovered), false);
    }

    /** What it is about: "Hourly leave, 16 hours, 3 to 4 May". */
    static String inShort(RequestSummary request) {
        return request.policy() + ", " + Words.amount(request.total(), request.unit()) + ", "
                + Words.span(new DateSpan(request.first(), request.last()));
    }

    /** A state as it stands within a sentence. */
    static String state(RequestState state) {
        return state.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String message(RequestProblem problem, Unit unit) {
        String on = Words.weekday(problem.on());
        if (problem instanceof RequestProblem.NotCovered) {
            return on + " is outside the employment or the enrolment in this policy.";
        }
        if (problem instanceof RequestProblem.NotYetUsable wait) {
            return "This time can be used from " + Words.weekday(wait.useBegins()) + " "
                    + wait.useBegins().getYear() + " on; " + on + " is before that.";
        }
        if (problem instanceof RequestProblem.OverUsedPerYear over) {
            return "On " + on + " more than " + Words.amount(over.limit(), unit) + " would be used this benefit year: "
                    + Words.amount(over.by(), unit) + " too many.";
        }
        if (problem instanceof RequestProblem.LaterLeaveShort later) {
            return "Leave already approved for " + on + " would be short by " + Words.amount(later.by(), unit) + ".";
        }
        return "On " + on + " the balance would be short by "
                + Words.amount(((RequestProblem.NotEnough) problem).by(), unit) + ".";
    }
}
