package upahead.server.invitations;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.PasswordChanged;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.secondstep.SecondStepChanged;
import upahead.server.platform.secondstep.SecondStepChanged.What;

/** Kerensa learns by mail that her password or second step was changed, whoever did it. */
@WithDemo
class TellingOfWaysInTest {

    private static final long KERENSA = 27;

    @Autowired
    private ApplicationEventPublisher news;

    @Autowired
    private SignIns signIns;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void eachChangeIsToldInAMail() {
        long signIn = signIns.idOfPerson(KERENSA).orElseThrow();
        int before = mails(KERENSA).size();
        news.publishEvent(new PasswordChanged(signIn));
        for (What what : What.values()) {
            news.publishEvent(new SecondStepChanged(signIn, what));
        }
        List<String> told = mails(KERENSA);
        assertThat(told).hasSize(before + 1 + What.values().length);
        assertThat(told.get(before))
                .matches("Up Ahead: your password was changed: The password of kerensa was changed, on 26 April 2027 at"
                        + " \\d\\d:\\d\\d\\. If it was not you, tell whoever keeps people's sign-ins here at once\\.");
        assertThat(told.subList(before + 1, told.size())).doesNotHaveDuplicates();
    }

    @Test
    void whoeverHasNoAddressOrIsNoEmployeeIsNotMailed() {
        sql.update("update person set email = null where id = ?", KERENSA);
        int before = sql.queryForObject("select count(*) from mail_message", Integer.class);
        news.publishEvent(new PasswordChanged(signIns.idOfPerson(KERENSA).orElseThrow()));
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            signIns.add("auditor", "walled-garden", Role.ADMINISTRATOR, "An auditor", null);
            return null;
        });
        news.publishEvent(new PasswordChanged(signIns.withoutPerson("auditor").orElseThrow()));
        assertThat(sql.queryForObject("select count(*) from mail_message", Integer.class))
                .isEqualTo(before);
    }

    private List<String> mails(long personId) {
        return sql.queryForList(
                "select subject || ': ' || body from mail_message where recipient_id = ? order by id",
                String.class,
                personId);
    }
}
