package upahead.browser;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.InvalidKeyException;
import java.time.Instant;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Who may sign in, and requests that need more than one signature. */
class SignInsInPracticeTest extends OnTheDemo {

    @Test
    void somebodyIsInvitedSetsAPasswordSignsInAndIsSwitchedOff() {
        administrator();
        browser.go("/people/30");
        browser.sees("[data-sign-in]", "Cannot sign in yet.");
        browser.click("Invite by mail");
        browser.sees("[data-sign-in]", "invited, no password yet");
        String mail = program.mailTo("nuala@brindlemoor.example");
        String link = mail.substring(mail.indexOf("/#/set-password/")).strip();
        browser.forgetSession();
        browser.go(link.substring(2));
        browser.reload();
        browser.sees("You sign in as");
        browser.type("[name=password]", "rain on glass");
        browser.type("[name=again]", "rain on brass");
        browser.click("Set it and sign in");
        browser.sees("The two passwords differ.");
        browser.type("[name=password]", "short");
        browser.type("[name=again]", "short");
        browser.click("Set it and sign in");
        browser.sees("A password needs at least 12 characters.");
        browser.type("[name=password]", "rain on glass");
        browser.type("[name=again]", "rain on glass");
        browser.click("Set it and sign in");
        browser.sees("Ask for time off");
        try (Browser other = new Browser(program.address())) {
            other.go(link.substring(2));
            other.sees("This link");
            other.signInAndEnter("teodric", PASSWORD);
            other.go("/people/30");
            other.click("Switch off");
            other.sees("Switched off, at once.");
        }
        browser.reload();
        browser.sees("Sign in");
        browser.signIn("nuala@brindlemoor.example", "rain on glass");
        browser.sees("[role=alert]", "");
    }

    @Test
    void anApproverNeedsASecondStepSetsItUpAndIsAskedForIt() {
        administrator();
        browser.go("/ways-in");
        browser.clickOn("[name=second-step-APPROVER]");
        browser.click("Keep this");
        browser.sees("It holds from the next sign-in on.");

        browser.forgetSession();
        browser.reload();
        browser.signIn("corvin", PASSWORD);
        browser.sees("a password alone is not enough");
        browser.type("[name=step-password]", PASSWORD);
        browser.click("Begin");
        String secret = browser.text("[data-secret]");
        browser.type("[name=step-code]", "000000");
        browser.click("Set it up");
        browser.sees("This code is not right");
        browser.type("[name=step-code]", codeOf(secret));
        browser.click("Set it up");
        String onPaper = browser.text("[data-codes-on-paper] li");
        browser.click("I have them");
        browser.sees("Lookout");

        browser.forgetSession();
        browser.reload();
        browser.signIn("corvin", PASSWORD);
        browser.sees("Now the code from your app");
        browser.type("[name=code]", onPaper);
        browser.click("Sign in");
        browser.sees("Lookout");

        administrator();
        browser.go("/people/4");
        browser.sees("[data-sign-in]", "with a second step");
        browser.click("End the second step");
        browser.sees("Ended. The password alone lets them in again.");
        browser.go("/ways-in");
        browser.clickOn("[name=second-step-APPROVER]");
        browser.click("Keep this");
        browser.sees("It holds from the next sign-in on.");
    }

    /** What an app on a telephone shows. */
    private static String codeOf(String secret) {
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        byte[] key = new Base32().decode(secret.replace(" ", ""));
        try {
            return codes.generateOneTimePasswordString(new SecretKeySpec(key, codes.getAlgorithm()), Instant.now());
        } catch (InvalidKeyException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    @Test
    void aBackupIsMadeAndProvedWhileThePageWaits() {
        administrator();
        browser.go("/running");
        browser.sees("There is no backup yet.");
        browser.click("Back up now");
        browser.sees("Filling an empty place");
        browser.sees("[data-backup=good]", "good");
        browser.click("What was said");
        browser.sees("balances proved");
    }

    @Test
    void aRequestWithADocumentAndAnAnswerIsSignedTwice(@TempDir Path folder) throws IOException {
        administrator();
        browser.go("/policies/3");
        browser.click("Name and request rules");
        browser.type("[name=document-from-days]", "2");
        browser.click("+ a question of your own");
        browser.type("[aria-label='Question 1']", "Who stands in for you?");
        browser.choose("[aria-label='Sign-off path']", "on a path of its own");
        browser.choose("[aria-label='Sign-off 1']", "by their approver");
        browser.click("+ another sign-off after these");
        browser.choose("[aria-label='Sign-off 2']", "by any administrator");
        browser.click("Keep these");
        browser.sees("Kept. Requests from now on follow it.");

        browser.signInAndEnter("kerensa", PASSWORD);
        browser.click("Sick time");
        for (String day : new String[] {"2027-05-10", "2027-05-11"}) {
            browser.clickOn("[data-day='" + day + "']");
        }
        browser.sees("[data-problems]", "document");
        browser.sees("[data-problems]", "Who stands in for you?");
        browser.upload("[aria-label=Document]", Files.writeString(folder.resolve("letter.txt"), "only text"));
        browser.sees("PDF");
        browser.upload("[aria-label=Document]", Files.writeString(folder.resolve("letter.pdf"), "%PDF-1.4\n%%EOF\n"));
        browser.sees("letter.pdf");
        browser.type("[name=answer-0]", "Leofric");
        browser.waitUntilGone("[data-problems]");
        browser.click("Send request");
        browser.sees("Sent. You will see here, and by mail, when it is decided.");

        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.clickOnRow("Kerensa Saltonstall");
        browser.sees("Who stands in for you? Leofric");
        browser.sees("letter.pdf");
        browser.sees("[data-sign-offs]", "not yet");
        browser.click("Approve");
        browser.sees("Kerensa Saltonstall");

        administrator();
        browser.go("/requests");
        browser.clickOnRow("Kerensa Saltonstall");
        browser.sees("[data-sign-offs]", "Corvin Harnquist, 26 Apr 2027");
        browser.click("Approve");
        browser.sees("Approved: Kerensa Saltonstall, Sick time.");
    }

    @Test
    void theGeneralPathIsChangedForEveryPolicyWithoutItsOwn() {
        administrator();
        browser.go("/policies");
        browser.click("Sign-offs in general");
        browser.click("+ another sign-off after these");
        browser.choose("[aria-label='Sign-off 2']", "by a named person");
        browser.click("Keep these");
        browser.sees("[role=dialog]", "Please say for each sign-off who gives it.");
        browser.choose("[aria-label='Sign-off 2']", "by any approver");
        browser.click("Keep these");
        browser.waitUntilGone("[role=dialog]");
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.click("Hourly leave");
        browser.clickOn("[data-day='2027-05-20']");
        browser.sees("[data-cost]", "8 hours");
        browser.click("Send request");
        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.clickOnRow("Thu 20 May");
        browser.sees("[data-sign-offs]", "any approver, not yet");
        browser.click("Approve");
        browser.waitUntilGone("[data-sign-offs]");
        browser.choose("[aria-label='Which requests']", "All");
        browser.clickOnRow("Thu 20 May");
        browser.sees("[data-sign-offs]", "Corvin Harnquist, 26 Apr 2027");
    }
}
