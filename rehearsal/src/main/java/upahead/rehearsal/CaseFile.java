package upahead.rehearsal;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.facts.Facts;
import upahead.core.hours.WorkingDays;
import upahead.core.ledger.Account;
import upahead.core.policy.Policy;
import upahead.core.quantity.Amount;

/**
 * One worked example: an account, the dates it is asked for and perhaps what is expected there.
 *
 * @param name one line
 * @param account everything a balance is derived from
 * @param ask in the order in which the figures are printed
 * @param expect figures by their names, for some of the dates
 */
record CaseFile(String name, Account account, List<LocalDate> ask, List<Expected> expect) {

    /** Figures expected on a date. */
    record Expected(LocalDate asOf, Map<String, Amount> figures) {}

    /**
     * @throws InvalidCase if the file cannot be read or says something that is not allowed
     */
    static CaseFile read(Path file) {
        try {
            return read(JsonText.read(Files.readString(file)));
        } catch (NoSuchFileException missing) {
            throw new InvalidCase("", "there is no such file");
        } catch (CharacterCodingException notText) {
            throw new InvalidCase("", "is not a text in UTF-8");
        } catch (IOException unreadable) {
            throw new InvalidCase("", Files.isDirectory(file) ? "is a folder" : "cannot be read");
        }
    }

    /**
     * @throws InvalidCase if it says something that is not allowed
     */
    static CaseFile read(JsonNode tree) {
        return Fields.read("", tree, CaseFile::read);
    }

    private static CaseFile read(Fields fields) {
        String name = fields.requiredText("case");
        var employee = Fields.read("employee", fields.requiredNode("employee"), EmploymentReader::employee);
        LocalDate hired = employee.employment().hired();
        PayCalendar payCalendar = fields.object(
                        "payCalendar", calendar -> EmploymentReader.payCalendar(calendar, hired))
                .orElse(PayCalendar.standard(hired));
        HolidayCalendar holidays = HolidayCalendar.on(fields.dates("holidays"));
        Policy policy = PolicyReader.read("policy", fields.requiredNode("policy"));
        policy.changesInsidePeriods(payCalendar).stream().findFirst().ifPresent(day -> {
            throw new InvalidCase(
                    "policy",
                    "the version from " + day + " changes how or when is earned inside the pay period "
                            + payCalendar.periodOf(day) + "; that is possible only from the first day of one");
        });
        Facts facts = FactsReader.read(fields, new WorkingDays(employee.employment(), holidays), policy.unit());
        fields.requiredNode("ask");
        List<LocalDate> ask = fields.dates("ask");
        return new CaseFile(
                name,
                new Account(employee.employment(), employee.enrolment(), policy, payCalendar, holidays, facts),
                ask,
                expected(fields, ask));
    }

    private static List<Expected> expected(Fields fields, List<LocalDate> ask) {
        List<Expected> expected = new ArrayList<>();
        for (JsonNode node : fields.nodes("expect")) {
            String path = fields.path("expect") + "[" + expected.size() + "]";
            expected.add(Fields.read(path, node, each -> {
                LocalDate asOf = each.requiredDate("asOf");
                if (!ask.contains(asOf)) {
                    throw each.invalid("asOf", asOf + " is not among the dates asked for");
                }
                Map<String, Amount> figures = new TreeMap<>();
                Figures.NAMES.forEach(key -> each.amount(key).ifPresent(figure -> figures.put(key, figure)));
                return new Expected(asOf, figures);
            }));
        }
        return expected;
    }
}
