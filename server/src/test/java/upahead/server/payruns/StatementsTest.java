package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.words.Words;

/** Statements of the demo's closed runs, read back from their PDF. */
@WithDemo
class StatementsTest {

    private static final long KERENSA = 27;

    @Autowired
    private PayRuns runs;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MockMvc http;

    @Test
    void aStatementHasEachBalanceAndWhatIsPaid() throws Exception {
        PayRun run = newestClosed();
        WorksheetRow row = user.actAs(
                        Somebody.ADMINISTRATOR,
                        () -> runs.rows(run.id(), new WorksheetQuery("Kerensa", null, "Hourly leave", null, null)))
                .get(0);
        String text = text(one(Somebody.ADMINISTRATOR, run.id()));
        assertThat(text)
                .contains(
                        "Kerensa Saltonstall",
                        "B127, Grounds, Hourly staff",
                        "Statement for " + Words.span(run.period()),
                        "Paid on " + Words.fullDay(run.paysOn()))
                .contains("Hourly leave", Words.figure(row.opening()), Words.figure(row.closing()))
                .contains("regular hours", "REG", "Available", "What lapses next");
    }

    @Test
    void anEmployeeSeesTheOwnOnesAndNoOthers() throws Exception {
        PayRun run = newestClosed();
        SignedIn kerensa = Somebody.employee(KERENSA);
        assertThat(text(one(kerensa, run.id()))).contains("Kerensa Saltonstall");
        http.perform(get("/api/people/" + KERENSA + "/statements").with(Somebody.as(kerensa)))
                .andExpect(status().isOk());
        http.perform(get("/api/people/28/statements/" + run.id()).with(Somebody.as(kerensa)))
                .andExpect(status().isForbidden());
        http.perform(get("/api/pay-runs/" + run.id() + "/statements").with(Somebody.as(kerensa)))
                .andExpect(status().isForbidden());
    }

    @Test
    void theArchiveHoldsOneForEverybody() throws Exception {
        PayRun run = newestClosed();
        byte[] archive = http.perform(
                        get("/api/pay-runs/" + run.id() + "/statements").with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isOk())
                .andExpect(header().string(
                                "Content-Disposition", "attachment; filename=\"statements-" + run.id() + ".zip\""))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        List<String> names = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                assertThat(text(zip.readAllBytes())).contains("Balances");
            }
        }
        assertThat(names)
                .hasSizeGreaterThan(30)
                .doesNotHaveDuplicates()
                .contains("statement-B127-" + run.lastDay() + ".pdf");
    }

    @Test
    void anOpenRunHasNone() throws Exception {
        long open =
                user.actAs(Somebody.ADMINISTRATOR, () -> runs.ofGroup(1)).get(0).id();
        http.perform(get("/api/people/" + KERENSA + "/statements/" + open).with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isConflict());
    }

    private PayRun newestClosed() {
        return user.actAs(Somebody.ADMINISTRATOR, () -> runs.ofGroup(1)).stream()
                .filter(PayRun::isClosed)
                .findFirst()
                .orElseThrow();
    }

    private byte[] one(SignedIn reader, long runId) throws Exception {
        return http.perform(
                        get("/api/people/" + KERENSA + "/statements/" + runId).with(Somebody.as(reader)))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Type", "application/pdf"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private static String text(byte[] pdf) throws IOException {
        return new PdfTextExtractor(new PdfReader(pdf)).getTextFromPage(1);
    }
}
