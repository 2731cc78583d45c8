package upahead.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import upahead.core.quantity.Amount;

/** What the program and the computation consist of, whether they lie in folders or in jars. */
final class Contents {

    /** What is made of the classes when they are packed says nothing that they do not. */
    private static final Pattern DERIVED = Pattern.compile(
            ".*(\\$\\$SpringCGLIB\\$\\$|__(ApplicationContextInitializer|Autowiring|BeanDefinitions|BeanFactoryRegistrations)).*");

    private Contents() {}

    /** A word that changes with any class, migration or setting. */
    static String ofTheProgram() {
        CRC32 sum = new CRC32();
        for (Class<?> part : List.of(UpAhead.class, Amount.class)) {
            add(placeOf(part), sum);
        }
        return Long.toHexString(sum.getValue());
    }

    private static void add(Path place, CRC32 sum) {
        if (Files.isDirectory(place)) {
            addFolder(place, sum);
            return;
        }
        try (FileSystem jar = FileSystems.newFileSystem(place)) {
            addFolder(jar.getPath("/"), sum);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static void addFolder(Path folder, CRC32 sum) {
        for (String part : List.of("upahead", "db", "application.yaml")) {
            Path root = folder.resolve(part);
            if (!Files.exists(root)) {
                continue;
            }
            try (Stream<Path> files = Files.walk(root)) {
                for (Path file : files.filter(Files::isRegularFile)
                        .filter(file -> !DERIVED.matcher(file.toString()).matches())
                        .sorted()
                        .toList()) {
                    sum.update(folder.relativize(file).toString().getBytes());
                    sum.update(Files.readAllBytes(file));
                }
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
    }

    private static Path placeOf(Class<?> part) {
        try {
            URI place = part.getProtectionDomain().getCodeSource().getLocation().toURI();
            return Path.of(place);
        } catch (URISyntaxException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
