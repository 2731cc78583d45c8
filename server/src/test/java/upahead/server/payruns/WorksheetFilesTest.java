package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

/** The worksheet, row by row and as files. */
@WithDemo
class WorksheetFilesTest {

    private static final long OPEN_RUN = 15;

    @Autowired
    private PayRuns runs;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MockMvc http;

    @Test
    void everyRowAddsUp() {
        assertThat(rows()).isNotEmpty().allSatisfy(row -> assertThat(row.opening()
                        .plus(row.earned())
                        .minus(row.used())
                        .plus(row.adjusted())
                        .minus(row.lapsed())
                        .minus(row.paidOut())
                        .plus(row.corrections()))
                .isEqualTo(row.closing()));
    }

    @Test
    void theFileHasTheRowsAndColumnsOfTheScreen() throws Exception {
        List<String> lines = file("csv", "Hourly leave")
                .getContentAsString(StandardCharsets.UTF_8)
                .substring(1)
                .lines()
                .toList();
        assertThat(lines.get(0))
                .isEqualTo("code,person,team,policy,unit,opening,earned,used,adjusted,lapsed,paid out,corrections,"
                        + "closing,withheld,hours,cautions,accepted");
        WorksheetRow first = rows().stream()
                .filter(row -> row.policy().equals("Hourly leave"))
                .findFirst()
                .orElseThrow();
        assertThat(lines.get(1))
                .startsWith(first.code() + "," + first.person() + "," + first.team() + ",Hourly leave,hours,"
                        + first.opening() + "," + first.earned());
        assertThat(lines.subList(1, lines.size())).allMatch(line -> line.contains("Hourly leave"));
    }

    @Test
    void inTheWorkbookAmountsAreNumbers() throws Exception {
        byte[] bytes = file("xlsx", "").getContentAsByteArray();
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(bytes))) {
            List<Row> lines = workbook.getFirstSheet().read();
            assertThat(lines).hasSize(rows().size() + 1);
            assertThat(lines.get(0).getCellText(5)).isEqualTo("opening");
            assertThat(new Amount(lines.get(1).getCellAsNumber(5).orElseThrow()))
                    .isEqualTo(rows().get(0).opening());
        }
    }

    @Test
    void anEmployeeGetsNone() throws Exception {
        http.perform(get("/api/pay-runs/" + OPEN_RUN + "/worksheet.csv").with(Somebody.as(Somebody.employee(27))))
                .andExpect(status().isForbidden());
    }

    private MockHttpServletResponse file(String kind, String search) throws Exception {
        return http.perform(get("/api/pay-runs/" + OPEN_RUN + "/worksheet." + kind)
                        .param("search", search)
                        .with(Somebody.as(Somebody.ADMINISTRATOR)))
                .andExpect(status().isOk())
                .andExpect(header().string(
                                "Content-Disposition",
                                "attachment; filename=\"worksheet-2027-04-12-to-2027-04-25." + kind + "\""))
                .andReturn()
                .getResponse();
    }

    private List<WorksheetRow> rows() {
        return user.actAs(Somebody.ADMINISTRATOR, () -> runs.rows(OPEN_RUN, WorksheetQuery.everything()));
    }
}
