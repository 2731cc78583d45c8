package upahead.server.lookout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;

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
        assertThat(items.get(0).what()).isEqualTo("Payroll has refused 1 row");
        assertThat(items.get(0).why())
                .isEqualTo("Of the run 1 April to 15 April. Not paid until delivered again or settled by hand.");
        assertThat(items.get(1).what()).isEqualTo("Close the run of Hourly staff");
        assertThat(items.get(1).why()).isEqualTo("The period 12 April to 25 April is over; 33 blockers in the way.");
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
                        "Salaried leave: 4 days will lapse unless used by 30 April.",
                        "Hourly leave: the wait before use ends, with 9.87 hours by then.",
                        "Hourly leave: 4 years of service: from then on 1.3 hours for every 23 hours worked.",
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
        return user.actAs(who, lookout::look).rows();
    }
}
