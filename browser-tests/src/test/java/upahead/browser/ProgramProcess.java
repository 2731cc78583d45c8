package upahead.browser;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The program in a process of its own, which can be killed, with an administrator who talks to it without a browser. */
final class ProgramProcess {

    private final Process process;
    private final Administrator administrator;

    private ProgramProcess(Process process, String address) {
        this.process = process;
        this.administrator = new Administrator(address);
    }

    /** Starts the program such that it leaves an archive of its classes at its end. */
    static ProgramProcess startArchiving(Path folder, Path archive) throws Exception {
        return start(folder, "-XX:ArchiveClassesAtExit=" + archive);
    }

    /** Starts the program and waits until it answers, then signs the administrator in. */
    static ProgramProcess start(Path folder) throws Exception {
        return start(folder, archived());
    }

    /** The same with options. */
    static ProgramProcess startWith(Path folder, String... options) throws Exception {
        return start(folder, archived(), options);
    }

    /** Starts it on a database of a server instead of the folder's file. */
    static ProgramProcess startOn(String database, Path folder) throws Exception {
        return start(folder, archived(), "--spring.datasource.url=" + database);
    }

    private static ProgramProcess start(Path folder, String archive, String... options) throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        ProgramProcess program = new ProgramProcess(
                run(
                        folder,
                        Stream.concat(Stream.of(archive, "--server.port=" + port), Stream.of(options))
                                .toArray(String[]::new)),
                "http://localhost:" + port);
        program.waitUntilItAnswers(folder);
        program.administrator.signIn();
        return program;
    }

    /** Proves all balances of a folder that no program has open; what the command says, which fails unless all is well. */
    static String verify(Path folder, String... options) throws Exception {
        int status = run(
                        folder,
                        Stream.concat(
                                        Stream.of(
                                                archived(),
                                                "--upahead.verify=true",
                                                "--upahead.in-background=false",
                                                "--server.port=0"),
                                        Stream.of(options))
                                .toArray(String[]::new))
                .waitFor();
        if (status != 0) {
            throw new IllegalStateException("the proof fails with status " + status + said(folder));
        }
        return said(folder);
    }

    /** Ends the process as a power cut would: nothing in it has a word in that. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** The same, without waiting for the end. */
    void killNow() {
        process.destroyForcibly();
    }

    /** Asks it to stop, as the system does when the machine is shut down. */
    void askToStop() {
        process.destroy();
    }

    /** Waits for its end. */
    void awaitEnd() throws InterruptedException {
        if (!process.waitFor(Patience.LONGEST.toSeconds(), TimeUnit.SECONDS)) {
            throw new IllegalStateException("the program does not stop");
        }
    }

    /** What it answers to a question. */
    String get(String path) throws IOException, InterruptedException {
        return administrator.get(path);
    }

    /** What it answers to something said in JSON; anything but a yes is an exception. */
    String post(String path, String json) throws IOException, InterruptedException {
        return administrator.post(path, json);
    }

    /** The same for what takes another's place. */
    String put(String path, String json) throws IOException, InterruptedException {
        return administrator.put(path, json);
    }

    /** What it answers to a file. */
    String postFile(String path, String text) throws IOException, InterruptedException {
        return administrator.postFile(path, text);
    }

    String address() {
        return administrator.address();
    }

    private void waitUntilItAnswers(Path folder) throws Exception {
        Instant end = Instant.now().plus(Patience.LONGEST);
        while (true) {
            try {
                get("/api/session");
                return;
            } catch (IOException notYet) {
                if (!process.isAlive() || Instant.now().isAfter(end)) {
                    throw new IllegalStateException("the program does not start" + said(folder), notYet);
                }
                process.waitFor(20, TimeUnit.MILLISECONDS);
            }
        }
    }

    private static Process run(Path folder, String... options) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                options[0],
                "-cp",
                ClassArchive.jars(),
                "upahead.server.UpAhead",
                "--spring.profiles.active=demo",
                "--upahead.warm-start=false",
                "--upahead.data=" + folder));
        command.addAll(List.of(options).subList(1, options.length));
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("said.txt").toFile())
                .start();
    }

    private static String said(Path folder) throws IOException {
        return "\n" + Files.readString(folder.resolve("said.txt"));
    }

    private static String archived() throws Exception {
        return "-XX:SharedArchiveFile=" + ClassArchive.made();
    }
}
