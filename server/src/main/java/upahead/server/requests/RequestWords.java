package upahead.server.requests;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import upahead.core.ledger.RequestProblem;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.requests.RequestReview.Problem;

/** Says in words what stands against a request. */
final class RequestWords {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.ENGLISH);

    private RequestWords() {}

    static String day(LocalDate day) {
        return DAY.format(day);
    }

    static String amount(Amount amount, Unit unit) {
        String name = unit == Unit.HOURS ? "hour" : "day";
        return amount + " " + (amount.equals(Amount.ONE) ? name : name + "s");
    }

    static Problem of(RequestProblem problem, Unit unit) {
        return new Problem(problem.on(), "days", message(problem, unit));
    }

    private static String message(RequestProblem problem, Unit unit) {
        String on = day(problem.on());
        if (problem instanceof RequestProblem.NotCovered) {
            return on + " is outside the employment or the enrolment in this policy.";
        }
        if (problem instanceof RequestProblem.NotYetUsable wait) {
            return "This time can be used from " + day(wait.useBegins()) + " "
                    + wait.useBegins().getYear() + " on; " + on + " is before that.";
        }
        if (problem instanceof RequestProblem.OverUsedPerYear over) {
            return "On " + on + " more than " + amount(over.limit(), unit) + " would be used this benefit year: "
                    + amount(over.by(), unit) + " too many.";
        }
        if (problem instanceof RequestProblem.LaterLeaveShort later) {
            return "Leave already approved for " + on + " would be short by " + amount(later.by(), unit) + ".";
        }
        return "On " + on + " the balance would be short by " + amount(((RequestProblem.NotEnough) problem).by(), unit)
                + ".";
    }
}
