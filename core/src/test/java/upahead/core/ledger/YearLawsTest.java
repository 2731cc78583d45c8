package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static upahead.core.ledger.AnyAccount.END;
import static upahead.core.ledger.AnyAccount.START;

import java.time.LocalDate;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import upahead.core.calendar.DateSpan;
import upahead.core.value.Movement;

/** What holds of the figures of years and of their ends, for any account there can be. */
class YearLawsTest {

    @Provide
    Arbitrary<Account> accounts() {
        return AnyAccount.accounts();
    }

    @Property(tries = 100)
    void whatABalanceIsMadeOfAddsUpToItOnEveryDay(@ForAll("accounts") Account account) {
        Ledger ledger = Derivation.derive(account, END);
        for (LocalDate day = START; !day.isAfter(END); day = day.plusDays(17)) {
            YearFigures year = YearFigures.of(ledger, day);
            Standing standing = ledger.standing(day);
            assertThat(year.carried()
                            .plus(year.earned())
                            .minus(year.used())
                            .plus(year.adjusted())
                            .minus(year.lapsed())
                            .minus(year.paidOut()))
                    .as("on %s", day)
                    .isEqualTo(standing.balance());
            assertThat(year.balance()).isEqualTo(standing.balance());
            assertThat(year.earned()).isEqualTo(standing.earnedThisYear());
            assertThat(year.used()).isEqualTo(standing.usedThisYear());
            assertThat(year.withheld()).isEqualTo(standing.withheldThisYear());
        }
    }

    @Property(tries = 300)
    void whatMovedWithinSomeDaysAddsUpToTheDifference(@ForAll("accounts") Account account) {
        Ledger ledger = Derivation.derive(account, END);
        for (LocalDate day = START; day.isBefore(END.minusDays(40)); day = day.plusDays(29)) {
            Movement moved = Movement.of(ledger, new DateSpan(day.plusDays(1), day.plusDays(40)));
            if (!ledger.begins().isAfter(day)) {
                assertThat(moved.before()
                                .plus(moved.brought())
                                .plus(moved.earned())
                                .plus(moved.adjusted())
                                .plus(moved.used())
                                .plus(moved.lapsed())
                                .plus(moved.paidOut()))
                        .as("from %s", day)
                        .isEqualTo(moved.after());
            }
        }
    }

    @Property(tries = 300)
    void whatAYearsEndCarriesIsWhatTheNewYearBeginsWith(@ForAll("accounts") Account account) {
        Ledger ledger = Derivation.derive(account, END);
        for (LocalDate day = START; !day.isAfter(END); day = day.plusDays(1)) {
            LocalDate on = day;
            YearTurn.of(ledger, on).ifPresent(turn -> {
                assertThat(turn.carried()).isEqualTo(YearFigures.of(ledger, on).carried());
                assertThat(turn.unused().isNegative()
                                || turn.lost().isNegative()
                                || turn.paidOut().isNegative())
                        .isFalse();
            });
        }
    }
}
