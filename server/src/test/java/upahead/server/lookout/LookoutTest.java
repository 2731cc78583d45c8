package upahead.server.lookout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.access.CurrentUser;
import upahead.server.access.SignedIn;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;

@WithDemo
class LookoutTest {

    @Autowired
    private Lookout lookout;

    @Autowired
    private CurrentUser user;

    @Test
    void whatIsNowComesFirstAndWithinItTheSoonest() {
        List<LookoutItem> items = items(Somebody.ADMINISTRATOR);
        assertThat(items).extracting(LookoutItem::urgency).isSorted();
        assertThat(items)
                .filteredOn(item -> item.urgency() == Urgency.FURTHER_AHEAD)
                .extracting(LookoutItem::by)
                .isSorted();
        assertThat(items.get(0).what()).isEqualTo("Close the run of Hourly staff");
        assertThat(items.get(0).why()).isEqualTo("The period 12 April to 25 April is over; 36 blockers in the way.");
    }

    @Test
    void aRequestThatBlocksARunStandsOnce() {
        assertThat(items(Somebody.ADMINISTRATOR))
                .filteredOn(item -> "Osric Wrenfield waits for a decision on Hourly leave.".equals(item.what()))
                .hasSize(1);
    }

    @Test
    void whatIsAheadSaysAmountAndDay() {
        assertThat(items(Somebody.ADMINISTRATOR))
                .extracting(LookoutItem::why)
                .contains(
                        "4 days of Salaried leave can be used until 30 April and then lapse.",
                        "Hourly leave can be used from 29 April on; 9.87 hours by then.",
                        "From 30 April on Hourly leave is earned at 1.3 hours for every 23 hours worked.",
                        "The last day is 14 May; what is left is settled in that run.");
    }

    @Test
    void anApproverSeesOnlyTheRequestsOfThePeopleAssigned() {
        assertThat(items(Somebody.approver(4)))
                .hasSize(2)
                .allMatch(item -> item.kind() == Kind.REQUEST)
                .extracting(LookoutItem::person)
                .containsExactly("Osric Wrenfield", "Petrel Yaxley");
    }

    private List<LookoutItem> items(SignedIn who) {
        return user.actAs(who, lookout::items);
    }
}
