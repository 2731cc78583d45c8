package upahead.server.requests;

import upahead.core.ledger.RequestProblem;
import upahead.core.quantity.Unit;
import upahead.server.platform.words.Words;
import upahead.server.requests.RequestReview.Problem;

/** Says in words what stands against a request. */
final class RequestWords {

    private RequestWords() {}

    static Problem of(RequestProblem problem, Unit unit) {
        return new Problem(
                problem.on(), "days", message(problem, unit), !(problem instanceof RequestProblem.NotCovered));
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
