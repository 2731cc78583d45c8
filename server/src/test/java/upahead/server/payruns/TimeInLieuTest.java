package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.payruns.TimeInLieu.Taking;
import upahead.server.payruns.delivery.HandOverFiles;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.server.requests.EnteredLeave;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** Extra hours that become time in lieu inside a run instead of being paid. */
@WithSmallCompanies
class TimeInLieuTest {

    private static final LocalDate MONDAY = SmallCompany.MONDAY;

    @Autowired
    private SmallCompany company;

    @Autowired
    private TimeInLieu lieu;

    @Autowired
    private RunClosing closing;

    @Autowired
    private HandOverFiles handOver;

    @Autowired
    private Proof proof;

    @Autowired
    private EnteredLeave entered;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private PuttingInForce inForce;

    @Autowired
    private CardTyping cards;

    @Autowired
    private MovableClock clock;

    private long policy;

    @BeforeEach
    void found() {
        company.found();
        policy = company.act(() -> {
            PolicyDetail written = texts.write(new NewPolicy(
                    "Lieu " + company.code(),
                    PolicyKind.TIME_IN_LIEU,
                    Unit.HOURS,
                    true,
                    "TIL",
                    "01-01",
                    new RequestRules(false, false, 0, false).withLieuRate(Amount.of("1.5")),
                    TermsWriter.noEarning().write()));
            inForce.putInForce(
                    written.id(),
                    written.versions().get(0).id(),
                    0,
                    MONDAY,
                    Coverage.people(List.of(company.personId())),
                    "test");
            return written.id();
        });
    }

    @Test
    void hoursThatBecomeTimeAreNotPaidAndEarnedInTheSameRun() {
        company.work("regular,40", "overtime,3");
        put("overtime", "2");
        PayRun run = company.newest();
        assertThat(row(run).adjusted()).isEqualTo(Amount.of(3));
        assertThat(row(run).lines().get(0).why()).contains("2 overtime hours, 1.5 for 1");
        company.close(run);
        assertThat(lines(run.id()))
                .containsExactly(
                        "OVT,overtime hours,1,hours,2027-03-01,2027-03-07,period",
                        "REG,regular hours,40,hours,2027-03-01,2027-03-07,period");
        assertThat(company.act(proof::prove).differences()).isEmpty();
    }

    @Test
    void whatIsTakenBackIsPaid() {
        company.work("regular,40", "overtime,3");
        put("overtime", "2");
        PayRun run = company.newest();
        company.act(() -> {
            lieu.takeBack(run.id(), extra().credits().get(0).id());
            return null;
        });
        assertThat(extra().left()).isEqualTo(Amount.of(3));
        assertThat(row(run).adjusted()).isEqualTo(Amount.ZERO);
        company.close(run);
        assertThat(lines(run.id())).anyMatch(line -> line.startsWith("OVT,overtime hours,3,"));
    }

    @Test
    void noMoreThanIsThereIsTaken() {
        company.work("regular,40", "overtime,3");
        put("overtime", "2");
        assertThatThrownBy(() -> put("overtime", "1.5"))
                .hasMessage("Only One has 1 overtime hours left in this run, not 1.5.");
        assertThatThrownBy(() -> put("overtime", "0")).hasMessage("Please give more than 0 hours for Only One.");
        assertThatThrownBy(() -> put("regular", "1"))
                .hasMessage("Only One has 0 regular hours left in this run, not 1.");
    }

    @Test
    void hoursThatAreCorrectedBelowWhatBecameTimeBlockTheRun() {
        company.work("regular,40", "overtime,3");
        put("overtime", "3");
        type(MONDAY, "10h 3h overtime", "10h 1h overtime");
        assertThatThrownBy(() -> company.close(company.newest()))
                .hasMessageContaining("3 overtime hours became time in lieu, but only 1 are recorded");
    }

    @Test
    void aClosedRunKeepsItsHours() {
        company.work("regular,40", "overtime,3");
        PayRun run = company.newest();
        company.close(run);
        assertThatThrownBy(() -> company.act(() -> {
                    lieu.put(run.id(), List.of(new Taking(company.personId(), "overtime", policy, Amount.ONE)));
                    return null;
                }))
                .hasMessage("This run is closed; its hours were handed over. Adjust the balance instead.");
    }

    @Test
    void anUndoneRunMayPayTheHoursAfterAll() {
        company.work("regular,40", "overtime,3");
        put("overtime", "3");
        PayRun run = company.newest();
        company.close(run);
        company.act(() -> closing.undo(run.id(), "they want the money"));
        company.act(() -> {
            lieu.takeBack(run.id(), extra().credits().get(0).id());
            return null;
        });
        company.close(run);
        assertThat(lines(run.id())).anyMatch(line -> line.startsWith("OVT,overtime hours,3,"));
        clock.moveTo(MONDAY.plusWeeks(2));
        company.takeSecondWeek();
        company.close(company.newest());
        assertThat(company.act(proof::prove).differences()).isEmpty();
    }

    @Test
    void timeEarnedInOneRunIsUsedInTheNext() {
        company.work("regular,40", "overtime,2");
        put("overtime", "2");
        company.close(company.newest());
        LocalDate nextMonday = MONDAY.plusWeeks(1);
        company.act(() -> entered.enter(
                new RequestDraft(
                        company.personId(),
                        policy,
                        List.of(new AskedDay(nextMonday, Part.HOURS, Amount.of("2.5"))),
                        "late start"),
                ""));
        clock.moveTo(MONDAY.plusWeeks(2));
        type(nextMonday, "", "5.5h");
        PayRun next = company.newest();
        company.close(next);
        assertThat(row(next).opening()).isEqualTo(Amount.of(3));
        assertThat(row(next).used()).isEqualTo(Amount.of("2.5"));
        assertThat(row(next).closing()).isEqualTo(Amount.of("0.5"));
        assertThat(lines(next.id()))
                .containsExactly(
                        "REG,regular hours,5.5,hours,2027-03-08,2027-03-14,period",
                        "TIL,Lieu " + company.code() + " taken,2.5,hours,2027-03-08,2027-03-14,period");
        assertThat(company.act(proof::prove).differences()).isEmpty();
    }

    private void type(LocalDate on, String seen, String line) {
        company.act(() -> {
            cards.change(company.personId(), List.of(new TypedLine(on, seen, line)), "");
            return null;
        });
    }

    private void put(String kind, String hours) {
        company.act(() -> {
            lieu.put(company.newest().id(), List.of(new Taking(company.personId(), kind, policy, Amount.of(hours))));
            return null;
        });
    }

    private ExtraHours extra() {
        List<PayRun> all = company.runs();
        return company.act(() -> lieu.of(all.get(all.size() - 1).id())).get(0);
    }

    private WorksheetRow row(PayRun run) {
        return company.rows(run).stream()
                .filter(row -> row.policyId() == policy)
                .findFirst()
                .orElseThrow();
    }

    /** The rows of a file, without the person's code and name. */
    private List<String> lines(long runId) {
        return PayrollFile.rows(company.act(() -> handOver.csv(runId, null, false))).stream()
                .map(line -> line.split(",", 2)[1])
                .toList();
    }
}
