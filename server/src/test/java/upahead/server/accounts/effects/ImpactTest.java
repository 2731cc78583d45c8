package upahead.server.accounts.effects;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.effects.ImpactView.ImpactRow;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.written.WrittenTerms;

/** The draft of salaried leave, policy 2, for the next year: 24 days instead of 23, and 6 carried over instead of 5. */
@WithDemo
class ImpactTest {

    private static final long SALARIED_LEAVE = 2;
    private static final LocalDate NEXT_YEAR = LocalDate.of(2028, 1, 1);

    @Autowired
    private Impact impact;

    @Autowired
    private Policies policies;

    @Autowired
    private CurrentUser user;

    @Test
    void comparesBothSetsOfRulesForEverybodyEnrolled() {
        ImpactView view = of(Coverage.people(List.of()), 0, 500);
        assertThat(view.people()).isEqualTo(26);
        assertThat(view.days()).containsExactly(NEXT_YEAR, LocalDate.of(2028, 12, 31), LocalDate.of(2029, 1, 1));
        assertThat(view.rows()).hasSize(26).allSatisfy(row -> {
            assertThat(row.enrolled()).isTrue();
            assertThat(row.after().get(0).minus(row.before().get(0))).isBetween(Amount.ONE, Amount.of(2));
        });
    }

    @Test
    void whoeverIsNewlyEnrolledHadNothingBefore() {
        ImpactRow kerensa = of(Coverage.people(List.of(27L)), 0, 500).rows().stream()
                .filter(row -> row.personId() == 27)
                .findFirst()
                .orElseThrow();
        assertThat(kerensa.enrolled()).isFalse();
        assertThat(kerensa.before()).containsOnly(Amount.ZERO);
        assertThat(kerensa.after().get(0)).isGreaterThan(Amount.ZERO);
    }

    @Test
    void goesThroughManyPeoplePartByPart() {
        assertThat(of(Coverage.people(List.of()), 1, 20).rows()).hasSize(6);
        assertThat(of(Coverage.people(List.of()), 2, 20).rows()).isEmpty();
    }

    private ImpactView of(Coverage coverage, int page, int size) {
        WrittenTerms draft = policies.get(SALARIED_LEAVE).versions().stream()
                .filter(version -> version.starts() == null)
                .findFirst()
                .orElseThrow()
                .terms();
        return user.actAs(
                Somebody.ADMINISTRATOR, () -> impact.of(SALARIED_LEAVE, draft, NEXT_YEAR, coverage, page, size));
    }
}
