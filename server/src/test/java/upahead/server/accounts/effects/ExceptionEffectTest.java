package upahead.server.accounts.effects;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.test.context.transaction.TestTransaction;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.effects.ExceptionEffect.DayEffect;
import upahead.server.enrolment.Exceptions;
import upahead.server.enrolment.OwnFigures;
import upahead.server.platform.access.CurrentUser;

/** What an exception of Kerensa would do, looked at on the demo day. */
@WithDemo
class ExceptionEffectTest {

    private static final long KERENSA = 27;
    private static final long HOURLY_LEAVE = 1;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private ExceptionEffect effect;

    @Autowired
    private Exceptions exceptions;

    @Autowired
    private CurrentUser user;

    @Test
    void moreEarnedIsSeenOnEachDayAndNothingIsKept() {
        List<DayEffect> effects = of(figures(Amount.of(3), null));
        assertThat(effects).extracting(DayEffect::on).startsWith(TODAY).hasSize(3);
        assertThat(effects.get(2).after().isMoreThan(effects.get(2).before())).isTrue();
        TestTransaction.end();
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> exceptions.of(List.of(KERENSA))))
                .isEmpty();
    }

    @Test
    void whatTouchesNoBalanceChangesNothing() {
        assertThat(of(figures(null, Amount.of(5))))
                .allMatch(each -> each.before().equals(each.after()));
    }

    @Test
    void onlyAnAdministratorLooks() {
        assertThatThrownBy(() -> user.actAs(
                        Somebody.employee(KERENSA),
                        () -> effect.of(KERENSA, HOURLY_LEAVE, TODAY, null, figures(Amount.of(3), null))))
                .isInstanceOf(AccessDeniedException.class);
    }

    private List<DayEffect> of(OwnFigures figures) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> effect.of(KERENSA, HOURLY_LEAVE, TODAY, null, figures));
    }

    private static OwnFigures figures(Amount earns, Amount overdraw) {
        return new OwnFigures(
                earns, overdraw == null ? null : Limits.NONE.with(Limit.OVERDRAW, overdraw), null, null, null);
    }
}
