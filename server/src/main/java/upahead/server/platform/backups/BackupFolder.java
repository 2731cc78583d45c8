package upahead.server.platform.backups;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * The backups of a company as files whose names say when they were made and whether they are good. The folder alone is
 * what there is to know: it outlasts the data it was made of.
 */
public final class BackupFolder {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss");
    private static final Pattern NAME = Pattern.compile("up-ahead-(\\d{4}-\\d\\d-\\d\\d-\\d{6})(-not-proved)?\\.zip");
    private static final String UNFINISHED = ".unfinished";

    private final Path folder;

    /**
     * @param folder need not exist yet
     */
    public BackupFolder(Path folder) {
        this.folder = folder;
    }

    public Path path() {
        return folder;
    }

    /** Where a backup lies. */
    public Path file(Backup backup) {
        return folder.resolve(backup.name());
    }

    /** All there are, the newest first. */
    public List<Backup> all() {
        return newestFirst().map(this::read).toList();
    }

    /** The newest there is; the reports of the others are not read. */
    public Optional<Backup> newest() {
        return newestFirst().findFirst().map(this::read);
    }

    private Stream<Matcher> newestFirst() {
        return files().stream()
                .map(file -> NAME.matcher(file.getFileName().toString()))
                .filter(Matcher::matches)
                .sorted(Comparator.comparing((Matcher name) -> name.group(1)).reversed());
    }

    private Backup read(Matcher name) {
        Path file = folder.resolve(name.group());
        return new Backup(
                name.group(),
                LocalDateTime.parse(name.group(1), TIME),
                file.toFile().length(),
                name.group(2) == null,
                report(file));
    }

    /** The newest that was proved. */
    public Optional<Backup> newestGood() {
        return all().stream().filter(Backup::good).findFirst();
    }

    /**
     * A place for the next backup, under a name that says that it is not finished.
     *
     * @throws UncheckedIOException if the folder cannot be written to
     */
    public Path begin() {
        try {
            Files.createDirectories(folder);
            return Files.createTempFile(folder, "up-ahead-", UNFINISHED);
        } catch (IOException refused) {
            throw new UncheckedIOException("the folder " + folder + " cannot be written to", refused);
        }
    }

    /**
     * An empty folder beside them in which one can be proved; whoever asks for it deletes it.
     *
     * @throws UncheckedIOException if the folder cannot be written to
     */
    public Path placeToProve() {
        try {
            return Files.createDirectory(folder.resolve("proving-" + UUID.randomUUID() + UNFINISHED));
        } catch (IOException refused) {
            throw new UncheckedIOException("the folder " + folder + " cannot be written to", refused);
        }
    }

    /**
     * Keeps a finished backup.
     *
     * @param good whether it was proved
     * @param report what the proof said
     * @throws UncheckedIOException if the folder cannot be written to
     */
    public Backup keep(Path unfinished, LocalDateTime made, boolean good, String report) {
        try {
            reachesTheDisk(unfinished);
            LocalDateTime free = made.truncatedTo(ChronoUnit.SECONDS);
            while (Stream.of(name(free, true), name(free, false))
                    .anyMatch(name -> Files.exists(folder.resolve(name)))) {
                free = free.plusSeconds(1);
            }
            Path kept = folder.resolve(name(free, good));
            // like the backup itself only for whoever runs the program: names and balances may stand in it
            Files.move(Files.writeString(begin(), report), reportOf(kept), StandardCopyOption.ATOMIC_MOVE);
            Files.move(unfinished, kept, StandardCopyOption.ATOMIC_MOVE);
            return new Backup(kept.getFileName().toString(), free, Files.size(kept), good, report);
        } catch (IOException refused) {
            throw new UncheckedIOException("the folder " + folder + " cannot be written to", refused);
        }
    }

    /** Deletes those that are old enough, and what was left unfinished a day ago or longer. */
    public void thin(LocalDateTime now) {
        List<Backup> all = all();
        List<Backup> kept = Thinning.kept(all, now);
        all.stream().filter(each -> !kept.contains(each)).map(this::file).forEach(old -> {
            old.toFile().delete();
            reportOf(old).toFile().delete();
        });
        long dayAgo = System.currentTimeMillis() - Duration.ofDays(1).toMillis();
        files().stream()
                .filter(file -> file.toString().endsWith(UNFINISHED))
                .map(Path::toFile)
                .filter(file -> file.lastModified() < dayAgo)
                .forEach(FileSystemUtils::deleteRecursively);
    }

    private static String name(LocalDateTime made, boolean good) {
        return "up-ahead-" + TIME.format(made) + (good ? "" : "-not-proved") + ".zip";
    }

    private static Path reportOf(Path backup) {
        return backup.resolveSibling(backup.getFileName().toString().replaceAll("\\.zip$", ".txt"));
    }

    private static String report(Path backup) {
        try {
            return Files.readString(reportOf(backup)).strip();
        } catch (IOException lost) {
            return "";
        }
    }

    private List<Path> files() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the folder " + folder + " cannot be read", unreadable);
        }
    }

    private static void reachesTheDisk(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }
}
