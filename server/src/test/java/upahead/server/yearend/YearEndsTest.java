package upahead.server.yearend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.enrolment.Exceptions;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.yearend.WantedPeople.Show;
import upahead.server.yearend.YearEndRow.State;

/** Hourly leave, policy 1, carries over 37 hours and the rest lapses; Nuala, person 30, holds the most. */
@WithDemo
class YearEndsTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final LocalDate NEW_YEAR = LocalDate.of(2028, 1, 1);
    private static final long HOURLY_LEAVE = 1;
    private static final long NUALA = 30;
    private static final long KERENSA = 27;

    @Autowired
    private YearEnds yearEnds;

    @Autowired
    private Policies policies;

    @Autowired
    private Adjustments adjustments;

    @Autowired
    private Exceptions exceptions;

    @Autowired
    private MovableClock clock;

    @Autowired
    private CurrentUser user;

    @AfterEach
    void backToToday() {
        clock.moveTo(TODAY);
    }

    @Test
    void saysBeforehandWhoCarriesAndLosesWhat() {
        YearEndView view = view();
        YearEndRow nuala = row(view, NUALA);
        assertThat(nuala.on()).isEqualTo(NEW_YEAR);
        assertThat(nuala.held()).isEqualTo(Amount.of(74));
        assertThat(nuala.carried()).isEqualTo(Amount.of(37));
        assertThat(nuala.lost()).isEqualTo(Amount.of(37));
        assertThat(nuala.state()).isEqualTo(State.AHEAD);
        assertThat(nuala.lostWorth()).isNotNull();
        assertThat(view.keptAt()).isNull();
        assertThat(view.ahead()).isEqualTo(view.rows().size());
        assertThat(view.rows()).allSatisfy(row -> assertThat(row.held())
                .isEqualTo(row.carried().plus(row.lost()).plus(row.paidOut())));
    }

    @Test
    void sumsOfTeamsAddUpToAllInTimeAndMoney() {
        YearEndView view = view();
        assertThat(Amount.sum(
                        view.teams().stream().map(YearEndView.YearEndSum::lost).toList()))
                .isEqualTo(view.all().lost());
        assertThat(Amount.sum(view.teams().stream()
                        .map(YearEndView.YearEndSum::lostWorth)
                        .filter(Objects::nonNull)
                        .toList()))
                .isEqualTo(view.all().lostWorth());
        assertThat(view.all().losing()).isPositive();
    }

    @Test
    void anExceptionGrantedThereCountsAndCanBeChangedAndTakenBack() {
        let(Amount.of(50));
        YearEndRow nuala = row(view(), NUALA);
        assertThat(nuala.carried()).isEqualTo(Amount.of(50));
        assertThat(nuala.ownCarry()).isEqualTo(Amount.of(50));
        let(Amount.of(60));
        nuala = row(view(), NUALA);
        assertThat(nuala.lost()).isEqualTo(Amount.of(14));
        assertThat(as(() -> exceptions.of(List.of(NUALA)))).hasSize(1);
        long id = nuala.exceptionId();
        as(() -> {
            exceptions.takeBack(NUALA, id);
            return null;
        });
        assertThat(row(view(), NUALA).lost()).isEqualTo(Amount.of(37));
    }

    private void let(Amount carry) {
        as(() -> {
            yearEnds.let(HOURLY_LEAVE, 2028, List.of(NUALA), carry, "Ill over the holidays");
            return null;
        });
    }

    @Test
    void whatWasKeptIsMatchedWhenNothingChangesAndTheDifferenceIsSaidWhereSomethingDoes() {
        keep();
        as(() -> {
            adjustments.adjust(
                    KERENSA, HOURLY_LEAVE, new Adjustment(LocalDate.of(2027, 12, 30), Amount.of(-40), "Sold"));
            return null;
        });
        YearEndView before = view();
        assertThat(before.changed()).isEqualTo(1);
        assertThat(row(before, KERENSA).state()).isEqualTo(State.CHANGED);
        assertThat(row(before, KERENSA).says())
                .isEqualTo("held before 37.62 hours instead of 74; lost 0.62 hours instead of 37");

        clock.moveTo(LocalDate.of(2028, 1, 3));
        YearEndView after = view();
        assertThat(after.ahead()).isZero();
        assertThat(row(after, KERENSA).state()).isEqualTo(State.DIFFERS);
        assertThat(row(after, NUALA).state()).isEqualTo(State.MATCHED);
        assertThat(row(after, NUALA).provisional()).isTrue();
        assertThat(after.changed()).isEqualTo(1);
        assertThatThrownBy(this::keep).isInstanceOf(Refusal.class).hasMessageContaining("is ahead in 2028");
    }

    @Test
    void aYearsEndThatNobodyLookedAtIsShownAsSuch() {
        clock.moveTo(LocalDate.of(2028, 1, 3));
        assertThat(view().rows()).isNotEmpty().allMatch(row -> row.state() == State.UNSEEN);
    }

    @Test
    void daysThatGoByChangeNothing() {
        keep();
        clock.moveTo(LocalDate.of(2027, 6, 1));
        assertThat(view().changed()).isZero();
    }

    @Test
    void hireAnniversariesHaveDaysOfTheirOwn() {
        PolicyDetail anniversary = as(() -> policies.all()).stream()
                .filter(policy -> policy.benefitYear().equals("hire-anniversary"))
                .findFirst()
                .orElseThrow();
        YearEndView view = as(() -> yearEnds.of(anniversary.id(), 2027));
        assertThat(view.rows()).extracting(YearEndRow::on).allMatch(day -> day.getYear() == 2027);
        assertThat(view.first()).isBefore(view.last());
        assertThat(view.rows()).extracting(YearEndRow::state).contains(State.AHEAD);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> as(() -> yearEnds.of(HOURLY_LEAVE, 2035))).hasMessageContaining("3 years");
        assertThatThrownBy(() -> as(() -> yearEnds.of(HOURLY_LEAVE, 12))).hasMessageContaining("choose a year");
        assertThatThrownBy(() -> as(() -> {
                    yearEnds.let(HOURLY_LEAVE, 2028, List.of(1L), Amount.ONE, "Why not");
                    return null;
                }))
                .hasMessageContaining("has no year's end of Hourly leave in 2028");
        assertThatThrownBy(() -> user.actAs(Somebody.approver(4), () -> yearEnds.of(HOURLY_LEAVE, 2028)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private void keep() {
        as(() -> {
            yearEnds.keep(HOURLY_LEAVE, 2028);
            return null;
        });
    }

    @Test
    void showsThoseWhoAreWantedBesideTheSumsOfAll() {
        YearEndView all = view();
        assertThat(wanted(all, Show.LOSING, "nuala")).containsExactly(NUALA);
        assertThat(wanted(all, Show.EXCEPTIONS, null)).isEmpty();
        assertThat(wanted(all, Show.OTHERWISE, null)).isEmpty();
        YearEndView first = all.showing(new WantedPeople(null, null).among(all.rows()), 2);
        assertThat(first.rows()).isEqualTo(all.rows().subList(0, 2));
        assertThat(first.wanted()).isEqualTo(all.rows().size());
        assertThat(first.all()).isEqualTo(all.all());
    }

    private static List<Long> wanted(YearEndView view, Show show, String search) {
        return new WantedPeople(show, search)
                .among(view.rows()).stream().map(YearEndRow::personId).toList();
    }

    private YearEndView view() {
        return as(() -> yearEnds.of(HOURLY_LEAVE, 2028));
    }

    private static YearEndRow row(YearEndView view, long personId) {
        return view.rows().stream()
                .filter(row -> row.personId() == personId)
                .findFirst()
                .orElseThrow();
    }

    private <T> T as(Supplier<T> doing) {
        return user.actAs(Somebody.ADMINISTRATOR, doing);
    }
}
