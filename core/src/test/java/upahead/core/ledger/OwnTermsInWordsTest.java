package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** What a policy means for one person. */
class OwnTermsInWordsTest {

    @Test
    void tenureIsWorkedInAndTheNextStepIsDated() {
        Account account = Sample.monthly("5")
                .hired("2024-06-01")
                .tenure(2, "6")
                .tenure(4, "8")
                .account();
        assertThat(OwnTermsInWords.of(account, LocalDate.of(2027, 4, 26)))
                .contains("6 hours each month (from 2 years of service on).")
                .anyMatch(
                        sentence -> sentence.startsWith("From 1 Jun 2028 on, with 4 years of service, it is 8 hours"));
    }

    @Test
    void aWaitIsSaidWithItsDayAndNoMoreWhenItIsOver() {
        Account account = Sample.monthly("5").hired("2027-04-01").waitToUse(90).account();
        assertThat(OwnTermsInWords.of(account, LocalDate.of(2027, 4, 26)))
                .contains("It can be used from 30 Jun 2027 on.");
        assertThat(OwnTermsInWords.of(account, LocalDate.of(2027, 7, 26)))
                .noneMatch(sentence -> sentence.startsWith("It can be used from"));
    }

    @Test
    void whereNoVersionIsInForceNothingIsSaid() {
        Account account = Sample.monthly("5").hired("2027-04-01").account();
        assertThat(OwnTermsInWords.of(account, LocalDate.of(1999, 1, 1))).isEmpty();
    }
}
