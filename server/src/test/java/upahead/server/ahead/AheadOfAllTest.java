package upahead.server.ahead;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.AheadView;
import upahead.server.accounts.AheadView.What;
import upahead.server.accounts.Balances;
import upahead.server.employment.People;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.notices.Notices;

/** Policy 2 is salaried leave, of which what was carried lapses on 1 May; today is 26 April 2027. */
@WithDemo
class AheadOfAllTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final LocalDate LAPSES = LocalDate.of(2027, 5, 1);
    private static final long KERENSA = 27;

    @Autowired
    private AheadOfAll ahead;

    @Autowired
    private TellingPeople telling;

    @Autowired
    private Balances balances;

    @Autowired
    private Adjustments adjustments;

    @Autowired
    private Notices notices;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    private <T> T asAdministrator(Supplier<T> what) {
        return user.actAs(Somebody.ADMINISTRATOR, what);
    }

    private List<Foreseen> groups(int weeks) {
        return asAdministrator(() -> Foreseen.together(ahead.rows(ahead.days(weeks))));
    }

    @Test
    void whatLapsesOnOneDayIsToldTogetherWithItsSum() {
        Foreseen lapse = groups(8).stream()
                .filter(each -> each.what() == What.LAPSE
                        && each.policyId() == 2
                        && each.on().equals(LAPSES))
                .findFirst()
                .orElseThrow();
        List<ForeseenRow> lines = asAdministrator(
                () -> Foreseen.linesOf(ahead.rows(ahead.days(8)), What.LAPSE, lapse.policyId(), lapse.on()));
        assertThat(lines).hasSize(lapse.lines());
        assertThat(lapse.amount())
                .isEqualTo(Amount.sum(lines.stream().map(ForeseenRow::amount).toList()));
        assertThat(lapse.says()).isEqualTo(lines.size() + " people lose " + lapse.amount() + " days on 1 May 2027");
        assertThat(lines)
                .isSortedAccordingTo(Comparator.comparing(ForeseenRow::amount).reversed());
    }

    @Test
    void everyLineIsInOneGroup() {
        List<ForeseenRow> all = asAdministrator(() -> ahead.rows(ahead.days(104)));
        assertThat(Foreseen.together(all).stream()
                        .flatMap(group -> Foreseen.linesOf(all, group.what(), group.policyId(), group.on()).stream()))
                .containsExactlyInAnyOrderElementsOf(all);
    }

    @Test
    void forEachPersonItIsWhatTheirOwnPageSays() {
        DateSpan days = ahead.days(52);
        List<String> all = asAdministrator(() -> ahead.rows(days)).stream()
                .filter(row -> row.personId() == KERENSA)
                .map(ForeseenRow::message)
                .toList();
        List<String> own = asAdministrator(() -> balances.ahead(KERENSA, TODAY)).stream()
                .filter(view -> days.contains(view.on()))
                .map(AheadView::message)
                .toList();
        assertThat(all).isNotEmpty().allMatch(own::contains);
    }

    @Test
    void goingBelowZeroIsSeenComing() {
        asAdministrator(() ->
                adjustments.adjust(KERENSA, 1, new Adjustment(TODAY.plusWeeks(2), Amount.of(-200), "too much by far")));
        assertThat(groups(4))
                .filteredOn(each -> each.what() == What.BELOW_ZERO)
                .singleElement()
                .satisfies(below -> {
                    assertThat(below.on()).isEqualTo(TODAY.plusWeeks(2));
                    assertThat(below.says()).startsWith("Kerensa Saltonstall goes below zero on 10 May 2027, to -");
                });
    }

    @Test
    void everyKindIsSaidInASentence() {
        List<Foreseen> groups = groups(104);
        assertThat(groups).allSatisfy(each -> assertThat(each.says()).matches(".+ (on|from) \\d{1,2} \\w+ 20\\d\\d.*"));
        assertThat(groups.stream().map(Foreseen::what).distinct()).hasSizeGreaterThan(6);
    }

    @Test
    void anApproverSeesWhatIsAheadOfThePeopleAssigned() {
        List<ForeseenRow> seen = user.actAs(Somebody.approver(4), () -> ahead.rows(ahead.days(26)));
        assertThat(seen).isNotEmpty().allMatch(row -> people.get(row.personId()).approverId() == 4L);
    }

    @Test
    void teamsThatWouldBeShortAreNamedWithTheirDays() {
        assertThat(asAdministrator(() -> ahead.shortDays(ahead.days(40))))
                .allSatisfy(day ->
                        assertThat(Amount.of(day.scheduled()).minus(day.away())).isLessThan(Amount.of(day.needed())));
    }

    @Test
    void peopleAreToldInTheirNoticesAndNobodyElseIs() {
        List<TellingPeople.Message> messages =
                List.of(new TellingPeople.Message(KERENSA, "4 days lapse on 1 May unless you use them."));
        assertThat(asAdministrator(() -> telling.tell("Your leave", messages))).isEqualTo(1);
        assertThat(user.actAs(
                        Somebody.employee(KERENSA), () -> notices.own(0, 1).items()))
                .first()
                .satisfies(notice -> assertThat(notice.text())
                        .isEqualTo("4 days lapse on 1 May unless you use them. (Ada Payroll)"));
        assertThatThrownBy(() -> user.actAs(Somebody.approver(5), () -> telling.tell("Your leave", messages)))
                .isInstanceOf(AccessDeniedException.class);
    }
}
