package gladtile.e2e;

import gladtile.server.testkit.TestDatabase;
import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Path;
import java.util.Map;

/** The packaged application as a process of its own, with the demo school in its database. */
final class DemoServer implements AutoCloseable {
    private final Process process;
    private final String address;

    private DemoServer(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    static DemoServer start(TestDatabase database) throws IOException {
        return start(database, database.url());
    }

    /** The program laid out in a folder, which starts in two thirds of the time; once for all tests of a run. */
    private static final class LaidOut {
        static final Path APP = make();

        private static Path make() {
            Path packed = Path.of(System.getenv("GLAD_APP"));
            Path folder = Path.of("target", "app-" + ProcessHandle.current().pid());
            try {
                Process process = new ProcessBuilder(
                                System.getProperty("java.home") + "/bin/java",
                                "-Djarmode=tools",
                                "-jar",
                                packed.toString(),
                                "extract",
                                "--destination",
                                folder.toString())
                        .inheritIO()
                        .start();
                if (process.waitFor() != 0) {
                    throw new IllegalStateException("the program could not be laid out in " + folder);
                }
            } catch (IOException | InterruptedException e) {
                throw new IllegalStateException("the program could not be laid out in " + folder, e);
            }
            return folder.resolve(packed.getFileName());
        }
    }

    /** @param url under which it finds the database */
    static DemoServer start(TestDatabase database, String url) throws IOException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        return start(database, url, port);
    }

    /** Where it was before, so that browsers find it again. */
    static DemoServer startAgain(TestDatabase database, String address) throws IOException {
        return start(database, database.url(), URI.create(address).getPort());
    }

    private static DemoServer start(TestDatabase database, String url, int port) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(
                System.getProperty("java.home") + "/bin/java",
                "-XX:+UseSerialGC",
                // It lives too short for the last stage of compiling to pay.
                "-XX:TieredStopAtLevel=1",
                "-jar",
                LaidOut.APP.toString(),
                "--server.port=" + port,
                "--glad.web=" + System.getenv("GLAD_WEB"),
                "--glad.demo=true");
        builder.environment()
                .putAll(Map.of(
                        "GLAD_DB_URL", url,
                        "GLAD_DB_USER", TestDatabase.Role.SERVE.user(),
                        "GLAD_DB_PASSWORD", TestDatabase.Role.SERVE.password(),
                        "SPRING_FLYWAY_USER", TestDatabase.Role.MIGRATE.user(),
                        "SPRING_FLYWAY_PASSWORD", TestDatabase.Role.MIGRATE.password()));
        Process process = builder.redirectErrorStream(true)
                .redirectOutput(new File("target/demo-server.log"))
                .start();
        String address = "http://127.0.0.1:" + port;
        Ready.wait(address, process);
        return new DemoServer(process, address);
    }

    String address() {
        return address;
    }

    /** As if the plug were pulled. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }
}
