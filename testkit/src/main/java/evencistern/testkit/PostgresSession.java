package evencistern.testkit;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.junit.platform.launcher.LauncherSession;
import org.junit.platform.launcher.LauncherSessionListener;

/** Starts one private PostgreSQL per test run, and stops it, so that the tests need nothing running. */
public final class PostgresSession implements LauncherSessionListener {
    private @Nullable Path dir;

    /**
     * The address of a running database.
     *
     * @param user who reads and writes
     * @param owner whose the tables are
     */
    public record Database(String url, String user, String password, String owner, String ownerPassword) {
        private static Database parse(String line) {
            List<String> parts = List.of(line.split(" ", -1));
            return new Database(
                    "jdbc:postgresql://" + parts.get(0) + ":" + parts.get(1) + "/postgres",
                    parts.get(2),
                    parts.get(3),
                    parts.get(4),
                    parts.get(5));
        }

        private static final List<String> PROPERTIES = List.of(
                "spring.datasource.url",
                "spring.datasource.username",
                "spring.datasource.password",
                "spring.flyway.user",
                "spring.flyway.password");

        private void hand() {
            List<String> values = List.of(url, user, password, owner, ownerPassword);
            for (int i = 0; i < values.size(); i++) {
                System.setProperty(PROPERTIES.get(i), values.get(i));
            }
        }

        /** The database that this test run was given. */
        public static Database given() {
            List<String> values =
                    PROPERTIES.stream().map(p -> System.getProperty(p, "")).toList();
            return new Database(values.get(0), values.get(1), values.get(2), values.get(3), values.get(4));
        }
    }

    /** The root of the checkout: the folder that holds {@code scripts/pg.sh}. */
    public static Path root() {
        for (Path p = Path.of("").toAbsolutePath(); p != null; p = p.getParent()) {
            if (Files.isRegularFile(p.resolve("scripts/pg.sh"))) {
                return p;
            }
        }
        throw new IllegalStateException(
                "scripts/pg.sh not found above " + Path.of("").toAbsolutePath());
    }

    /** Runs a command of the checkout and returns what it prints; its failure is thrown. */
    public static String run(String... command) {
        try {
            Process process = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .redirectInput(ProcessBuilder.Redirect.from(new File("/dev/null")))
                    .start();
            String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (!process.waitFor(90, TimeUnit.SECONDS) || process.exitValue() != 0) {
                throw new IllegalStateException(String.join(" ", command) + " failed");
            }
            return out.strip();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Starts a database in a folder of its own, to be deleted when this process is gone. */
    public static Database start(Path dir) {
        String watch = Long.toString(ProcessHandle.current().pid());
        return Database.parse(
                run("bash", root().resolve("scripts/pg.sh").toString(), "start", dir.toString(), "test", watch));
    }

    /** Loads a plain dump into one of the databases that this run was given, with the database's own client. */
    public static void load(Path dump, String name) {
        Database given = Database.given();
        String command = "cd / && PGPASSWORD=$1 \"$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1)/psql\""
                + " -qX -v ON_ERROR_STOP=1 -h 127.0.0.1 -p $2 -U $3 -d $4 -f $5 >/dev/null";
        run(
                "bash",
                "-c",
                command,
                "load",
                given.ownerPassword(),
                given.url().replaceFirst(".*:([0-9]+)/.*", "$1"),
                given.owner(),
                name,
                dump.toString());
    }

    /** Stops it; the data stays unless it is to be deleted. */
    public static void stop(Path dir, boolean delete) {
        String script = root().resolve("scripts/pg.sh").toString();
        if (delete) {
            run("bash", script, "stop", dir.toString(), "delete");
        } else {
            run("bash", script, "stop", dir.toString());
        }
    }

    /** A folder that user postgres can reach. */
    public static Path newFolder() {
        try {
            return Files.createTempDirectory(
                    Path.of("/tmp"),
                    "cistern-pg",
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void launcherSessionOpened(LauncherSession session) {
        Path folder = newFolder();
        dir = folder;
        start(folder).hand();
    }

    @Override
    public void launcherSessionClosed(LauncherSession session) {
        Path folder = dir;
        if (folder != null) {
            stop(folder, true);
        }
    }
}
