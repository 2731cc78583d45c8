package upahead.server.platform.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Placing;
import upahead.server.employment.Workplaces;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.holidays.Holidays;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyTexts;
import upahead.server.requests.Asking;
import upahead.server.requests.RequestDetail;
import upahead.server.requests.Requests;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** Every change leaves a record of who did it, and of what was there before and after. */
@WithDemo
class AuditTest {

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private CurrentUser user;

    @Autowired
    private Adjustments adjustments;

    @Autowired
    private Holidays holidays;

    @Autowired
    private People people;

    @Autowired
    private Workplaces workplaces;

    @Autowired
    private Policies policies;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private Requests requests;

    @Autowired
    private Asking asking;

    private long last;

    @BeforeEach
    void rememberWhereTheTrailEnds() {
        last = sql.queryForObject("select max(id) from audit_record", Long.class);
    }

    @Test
    void factsTypedByAnAdministrator() {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            adjustments.adjust(30, 1, new Adjustment(LocalDate.of(2027, 4, 26), Amount.of(3), "found again"));
            holidays.add(1, LocalDate.of(2027, 9, 6), new Holiday("Harvest", false));
            holidays.protect(LocalDate.of(2027, 9, 1), LocalDate.of(2027, 9, 2), "Stocktaking", null);
            Person person = people.get(16);
            workplaces.place(
                    16,
                    LocalDate.of(2027, 4, 26),
                    new Placing(person.siteId(), person.teamId(), person.employmentType(), person.payGroupId(), 4L));
            return null;
        });
        assertThat(added()).hasSize(4).allMatch(row -> row.get("ACTOR").equals("Ada Payroll"));
        assertThat(added().get(0).get("AFTER_CHANGE").toString()).contains("found again");
        assertThat(added().get(3)).satisfies(row -> {
            assertThat(row.get("BEFORE_CHANGE").toString()).contains("\"approverId\":7");
            assertThat(row.get("AFTER_CHANGE").toString()).contains("\"approverId\":4");
        });
    }

    @Test
    void aDraftBeforeAndAfterItsChange() {
        PolicyDetail policy = policies.get(2);
        var draft = policy.versions().get(policy.versions().size() - 1);
        user.actAs(
                Somebody.ADMINISTRATOR,
                () -> texts.change(
                        2, draft.id(), draft.edits(), policy.versions().get(0).terms(), List.of()));
        assertThat(added()).singleElement().satisfies(row -> {
            assertThat(row.get("BEFORE_CHANGE").toString()).contains("\"amount\":\"24\"");
            assertThat(row.get("AFTER_CHANGE").toString()).contains("\"amount\":\"23\"");
        });
    }

    @Test
    void aRequestFromSendingToWithdrawal() {
        RequestDraft draft =
                new RequestDraft(27, 1, List.of(new AskedDay(LocalDate.of(2027, 5, 5), Part.WHOLE, null)), "");
        user.actAs(Somebody.employee(27), () -> {
            RequestDetail sent = asking.send(draft);
            return asking.withdraw(sent.request().id(), sent.request().edits());
        });
        assertThat(added()).extracting(row -> row.get("WHAT")).containsExactly("sent a request", "withdrew a request");
        assertThat(added().get(1).get("BEFORE_CHANGE").toString()).contains("WAITING");
        assertThat(added().get(1).get("AFTER_CHANGE").toString()).contains("WITHDRAWN");
    }

    private List<Map<String, Object>> added() {
        return sql.queryForList("select * from audit_record where id > ? order by id", last);
    }
}
