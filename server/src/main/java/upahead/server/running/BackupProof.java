package upahead.server.running;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;
import upahead.server.UpAhead;

/**
 * Proves a backup the way it will be restored: a program of its own, on an empty folder, takes it in and derives every
 * balance that was posted. What that one needs of memory is not missing here.
 */
@Component
class BackupProof {

    private static final long LONGEST_HOURS = 2;
    private static final String IN_ONE_FILE = "org.springframework.boot.loader.launch.JarLauncher";

    private volatile Process running;

    /**
     * What became of a backup.
     *
     * @param good whether it could be read and nothing in it is unexplained
     * @param report what the proof said
     */
    record Outcome(boolean good, String report) {}

    /**
     * Proves a backup.
     *
     * @param place an empty folder, deleted afterwards
     * @throws UncheckedIOException if no other program can be started
     */
    Outcome of(Path backup, Path place) {
        try {
            Path complaints = Files.createFile(place.resolve("complaints"));
            ProcessBuilder program = new ProcessBuilder(command(backup, place)).redirectError(complaints.toFile());
            program.environment()
                    .keySet()
                    .removeIf(name -> name.startsWith("SPRING_")
                            || name.startsWith("UPAHEAD_")
                            || name.startsWith("SERVER_")
                            || name.startsWith("MANAGEMENT_"));
            running = program.start();
            running.getOutputStream().close();
            String said = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            boolean good = running.waitFor(LONGEST_HOURS, TimeUnit.HOURS) && running.exitValue() == 0;
            return new Outcome(good, good ? said : (said + "\n" + Files.readString(complaints)).strip());
        } catch (IOException failed) {
            throw new UncheckedIOException("the backup cannot be proved", failed);
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
            return new Outcome(false, "The program ended before this was proved.");
        } finally {
            end();
            FileSystemUtils.deleteRecursively(place.toFile());
        }
    }

    /** Nobody waits for a proof when this program ends. */
    @PreDestroy
    void end() {
        Process proof = running;
        if (proof != null) {
            proof.destroy();
        }
    }

    private static List<String> command(Path backup, Path place) {
        boolean oneFile = String.valueOf(BackupProof.class.getResource("BackupProof.class"))
                .startsWith("jar:nested:");
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(List.of("-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1"));
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(argument -> argument.startsWith("-XX:SharedArchiveFile"))
                .forEach(command::add);
        command.addAll(List.of("-cp", System.getProperty("java.class.path")));
        command.add(oneFile ? IN_ONE_FILE : UpAhead.class.getName());
        command.addAll(List.of(
                "--spring.datasource.url=jdbc:h2:" + place.resolve("up-ahead"),
                "--upahead.data=" + place,
                "--upahead.from=" + backup,
                "--upahead.verify=true",
                "--upahead.in-background=false",
                "--upahead.warm-start=false",
                "--server.address=127.0.0.1",
                "--server.port=0",
                "--logging.level.root=error"));
        return command;
    }
}
