package evencistern.e2e;

import evencistern.testkit.Api;
import evencistern.testkit.PostgresSession;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The real jar in a process of its own, on a free port. */
final class Cistern implements AutoCloseable {
    private static final int PATIENCE_SECONDS = 180;
    private static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();

    private final Process process;
    private final String address;

    private Cistern(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /** The database of the test run, shared by the tests that do not stop it. */
    static PostgresSession.Database shared() {
        return PostgresSession.Database.given();
    }

    /** As {@code ./run} starts it: unpacked, which takes little more than half the time of a packed one. */
    private static final Path UNPACKED = unpack();

    private static Path unpack() {
        Path target = PostgresSession.root().resolve("server/target");
        try (Stream<Path> built = Files.list(target)) {
            Path packed = built.filter(p -> p.getFileName().toString().matches("server-.*\\.jar"))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("the server's jar is not built"));
            Path into = Files.createTempDirectory(target, "unpacked");
            PostgresSession.run(
                    JAVA,
                    "-Djarmode=tools",
                    "-jar",
                    packed.toString(),
                    "extract",
                    "--force",
                    "--destination",
                    into.toString());
            return into.resolve(packed.getFileName());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static Path jar() {
        return UNPACKED;
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Starts it on that day with the demo garden and waits until it answers. */
    static Cistern start(PostgresSession.Database database, String today) {
        return start(database, today, true, freePort());
    }

    /** The same without a garden, as after {@code ./run --empty}. */
    static Cistern startEmpty(PostgresSession.Database database, String today) {
        return startEmpty(database, today, freePort());
    }

    /** The same at a port of one's own, to come back to. */
    static Cistern startEmpty(PostgresSession.Database database, String today, int port) {
        return start(database, today, false, port);
    }

    private static Cistern start(PostgresSession.Database database, String today, boolean demo, int port) {
        ProcessBuilder builder = new ProcessBuilder(
                JAVA, "-Xmx256m", "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1", "-jar", jar().toString());
        var env = builder.environment();
        env.put("SPRING_DATASOURCE_URL", database.url());
        env.put("SPRING_DATASOURCE_USERNAME", database.user());
        env.put("SPRING_DATASOURCE_PASSWORD", database.password());
        env.put("SPRING_FLYWAY_USER", database.owner());
        env.put("SPRING_FLYWAY_PASSWORD", database.ownerPassword());
        env.put("EVEN_CISTERN_PORT", Integer.toString(port));
        env.put("EVEN_CISTERN_TODAY", today);
        env.put("EVEN_CISTERN_DEMO", Boolean.toString(demo));
        builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
        try {
            Cistern cistern = new Cistern(builder.start(), "http://127.0.0.1:" + port);
            await(cistern.address, cistern.process);
            return cistern;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Waits until the application at an address answers that it is ready, its demo garden laid, as long as what starts it is alive. */
    static void await(String address, Process starting) {
        for (int i = 0; i < PATIENCE_SECONDS * 4 && starting.isAlive(); i++) {
            try {
                if (new Api(address).get("/actuator/health/readiness").status() == 200) {
                    return;
                }
            } catch (IllegalStateException notYet) {
                // connection refused until it listens
            }
            pause(250);
        }
        throw new IllegalStateException("no answer at " + address);
    }

    static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    String address() {
        return address;
    }

    Api api() {
        return new Api(address);
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly().waitFor(10, TimeUnit.SECONDS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
