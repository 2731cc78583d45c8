package upahead.server.platform.backups;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupFolderTest {

    private static final LocalDateTime NIGHT = LocalDateTime.of(2027, 4, 26, 1, 30);

    @TempDir
    Path place;

    @Test
    void whatIsKeptSaysWhenItWasMadeAndWhetherItIsGood() throws IOException {
        BackupFolder folder = new BackupFolder(place.resolve("not/yet/there"));
        assertThat(folder.all()).isEmpty();
        Path unfinished = Files.writeString(folder.begin(), "everything");
        assertThat(folder.all()).as("before it is proved").isEmpty();
        folder.keep(unfinished, NIGHT, true, "44 of 44 balances proved");
        folder.keep(folder.begin(), NIGHT.plusDays(1), false, "is damaged");
        Files.writeString(folder.path().resolve("shopping.zip"), "not ours");
        assertThat(folder.all())
                .containsExactly(
                        new Backup(
                                "up-ahead-2027-04-27-013000-not-proved.zip", NIGHT.plusDays(1), 0, false, "is damaged"),
                        new Backup("up-ahead-2027-04-26-013000.zip", NIGHT, 10, true, "44 of 44 balances proved"));
        assertThat(folder.newestGood()).map(Backup::made).contains(NIGHT);
    }

    @Test
    void aClockThatIsSetBackOverwritesNothing() {
        BackupFolder folder = new BackupFolder(place);
        folder.keep(folder.begin(), NIGHT, true, "first");
        folder.keep(folder.begin(), NIGHT, true, "second");
        assertThat(folder.all()).extracting(Backup::report).containsExactly("second", "first");
    }

    @Test
    void aYearOfNightsLeavesAWeekOfDaysFiveWeeksAndTwelveMonths() {
        List<Backup> all = IntStream.range(0, 400)
                .mapToObj(night -> good(NIGHT.minusDays(night)))
                .toList();
        List<Backup> kept = Thinning.kept(all, NIGHT.plusHours(8));
        assertThat(kept).hasSizeBetween(20, 24).startsWith(all.subList(0, 7).toArray(Backup[]::new));
        assertThat(kept.get(kept.size() - 1).made()).isAfter(NIGHT.minusMonths(12));
        assertThat(kept.stream().filter(each -> each.made().isBefore(NIGHT.minusWeeks(6))))
                .as("the last night of each month")
                .allMatch(each -> each.made().plusDays(1).getDayOfMonth() == 1);
    }

    @Test
    void thinningEveryNightKeepsWhatThinningOnceKeeps() {
        List<Backup> nightly = List.of();
        for (int night = 400; night >= 0; night--) {
            LocalDateTime now = NIGHT.minusDays(night);
            List<Backup> before = nightly;
            nightly = Thinning.kept(
                    IntStream.rangeClosed(0, before.size())
                            .mapToObj(at -> at == 0 ? good(now) : before.get(at - 1))
                            .toList(),
                    now);
        }
        assertThat(nightly).hasSizeBetween(18, 24);
        assertThat(nightly.get(nightly.size() - 1).made()).isBefore(NIGHT.minusMonths(11));
    }

    @Test
    void theNewestGoodOneStaysHoweverOldItIs() {
        List<Backup> all = List.of(
                new Backup("d", NIGHT, 1, false, ""),
                new Backup("c", NIGHT.minusDays(1), 1, false, ""),
                new Backup("b", NIGHT.minusDays(2), 1, false, ""),
                new Backup("a", NIGHT.minusDays(3), 1, false, ""),
                good(NIGHT.minusYears(3)),
                good(NIGHT.minusYears(4)));
        assertThat(Thinning.kept(all, NIGHT)).containsExactly(all.get(0), all.get(1), all.get(2), all.get(4));
    }

    private static Backup good(LocalDateTime made) {
        return new Backup(made.toString(), made, 1, true, "");
    }
}
