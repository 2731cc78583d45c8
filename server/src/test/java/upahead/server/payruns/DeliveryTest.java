package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.payruns.delivery.Courier;
import upahead.server.payruns.delivery.Deliveries;
import upahead.server.payruns.delivery.HandOverFiles;
import upahead.server.payruns.delivery.Layout;
import upahead.server.payruns.delivery.LayoutField;
import upahead.server.payruns.delivery.Layouts;
import upahead.server.payruns.delivery.RefusedRow;
import upahead.server.payruns.delivery.RunDelivery;
import upahead.server.payruns.inbox.Behaviour;
import upahead.server.payruns.inbox.Inbox;
import upahead.server.payruns.inbox.InboxRow;

/** Rows on their way to payroll: taken once each, whatever happens to messages and answers. */
@WithSmallCompanies
class DeliveryTest {

    @Autowired
    private SmallCompany company;

    @Autowired
    private Deliveries deliveries;

    @Autowired
    private Courier courier;

    @Autowired
    private Inbox inbox;

    @Autowired
    private Layouts layouts;

    @Autowired
    private HandOverFiles files;

    @Autowired
    private RunClosing closing;

    @BeforeEach
    void found() {
        company.found();
        behave(Behaviour.ANSWERS);
        company.work("regular,40", "overtime,2");
        company.close(company.newest());
    }

    @Test
    void aCloseIsDeliveredOnce() {
        deliver();
        assertThat(taken()).containsExactly("OVT 2", "REG 40");
        assertThat(delivery().toDeliver()).isFalse();
        assertThatThrownBy(this::deliver).hasMessageStartingWith("This was delivered already, by Ada Payroll.");
        assertThat(taken()).hasSize(2);
    }

    @Test
    void whatIsNotClosedIsNotDelivered() {
        assertThatThrownBy(() -> company.act(() -> {
                    deliveries.deliver(company.newest().id());
                    return null;
                }))
                .hasMessage("This run is not closed; there is nothing to deliver yet.");
    }

    @Test
    void aLostAnswerIsAskedForAgainAndNothingIsTakenTwice() {
        behave(Behaviour.LOSES_ANSWERS);
        deliver();
        courier.come();
        assertThat(taken()).hasSize(2);
        assertThat(delivery().deliveries()).singleElement().satisfies(each -> {
            assertThat(each.tries()).isEqualTo(2);
            assertThat(each.failure()).isEqualTo("The connection to payroll broke before it answered.");
            assertThat(each.answeredAt()).isNull();
        });
        assertThat(company.act(deliveries::unanswered)).isNotEmpty();
        behave(Behaviour.ANSWERS);
        courier.come();
        assertThat(delivery().deliveries().get(0).answeredAt()).isNotNull();
        assertThat(taken()).containsExactly("OVT 2", "REG 40");
    }

    @Test
    void nonsenseIsNoAnswer() {
        behave(Behaviour.TALKS_NONSENSE);
        deliver();
        assertThat(delivery().deliveries().get(0).failure()).isEqualTo("Payroll’s answer cannot be read.");
    }

    @Test
    void aRefusedRowIsDeliveredAgainUnderPayrollsOwnCode() {
        behave(Behaviour.ANSWERS, "OVT");
        deliver();
        RefusedRow refused = delivery().refused().get(0);
        assertThat(refused.reason()).isEqualTo("there is no code OVT");
        assertThat(company.act(deliveries::open)).containsEntry(closed().id(), 1);
        changeLayout(layout -> with(layout, "OVT", "1200"));
        company.act(() -> {
            deliveries.deliverAgain(closed().id(), List.of(refused.lineId()));
            return null;
        });
        courier.come();
        assertThat(taken()).containsExactly("1200 2", "REG 40");
        assertThat(delivery().refused().get(0).settled().note()).isEqualTo("taken when it was delivered again");
    }

    @Test
    void aRefusedRowIsSettledByHandWithANote() {
        behave(Behaviour.ANSWERS, "OVT");
        deliver();
        long line = delivery().refused().get(0).lineId();
        assertThatThrownBy(() -> settle(line, " ")).hasMessage("Please say how it was settled.");
        settle(line, "typed in by hand");
        assertThat(company.act(deliveries::open)).doesNotContainKey(closed().id());
        assertThatThrownBy(() -> settle(line, "again")).hasMessageContaining("settled or on its way already");
    }

    @Test
    void anUndoneCloseIsTakenBackButForWhatWasNeverTaken() {
        behave(Behaviour.ANSWERS, "OVT");
        deliver();
        behave(Behaviour.ANSWERS);
        company.act(() -> closing.undo(closed().id(), "too early"));
        courier.come();
        assertThat(taken()).containsExactly("REG -40", "REG 40");
        assertThat(delivery().refused()).allMatch(row -> row.settled() != null);
        company.close(closed());
        deliver();
        assertThat(taken()).containsExactly("OVT 2", "REG -40", "REG 40", "REG 40");
    }

