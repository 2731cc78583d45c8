package upahead.browser;

import java.io.File;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;
import upahead.server.DemoData;

/** The classes of the program as Java keeps them for short starts: made once for all tests, until a jar changes. */
final class ClassArchive {

    private static final Path KEPT = Path.of("target", "class-archives").toAbsolutePath();

    private ClassArchive() {}

    /** Where it is; making it takes a start of the program. */
    static Path made() throws Exception {
        Files.createDirectories(KEPT);
        Path archive = KEPT.resolve(Integer.toHexString(stateOfJars()) + ".jsa");
        try (FileChannel channel =
                        FileChannel.open(KEPT.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock alone = channel.lock()) {
            if (!Files.exists(archive)) {
                make(archive);
            }
        }
        return archive;
    }

    private static void make(Path archive) throws Exception {
        Path folder = Files.createTempDirectory(KEPT, "making");
        DemoData.copyTo(folder);
        Path made = folder.resolve("classes.jsa");
        ProgramProcess program = ProgramProcess.startArchiving(folder, made);
        program.askToStop();
        program.awaitEnd();
        Files.move(made, archive);
        FileSystemUtils.deleteRecursively(folder);
    }

    /** What the program consists of: an archive of classes allows no folders beside the jars. */
    static String jars() {
        return Stream.of(System.getProperty("java.class.path").split(File.pathSeparator))
                .filter(each -> each.endsWith(".jar"))
                .collect(Collectors.joining(File.pathSeparator));
    }

    /** Java takes no archive of jars that were written since. */
    private static int stateOfJars() throws IOException {
        int state = 0;
        for (String jar : jars().split(File.pathSeparator)) {
            Path file = Path.of(jar);
            state = Objects.hash(state, jar, Files.size(file), Files.getLastModifiedTime(file));
        }
        return state;
    }
}
