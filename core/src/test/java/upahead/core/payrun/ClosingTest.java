package upahead.core.payrun;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Account;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.LineKind;
import upahead.core.ledger.Sample;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;

/** Fortnights from 4 January 2027. */
class ClosingTest {

    private static final DateSpan FIRST = DateSpan.of(LocalDate.of(2027, 1, 4), LocalDate.of(2027, 1, 17));
    private static final DateSpan SECOND = DateSpan.of(LocalDate.of(2027, 1, 18), LocalDate.of(2027, 1, 31));

    private final List<Frozen> posted = new ArrayList<>();

    @Test
    void theFirstClosePostsEverythingUpToTheLastDayAsItIs() {
        Account account = Sample.grant("40")
                .takes("2027-01-12", "8")
                .takes("2027-01-19", "8")
                .account();
        assertThat(close(account, Optional.empty(), FIRST))
                .extracting(NewPosting::on, NewPosting::kind, NewPosting::amount, NewPosting::isCorrection)
                .containsExactly(
                        tuple(LocalDate.of(2027, 1, 4), LineKind.EARNED, Amount.of(40), false),
                        tuple(LocalDate.of(2027, 1, 12), LineKind.TAKEN, Amount.of(-8), false));
    }

    @Test
    void withoutLateFactsTheNextCloseCorrectsNothing() {
        Account account = Sample.grant("40")
                .takes("2027-01-12", "8")
                .takes("2027-01-19", "8")
                .account();
        close(account, Optional.empty(), FIRST);
        assertThat(close(account, Optional.of(FIRST.last()), SECOND))
                .singleElement()
                .satisfies(line -> assertThat(line.isCorrection()).isFalse());
    }

    @Test
    void leaveCancelledAfterTheCloseComesBackAboutItsDate() {
        close(Sample.grant("40").takes("2027-01-12", "8").account(), Optional.empty(), FIRST);
        List<NewPosting> next = close(Sample.grant("40").account(), Optional.of(FIRST.last()), SECOND);
        assertThat(next).singleElement().satisfies(line -> {
            assertThat(line.isCorrection()).isTrue();
            assertThat(line.on()).isEqualTo(SECOND.first());
            assertThat(line.about()).isEqualTo("2027-01-12");
            assertThat(line.amount()).isEqualTo(Amount.of(8));
            assertThat(line.why()).isEqualTo("What was posted no longer applies");
        });
    }

    @Test
    void leaveEnteredLateIsTakenByACorrectionThatSaysWhyNow() {
        close(Sample.grant("40").account(), Optional.empty(), FIRST);
        Account late = Sample.grant("40").takes("2027-01-14", "4").account();
        assertThat(close(late, Optional.of(FIRST.last()), SECOND))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.amount()).isEqualTo(Amount.of(-4));
                    assertThat(line.why()).isEqualTo("Now: Leave taken");
                });
    }

    @Test
    void aCorrectionIsNotCorrectedAgain() {
        close(Sample.grant("40").account(), Optional.empty(), FIRST);
        Account late = Sample.grant("40").takes("2027-01-14", "4").account();
        close(late, Optional.of(FIRST.last()), SECOND);
        DateSpan third = DateSpan.of(LocalDate.of(2027, 2, 1), LocalDate.of(2027, 2, 14));
        assertThat(close(late, Optional.of(SECOND.last()), third)).isEmpty();
    }

    @Test
    void onlyWhatWasWithheldCanNeedACorrection() {
        close(Sample.grant("40").limit(Limit.BALANCE, "30").account(), Optional.empty(), FIRST);
        Account late = Sample.grant("44").limit(Limit.BALANCE, "30").account();
        assertThat(close(late, Optional.of(FIRST.last()), SECOND))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.amount()).isEqualTo(Amount.ZERO);
                    assertThat(line.withheld()).isEqualTo(Amount.of(4));
                });
    }

    @Test
    void anUndoneCloseIsReversedAndClosedAgainWithTheSameLines() {
        Account before = Sample.grant("40").takes("2027-01-12", "8").account();
        close(before, Optional.empty(), FIRST);
        Account late = Sample.grant("40")
                .takes("2027-01-12", "6")
                .takes("2027-01-19", "8")
                .account();
        List<NewPosting> once = close(late, Optional.of(FIRST.last()), SECOND);
        once.forEach(line -> posted.add(line.reversed("too early").frozen()));
        assertThat(Amount.sum(posted.stream().map(Frozen::amount).toList())).isEqualTo(Amount.of(32));
        assertThat(close(late, Optional.of(FIRST.last()), SECOND)).hasSize(2).isEqualTo(once);
    }

    @Test
    void aDateThatAnotherGroupsRunHasPostedIsNotPostedTwice() {
        DateSpan month = DateSpan.of(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 1, 31));
        Account account = Sample.grant("40").takes("2027-01-12", "8").account();
        close(account, Optional.empty(), FIRST);
        assertThat(close(account, Optional.of(LocalDate.of(2026, 12, 31)), month))
                .isEmpty();
    }

    @Test
    void differencesAreNamedByDateAndKind() {
        Account account = Sample.grant("40").takes("2027-01-12", "8").account();
        close(account, Optional.empty(), FIRST);
        Account late = Sample.grant("40").takes("2027-01-12", "5").account();
        assertThat(Closing.differences(Derivation.derive(account, FIRST.last()), posted, FIRST.last()))
                .isEmpty();
        assertThat(Closing.differences(Derivation.derive(late, FIRST.last()), posted, FIRST.last()))
                .containsExactly(new Difference(LocalDate.of(2027, 1, 12), LineKind.TAKEN, Amount.of(3), Amount.ZERO));
    }

    private List<NewPosting> close(Account account, Optional<LocalDate> closedThrough, DateSpan period) {
        List<NewPosting> postings =
                Closing.postings(Derivation.derive(account, period.last()), posted, closedThrough, period);
        postings.forEach(line -> posted.add(line.frozen()));
        return postings;
    }
}
