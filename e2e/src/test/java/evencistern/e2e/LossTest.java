package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import evencistern.testkit.Api;
import evencistern.testkit.PostgresSession;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The database goes away in mid-save, the start command is stopped or killed: nothing recorded or typed is lost. */
class LossTest {
    private Path dir;

    @BeforeEach
    void folder() {
        dir = PostgresSession.newFolder();
    }

    @AfterEach
    void cleanUp() {
        PostgresSession.stop(dir.resolve("pg"), true);
        PostgresSession.stop(dir, true);
    }

    @Test
    void theDatabaseStopsInMidSaveAndRetrySavesOnce() {
        Path pg = dir.resolve("pg");
        PostgresSession.Database database = PostgresSession.start(pg);
        try (Cistern cistern = Cistern.start(database, "2026-05-14");
                Browsers.Opened opened = Browsers.desk(cistern.address())) {
            JsonNode garden = cistern.api().freshGarden();
            Page page = opened.page();
            page.navigate("/g/" + garden.path("id").asString() + "/bench");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add the first lot"))
                    .click();
            AtTheDesk.choose(page, "Plant", "cape primrose");
            page.getByLabel("Pot width", new Page.GetByLabelOptions().setExact(true))
                    .fill("13");
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Typed before the stop");
            PostgresSession.stop(pg, false);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add this lot"))
                    .click();
            assertThat(page.getByText("The database is not responding").first()).isVisible();
            // the answer beside the form says so too: what is waited for is that of the save
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Retry")))
                    .isVisible();
            assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("Typed before the stop");
            assertThat(PostgresSession.start(pg))
                    .as("comes back at its address")
                    .isEqualTo(database);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Retry"))
                    .click();
            assertThat(page.getByText("Typed before the stop: saved.").first()).isVisible();
            JsonNode lots = cistern.api()
                    .get("/api/gardens/" + garden.path("id").asString() + "/lots")
                    .ok();
            assertThat(lots.path("counts").path("all").asInt()).isEqualTo(1);
        }
    }

    // --- the start command itself ---

    private Process run(int port) throws IOException {
        return run(dir, port);
    }

    private Process run(Path data, int port, String... options) throws IOException {
        List<String> command =
                new ArrayList<>(List.of(PostgresSession.root().resolve("run").toString()));
        command.addAll(List.of(options));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment()
                .putAll(Map.of(
                        "EVEN_CISTERN_JAR",
                        Cistern.jar().toString(),
                        "EVEN_CISTERN_DATA",
                        data.toString(),
                        "EVEN_CISTERN_PORT",
                        Integer.toString(port),
                        "EVEN_CISTERN_TODAY",
                        "2026-05-14",
                        // what runs for seconds only is not worth the second compiler: it takes half of a start's work
                        "JDK_JAVA_OPTIONS",
                        "-XX:TieredStopAtLevel=1"));
        builder.redirectErrorStream(true)
                .redirectOutput(dir.resolve("run.log").toFile())
                .redirectInput(new java.io.File("/dev/null"));
        return builder.start();
    }

    /** Runs it and waits until it answers; what it printed is told where it does not. */
    private Process started(int port) throws IOException {
        Process process = run(port);
        try {
            Cistern.await(address(port), process);
        } catch (IllegalStateException e) {
            throw new IllegalStateException(Files.readString(dir.resolve("run.log")), e);
        }
        return process;
    }

    private static String address(int port) {
        return "http://127.0.0.1:" + port;
    }

    private static Map<String, Object> everythingDue(String address) {
        Api api = new Api(address);
        List<Map<String, String>> items = api.get(garden(api) + "/today")
                .ok()
                .path("groups")
                .valueStream()
                .flatMap(g -> g.path("due").valueStream())
                .map(d -> Map.of(
                        "lotId", d.path("lot").path("id").asString(),
                        "item", d.path("item").asString()))
                .toList();
        return Map.of("clientKey", "key-of-the-test", "items", items);
    }

    private static JsonNode tick(String address, Map<String, Object> tick) {
        Api api = new Api(address);
        return api.post(garden(api) + "/ticks", tick).ok();
    }

    private static String garden(Api api) {
        return "/api/gardens/" + api.get("/api/gardens").ok().get(0).path("id").asString();
    }

    private static JsonNode lots(String address) {
        Api api = new Api(address);
        return api.get(garden(api) + "/lots").ok();
    }

