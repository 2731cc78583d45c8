package upahead.server.yearend;

import java.time.LocalDate;
import upahead.core.ledger.YearTurn;

/** What was expected of somebody's year's end when a review was kept. */
record Expected(long personId, YearTurn figures) {

    LocalDate on() {
        return figures.on();
    }
}
