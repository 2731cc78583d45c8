package upahead.server.road;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.words.Words;

@WithDemo
class RoadTest {

    @Autowired
    private Road road;

    @Autowired
    private CurrentUser user;

    @Test
    void periodsFollowEachOtherFromClosedToAhead() {
        RoadView fortnights = of(1L);
        assertThat(fortnights.every()).isEqualTo(PayCalendar.Every.FORTNIGHT);
        for (int i = 1; i < fortnights.periods().size(); i++) {
            assertThat(fortnights.periods().get(i).first())
                    .isEqualTo(fortnights.periods().get(i - 1).last().plusDays(1));
        }
        assertThat(fortnights.periods())
                .filteredOn(segment -> segment.state() == RoadView.State.CLOSED)
                .hasSize(7)
                .allMatch(segment -> segment.runId() != null);
        assertThat(fortnights.periods())
                .filteredOn(segment -> segment.state() == RoadView.State.GATHERING)
                .singleElement()
                .satisfies(segment -> assertThat(segment.last()).isEqualTo("2027-04-25"));
        assertThat(fortnights.periods().get(fortnights.periods().size() - 1).state())
                .isEqualTo(RoadView.State.AHEAD);
    }

    @Test
    void theFirstGroupIsShownWhereNoneIsChosen() {
        assertThat(of(null).payGroup()).isEqualTo("Hourly staff");
        assertThat(of(2L).payGroup()).isEqualTo("Salaried staff");
    }

    @Test
    void marksSayWhatHappens() {
        assertThat(of(1L).marks())
                .contains(
                        new RoadView.Mark(LocalDate.of(2027, 5, 3), RoadView.Kind.HOLIDAY, "Early May holiday"),
                        new RoadView.Mark(LocalDate.of(2027, 5, 22), RoadView.Kind.PROTECTED, "Spring plant sale"),
                        new RoadView.Mark(
                                LocalDate.of(2027, 6, 7),
                                RoadView.Kind.PROTECTED,
                                "Renewal of the long lawn (Grounds)"),
                        new RoadView.Mark(
                                LocalDate.of(2027, 4, 30),
                                RoadView.Kind.PAY_DAY,
                                Words.span(new DateSpan(LocalDate.of(2027, 4, 12), LocalDate.of(2027, 4, 25)))
                                        + " is paid"),
                        new RoadView.Mark(LocalDate.of(2027, 1, 1), RoadView.Kind.POLICY, "Hourly leave changes"));
    }

    private RoadView of(Long payGroupId) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> road.of(payGroupId));
    }
}