    /** Whatever happens on the way, each row is there once in the end, and a close that was undone leaves nothing. */
    @RepeatedTest(12)
    void everyRowArrivesOnceAtAnyInterruption(RepetitionInfo round) {
        Random chance = new Random(round.getCurrentRepetition());
        boolean undone = false;
        behave(anyhow(chance), chance.nextBoolean() ? new String[] {"OVT"} : new String[] {});
        deliver();
        for (int step = 0; step < 5; step++) {
            behave(anyhow(chance), chance.nextBoolean() ? new String[] {"OVT"} : new String[] {});
            if (!undone && chance.nextInt(3) == 0) {
                company.act(() -> closing.undo(closed().id(), "too early"));
                undone = true;
            } else {
                courier.come();
            }
        }
        behave(Behaviour.ANSWERS);
        courier.come();
        List<Long> refused = delivery().refused().stream()
                .filter(row -> row.settled() == null)
                .map(RefusedRow::lineId)
                .toList();
        if (!refused.isEmpty()) {
            company.act(() -> {
                deliveries.deliverAgain(closed().id(), refused);
                return null;
            });
            courier.come();
        }
        List<String> rows = taken();
        if (undone) {
            assertThat(rows.stream().filter(row -> row.contains("-")).map(row -> row.replace("-", "")))
                    .containsExactlyElementsOf(
                            rows.stream().filter(row -> !row.contains("-")).toList());
        } else {
            assertThat(rows).containsExactly("OVT 2", "REG 40");
        }
    }

    @Test
    void theFileIsWrittenInTheLayoutOfThePayGroup() {
        changeLayout(layout -> new Layout(
                Layout.Separator.SEMICOLON,
                Layout.DecimalMark.COMMA,
                Layout.DatesAs.DAY_FIRST_WITH_POINTS,
                Layout.Encoding.WINDOWS_1252,
                true,
                List.of(
                        new Layout.Column(LayoutField.PERSON, "Personalnummer"),
                        new Layout.Column(LayoutField.CODE, "Lohnart"),
                        new Layout.Column(LayoutField.AMOUNT, "Stunden für"),
                        new Layout.Column(LayoutField.TO, "bis")),
                Map.of("REG", "1000")));
        byte[] file = company.act(() -> files.csv(closed().id(), null, false)).content();
        assertThat(new String(file, Charset.forName("windows-1252")).lines())
                .containsExactly(
                        "Personalnummer;Lohnart;Stunden für;bis",
                        company.code() + ";OVT;2;07.03.2027",
                        company.code() + ";1000;40;07.03.2027");
        assertThat(company.act(() -> files.document(closed().id(), null, false)).lines())
                .extracting(HandOverFiles.DocumentLine::code)
                .containsExactly("OVT", "1000");
    }

    @Test
    void aLayoutThatCannotBeReadBackIsRefused() {
        assertThatThrownBy(() -> changeLayout(layout -> new Layout(
                        Layout.Separator.COMMA,
                        Layout.DecimalMark.COMMA,
                        layout.dates(),
                        layout.encoding(),
                        true,
                        layout.columns(),
                        layout.codes())))
                .hasMessage("A comma cannot stand both between the cells and in the amounts.");
        assertThatThrownBy(() -> company.act(() -> {
                    layouts.change(company.groupId(), 3, Layout.standard());
                    return null;
                }))
                .hasMessageStartingWith("Somebody else has changed this layout meanwhile");
    }

    private static Behaviour anyhow(Random chance) {
        return Behaviour.values()[chance.nextInt(Behaviour.values().length)];
    }

    private static Layout with(Layout layout, String ours, String theirs) {
        return new Layout(
                layout.separator(),
                layout.decimalMark(),
                layout.dates(),
                layout.encoding(),
                layout.headings(),
                layout.columns(),
                Map.of(ours, theirs));
    }

    private void changeLayout(UnaryOperator<Layout> change) {
        company.act(() -> {
            layouts.change(company.groupId(), 0, change.apply(Layout.standard()));
            return null;
        });
    }

    private void behave(Behaviour behaviour, String... unknownCodes) {
        company.act(() -> {
            inbox.behave(behaviour, Arrays.asList(unknownCodes));
            return null;
        });
    }

    private void deliver() {
        company.act(() -> {
            deliveries.deliver(closed().id());
            return null;
        });
        courier.come();
    }

    private void settle(long line, String note) {
        company.act(() -> {
            deliveries.settle(closed().id(), List.of(line), note);
            return null;
        });
    }

    private PayRun closed() {
        return company.runs().get(1);
    }

    private RunDelivery delivery() {
        return company.act(() -> deliveries.of(closed().id()));
    }

    /** Code and amount of each row of this company that payroll has taken, sorted. */
    private List<String> taken() {
        Stream<InboxRow> rows = company.act(() -> inbox.rows(company.code(), 0, 200)).items().stream();
        return rows.map(row -> row.code() + " " + row.amount()).sorted().toList();
    }
}
