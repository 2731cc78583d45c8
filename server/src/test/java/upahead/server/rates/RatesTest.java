package upahead.server.rates;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.problems.Refusal;
import upahead.server.rates.RateImport.Otherwise;
import upahead.server.rates.RateImport.RatePreview;

/** Kerensa, person 27 and B127, is paid by the hour and got a raise on 1 April. */
@WithDemo
class RatesTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final long KERENSA = 27;
    private static final Otherwise HOURLY_FROM_MAY = new Otherwise(LocalDate.of(2027, 5, 1), PayRate.Per.HOUR);

    @Autowired
    private PayRates rates;

    @Autowired
    private RateImport imports;

    @Autowired
    private CurrentUser user;

    @Test
    void theRateOfADayIsTheLatestNotAfterIt() {
        RateRow today = on(TODAY);
        RateRow march = on(LocalDate.of(2027, 3, 31));
        assertThat(today.amount().minus(march.amount())).isEqualTo(Amount.of("0.6"));
        assertThat(today.from()).isEqualTo(LocalDate.of(2027, 4, 1));
    }

    @Test
    void aRateIsSetReplacedAndRemoved() {
        LocalDate may = LocalDate.of(2027, 5, 1);
        set(may, "18.5");
        set(may, "19");
        assertThat(on(may).amount()).isEqualTo(Amount.of(19));
        as(() -> {
            rates.remove(KERENSA, may);
            return null;
        });
        assertThat(on(may).from()).isEqualTo(LocalDate.of(2027, 4, 1));
        assertThatThrownBy(() -> as(() -> {
                    rates.remove(KERENSA, may);
                    return null;
                }))
                .hasMessageContaining("pay rate");
    }

    private void set(LocalDate from, String amount) {
        as(() -> {
            rates.set(new PersonRate(0, KERENSA, from, Amount.of(amount), PayRate.Per.HOUR));
            return null;
        });
    }

    @Test
    void anUntidyFileIsReadAndItsFaultsAreNamed() {
        String text =
                """
                Personalnummer;Gehalt;je;ab
                B127;17,85;Stunde;01.06.2027
                Kerensa Saltonstall;18,10;;15.06.2027
                B127;17,85;Stunde;01.06.2027
                Niemand Sonst;12;Stunde;01.06.2027
                B130;viel;Stunde;01.06.2027
                B130;-3;Woche;01.06.2027
                """;
        byte[] content = text.getBytes(Charset.forName("windows-1252"));
        RatePreview preview = as(() -> imports.preview(content, FileColumns.Reading.BY_ITSELF, HOURLY_FROM_MAY));
        assertThat(preview.rows()).isEqualTo(2);
        assertThat(preview.faults())
                .extracting(fault -> fault.line() + ": " + fault.reason())
                .containsExactly(
                        "4: a rate of the same person from the same day stands in the file twice",
                        "5: nobody here has the code, address or name “Niemand Sonst”",
                        "6: “viel” is no number",
                        "7: a rate is at least 0 and at most a thousand million, not -3;"
                                + " “woche” is no stretch of time; write hour, day, month or year");
        assertThatThrownBy(() -> take(content, Set.of()))
                .isInstanceOf(Refusal.class)
                .hasMessageStartingWith("Nothing was taken: line 4");
        assertThat(on(LocalDate.of(2027, 6, 20)).from()).isEqualTo(LocalDate.of(2027, 4, 1));
        take(content, Set.of(4L, 5L, 6L, 7L));
        assertThat(on(LocalDate.of(2027, 6, 1)).amount()).isEqualTo(Amount.of("17.85"));
        assertThat(on(LocalDate.of(2027, 6, 20)).amount()).isEqualTo(Amount.of("18.1"));
    }

    @Test
    void aFileTakenOutComesInAgain() {
        byte[] written =
                as(() -> RateRow.COLUMNS.csv("rates", rates.on(TODAY)).content().getBytes(StandardCharsets.UTF_8));
        RatePreview preview = as(() -> imports.preview(written, FileColumns.Reading.BY_ITSELF, HOURLY_FROM_MAY));
        List<RateRow> without = as(() -> rates.on(TODAY)).stream()
                .filter(row -> row.amount() == null)
                .toList();
        assertThat(without).isNotEmpty();
        assertThat(preview.faults()).hasSameSizeAs(without);
    }

    @Test
    void nobodyElseSeesThem() {
        for (var somebody : List.of(Somebody.employee(KERENSA), Somebody.approver(4))) {
            assertThatThrownBy(() -> user.actAs(somebody, () -> rates.on(TODAY)))
                    .isInstanceOf(AccessDeniedException.class);
            assertThatThrownBy(() -> user.actAs(somebody, () -> rates.ofPerson(KERENSA)))
                    .isInstanceOf(AccessDeniedException.class);
        }
    }

    private void take(byte[] content, Set<Long> skip) {
        as(() -> imports.take(content, FileColumns.Reading.BY_ITSELF, HOURLY_FROM_MAY, "rates.csv", skip));
    }

    private RateRow on(LocalDate day) {
        return as(() -> rates.on(day)).stream()
                .filter(row -> row.personId() == KERENSA)
                .findFirst()
                .orElseThrow();
    }

    private <T> T as(Supplier<T> doing) {
        return user.actAs(Somebody.ADMINISTRATOR, doing);
    }
}