    @Test
    void stoppedOrKilledTheGardenIsAsItWasLeft() throws Exception {
        int port = Cistern.freePort();
        Process first = started(port);
        Map<String, Object> work = everythingDue(address(port));
        JsonNode done = tick(address(port), work);
        JsonNode left = lots(address(port));
        first.destroy();
        assertThat(first.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(Files.readString(dir.resolve("run.log"))).contains("Stopped.");
        assertThat(Files.exists(dir.resolve("pg/data/postmaster.pid")))
                .as("database stopped")
                .isFalse();

        Process second = started(port);
        assertThat(lots(address(port))).isEqualTo(left);
        second.descendants().forEach(ProcessHandle::destroyForcibly);
        second.destroyForcibly();
        long postmaster = Long.parseLong(
                Files.readAllLines(dir.resolve("pg/data/postmaster.pid")).get(0));
        ProcessHandle.of(postmaster).ifPresent(ProcessHandle::destroyForcibly);
        assertThat(second.waitFor(30, TimeUnit.SECONDS)).isTrue();

        Process third = started(port);
        assertThat(lots(address(port))).isEqualTo(left);
        // the same key again records nothing, even after all that
        assertThat(tick(address(port), work)).isEqualTo(done);
        assertThat(lots(address(port))).isEqualTo(left);

        Process beside = run(Cistern.freePort());
        assertThat(beside.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(Files.readString(dir.resolve("run.log")))
                .contains("already runs on")
                .contains(address(port));

        // only the command is killed: its server is left, and the next start takes its place
        Path orphan =
                Path.of("/proc", Files.readString(dir.resolve("server.pid")).strip(), "exe");
        assertThat(Files.exists(orphan)).as("its server").isTrue();
        third.destroyForcibly();
        assertThat(third.waitFor(30, TimeUnit.SECONDS)).isTrue();
        Process fourth = run(port);
        for (int i = 0; i < 240 && Files.exists(orphan); i++) {
            Cistern.pause(250);
        }
        // of a process that has ended, but that nobody has waited for, the link is still there and leads nowhere
        assertThat(Files.exists(orphan)).as("the server that was left").isFalse();
        Cistern.await(address(port), fourth);
        assertThat(lots(address(port))).isEqualTo(left);
        fourth.destroy();
        assertThat(fourth.waitFor(30, TimeUnit.SECONDS)).isTrue();

        Path log = dir.resolve("server.log");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(log)))
                .isEqualTo("rw-------");
        assertThat(Files.readString(log)).contains("Started").doesNotContain("password");
        assertThat(dir.resolve("server.log.1")).as("that of the start before").isNotEmptyFile();
    }

    /** Memory or a full disk may end either; nobody has to look after them. */
    @Test
    void whicheverEndsByItselfIsStartedAgain() throws Exception {
        int port = Cistern.freePort();
        Process running = started(port);
        tick(address(port), everythingDue(address(port)));
        JsonNode left = lots(address(port));

        kill(Files.readAllLines(dir.resolve("pg/data/postmaster.pid")).get(0));
        awaitSaid("The database runs again");
        Cistern.await(address(port), running);
        awaitAnswered(address(port));
        assertThat(lots(address(port))).isEqualTo(left);

        kill(Files.readString(dir.resolve("server.pid")));
        awaitSaid("The server runs again");
        awaitAnswered(address(port));
        assertThat(lots(address(port))).isEqualTo(left);
        assertThat(Files.readString(dir.resolve("run.log")))
                .contains("The database ended by itself and is started again in 1 s")
                .contains("The server ended by itself and is started again in 2 s");

        running.destroy();
        assertThat(running.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(dir.resolve("pg/data/postmaster.pid")).doesNotExist();
    }

    private static void kill(String pid) {
        ProcessHandle.of(Long.parseLong(pid.strip())).orElseThrow().destroyForcibly();
    }

    /** While the links to a database that ended are given up, a page is told to try again in a moment. */
    private static void awaitAnswered(String address) throws InterruptedException {
        Api api = new Api(address);
        for (int i = 0; i < 120 && api.get("/api/gardens").status() == 503; i++) {
            Thread.sleep(250);
        }
    }

    private void awaitSaid(String words) throws IOException {
        for (int i = 0; i < 480 && !Files.readString(dir.resolve("run.log")).contains(words); i++) {
            Cistern.pause(250);
        }
        assertThat(Files.readString(dir.resolve("run.log"))).contains(words);
    }

    @Test
    void allDataGoIntoAFileWhileItRunsAndComeBackElsewhere() throws Exception {
        int port = Cistern.freePort();
        Process running = started(port);
        tick(address(port), everythingDue(address(port)));
        JsonNode left = lots(address(port));
        Path file = dir.resolve("garden.backup");
        Process backup = run(dir, port, "--backup", file.toString());
        assertThat(backup.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(backup.exitValue()).isZero();
        assertThat(lots(address(port))).isEqualTo(left);
        running.destroy();
        assertThat(running.waitFor(30, TimeUnit.SECONDS)).isTrue();

        Process over = run(dir, port, "--restore", file.toString());
        assertThat(over.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(over.exitValue()).as("nothing is written over").isEqualTo(1);

        Path elsewhere = PostgresSession.newFolder();
        try {
            Process restore = run(elsewhere, port, "--restore", file.toString());
            assertThat(restore.waitFor(60, TimeUnit.SECONDS)).isTrue();
            assertThat(restore.exitValue()).isZero();
            Process again = run(elsewhere, port);
            Cistern.await(address(port), again);
            assertThat(lots(address(port))).isEqualTo(left);
            again.destroy();
            assertThat(again.waitFor(30, TimeUnit.SECONDS)).isTrue();
        } finally {
            PostgresSession.stop(elsewhere.resolve("pg"), true);
        }
    }

    @Test
    void aNamedPortThatIsTakenIsSaidAndNothingIsStarted() throws Exception {
        try (ServerSocket taken = new ServerSocket(0)) {
            Process process = run(taken.getLocalPort());
            assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
            assertThat(process.exitValue()).isEqualTo(1);
            assertThat(Files.readString(dir.resolve("run.log"), StandardCharsets.UTF_8))
                    .contains("Port " + taken.getLocalPort() + " is taken");
            try (Stream<Path> made = Files.list(dir)) {
                assertThat(made.map(p -> p.getFileName().toString())).doesNotContain("pg");
            }
        }
    }
}
