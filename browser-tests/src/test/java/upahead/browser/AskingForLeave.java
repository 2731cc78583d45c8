package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.openqa.selenium.support.ui.FluentWait;

/** Leave is asked for, a little on each day, and mail tells the approver, into the folder of the simulated post. */
final class AskingForLeave implements Doing {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final DateTimeFormatter IN_MAIL = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);
    private static final String PERSON = "27";
    private static final Set<DayOfWeek> WORKED = EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.WEDNESDAY, DayOfWeek.THURSDAY);

    private final Path mails;
    private final Set<LocalDate> answered = new TreeSet<>();
    private LocalDate day = LocalDate.of(2027, 7, 1);

    AskingForLeave(Path folder) {
        this.mails = folder.resolve("mail");
    }

    @Override
    public void begin(ProgramProcess program) {
        day = next(day);
    }

    @Override
    public void doIt(ProgramProcess program) throws Exception {
        program.post(
                "/api/requests",
                """
                {"personId": %s, "policyId": 1, "note": "", "answers": [], "documents": [],
                 "days": [{"on": "%s", "part": "HOURS", "hours": "0.1"}]}
                """
                        .formatted(PERSON, day));
        answered.add(day);
        day = next(day);
    }

    private static LocalDate next(LocalDate day) {
        LocalDate next = day.plusDays(1);
        return WORKED.contains(next.getDayOfWeek()) ? next : next(next);
    }

    @Override
    public void isThere(ProgramProcess later) throws Exception {
        Set<LocalDate> asked = new HashSet<>();
        for (JsonNode request : JSON.readTree(later.get("/api/people/" + PERSON + "/requests"))) {
            asked.add(LocalDate.parse(request.path("first").asText()));
        }
        assertThat(asked).containsAll(answered);
        new FluentWait<>(answered)
                .withTimeout(Patience.LONGEST)
                .withMessage(() -> "mail about " + untold())
                .until(all -> untold().isEmpty());
    }

    private Set<LocalDate> untold() {
        Set<LocalDate> untold = new TreeSet<>(answered);
        for (String mail : written()) {
            untold.removeIf(each -> mail.contains(" " + IN_MAIL.format(each)));
        }
        return untold;
    }

    private List<String> written() {
        if (!Files.exists(mails)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(mails)) {
            return files.filter(each -> each.toString().endsWith(".txt"))
                    .map(AskingForLeave::read)
                    .toList();
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static String read(Path mail) {
        try {
            return Files.readString(mail);
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }
}
