package gladtile.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Backups by the command that makes them, with a cluster of their own: killed, damaged, restored, compared. */
class BackupTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Path MIGRATIONS = ROOT.resolve("server/src/main/resources/db/migration");
    /** Times that a backup or a restore is killed. */
    private static final int KILLS = 20;

    private Path data;

    record Said(int end, String words) {}

    @BeforeEach
    void aSchool() throws Exception {
        // Where the database's own user may enter.
        data = Files.createTempDirectory(Path.of("/var/tmp"), "glad-backup-test-");
        run("chmod", "711", data.toString());
        assertThat(run("tools/cluster", "start", data + "/db").end()).isZero();
        try (Connection db = connect();
                Statement sql = db.createStatement()) {
            sql.execute("create table flyway_schema_history (version text, success boolean)");
            for (Path migration : migrations()) {
                sql.execute(Files.readString(migration));
                String version = migration.getFileName().toString().replaceAll("^V(\\d+)__.*", "$1");
                sql.execute("insert into flyway_schema_history values ('" + version + "', true)");
            }
            sql.execute("insert into school (id, name) values (gen_random_uuid(), 'Hügelschule 🔭')");
            sql.execute("insert into person (school_id, id, kind, display_name, secret_hash)"
                    + " select id, gen_random_uuid(), 'student', 'Kaja ' || n, md5(n::text)"
                    + " from school, generate_series(1, 3000) n");
        }
    }

    @AfterEach
    void stop() throws Exception {
        run("tools/cluster", "drop", data + "/db");
        run("tools/cluster", "drop", data + "/db-restored");
        run("rm", "-rf", data.toString());
    }

    private static List<Path> migrations() throws IOException {
        try (Stream<Path> all = Files.list(MIGRATIONS)) {
            return all.filter(one -> one.getFileName().toString().startsWith("V"))
                    .sorted((a, b) -> Integer.compare(number(a), number(b)))
                    .toList();
        }
    }

    private static int number(Path migration) {
        return Integer.parseInt(migration.getFileName().toString().replaceAll("^V(\\d+)__.*", "$1"));
    }

    private Connection connect() throws IOException, SQLException {
        Properties env = new Properties();
        try (var in = Files.newBufferedReader(data.resolve("db/connect.env"))) {
            env.load(in);
        }
        return DriverManager.getConnection(
                env.getProperty("GLAD_DB_URL"), env.getProperty("GLAD_DB_USER"), env.getProperty("GLAD_DB_PASSWORD"));
    }

    private static Process begin(String... command) throws IOException {
        return new ProcessBuilder(command)
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .start();
    }

    private static Said run(String... command) throws Exception {
        Process process = begin(command);
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), words);
    }

    private List<Path> backups() throws IOException {
        if (!Files.isDirectory(data.resolve("backups"))) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(data.resolve("backups"))) {
            return all.filter(one -> one.toString().endsWith(".glad")).sorted().toList();
        }
    }

    private List<String> people() throws Exception {
        List<String> all = new ArrayList<>();
        try (Connection db = connect();
                Statement sql = db.createStatement();
                ResultSet rows = sql.executeQuery("select p::text from person p order by id")) {
            while (rows.next()) {
                all.add(rows.getString(1));
            }
        }
        return all;
    }

    private void forget() throws Exception {
        try (Connection db = connect();
                Statement sql = db.createStatement()) {
            sql.execute("delete from person where display_name like '%7%'");
        }
    }

    /** It and all that it started, as when the machine goes dark. */
    private static void kill(Process process) {
        process.descendants().forEach(ProcessHandle::destroyForcibly);
        process.destroyForcibly();
    }

    @Test
    void what_was_backed_up_comes_back_row_by_row() throws Exception {
        List<String> before = people();
        Said made = run("tools/backup", "make", data.toString());
        assertThat(made.end()).as(made.words()).isZero();
        assertThat(made.words()).contains("3000 people");
        Path file = backups().get(0);
        assertThat(Files.getPosixFilePermissions(file)).hasSize(2);
        assertThat(Files.readString(data.resolve("backups/last.json"))).contains("\"people\":3000");
        forget();
        assertThat(people()).hasSizeLessThan(before.size());
        run("tools/cluster", "stop", data + "/db");
        Said restored = run("tools/backup", "restore", data.toString(), file.toString());
        assertThat(restored.end()).as(restored.words()).isZero();
        run("tools/cluster", "start", data + "/db");
        assertThat(people()).isEqualTo(before);
        try (Connection db = connect();
                Statement sql = db.createStatement()) {
            ResultSet line = sql.executeQuery("select details ->> 'file', substr(id::text, 15, 1) from activity_log"
                    + " where event = 'RESTORED'");
            assertThat(line.next()).isTrue();
            assertThat(line.getString(1)).isEqualTo(file.getFileName().toString());
            assertThat(line.getString(2)).isEqualTo("7");
        }
        // What stood there before it was restored is safe too.
        try (Stream<Path> all = Files.list(data)) {
            assertThat(all.map(one -> one.getFileName().toString()))
                    .anyMatch(name -> name.startsWith("before-restoring-"));
        }
    }

    /** The files below the data that hold some bytes as they are. */
    private List<String> filesWith(String text) throws Exception {
        Said found = run("grep", "-rlaF", text, data.resolve("db").toString());
        return found.words().lines().filter(line -> line.startsWith("/")).toList();
    }

    @Test
    void in_the_night_after_an_erasure_no_byte_of_it_is_left_in_any_file_of_the_database() throws Exception {
        String name = "Zephyrine of the seventh dome";
        String voice = "RIFF-of-her-own-voice";
        try (Connection db = connect();
                Statement sql = db.createStatement()) {
            sql.execute("insert into person (school_id, id, kind, display_name, secret_hash)"
                    + " select id, gen_random_uuid(), 'student', '" + name + "', 'x' from school");
            sql.execute("create table sounds (bytes bytea)");
            sql.execute("alter table sounds alter column bytes set storage external");
            sql.execute("insert into sounds select convert_to(repeat('" + voice + " ', 4000), 'UTF8')");
            sql.execute("analyze");
            // What a person wrote and the database refused is not told to its log.
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> sql.execute(
                            "insert into person (school_id, id, kind, display_name) values (null, null, 'student', '"
                                    + name + "')"))
                    .isInstanceOf(SQLException.class);
            sql.execute("checkpoint");
            assertThat(filesWith(name)).isNotEmpty().noneMatch(file -> file.endsWith(".log"));
            assertThat(filesWith(voice)).isNotEmpty();
            // Without an erasure nothing is done.
            assertThat(run("tools/backup", "clear-erased", data.toString()).words())
                    .isEmpty();
            sql.execute("delete from person where display_name = '" + name + "'");
            sql.execute("delete from sounds");
            sql.execute("insert into activity_log (school_id, id, at, event)"
                    + " select id, gen_random_uuid(), now(), 'PERSON_ERASED' from school");
            sql.execute("checkpoint");
            assertThat(filesWith(name)).isNotEmpty();
        }
        Said cleared = run("tools/backup", "clear-erased", data.toString());
        assertThat(cleared.end()).as(cleared.words()).isZero();
        assertThat(cleared.words()).contains("gone from the disk");
        assertThat(filesWith(name)).isEmpty();
        assertThat(filesWith(voice)).isEmpty();
        assertThat(people()).hasSize(3000);
        assertThat(run("tools/backup", "clear-erased", data.toString()).words()).isEmpty();
    }

    @Test
    void killed_at_any_moment_nothing_is_lost_and_no_half_backup_is_taken_for_one() throws Exception {
        Random random = new Random(18);
        List<String> before = people();
        assertThat(run("tools/backup", "make", data.toString()).end()).isZero();
        Path whole = backups().get(0);
        for (int i = 0; i < KILLS; i++) {
            boolean restoring = i % 4 == 3;
            if (restoring) {
                run("tools/cluster", "stop", data + "/db");
            }
            Process process = restoring
                    ? begin("tools/backup", "restore", data.toString(), whole.toString())
                    : begin("tools/backup", "make", data.toString());
            process.waitFor(random.nextInt(restoring ? 6_000 : 2_500), TimeUnit.MILLISECONDS);
            kill(process);
            assertThat(run("tools/backup", "put-back", data.toString()).end()).isZero();
            run("tools/cluster", "start", data + "/db");
            assertThat(people()).as("after kill %d", i).isEqualTo(before);
        }
        // Whatever is called a backup is one.
        for (Path file : backups()) {
            Said proved = run("tools/backup", "prove", file.toString());
            assertThat(proved.end()).as(proved.words()).isZero();
        }
        Said last = run("tools/backup", "make", data.toString(), data + "/last.glad");
        assertThat(last.end()).as(last.words()).isZero();
        try (Stream<Path> all = Files.list(data)) {
            assertThat(all.map(one -> one.getFileName().toString())).noneMatch(name -> name.startsWith(".making"));
        }
    }

    @Test
    void of_a_damaged_file_nothing_wrong_ever_comes() throws Exception {
        assertThat(run("tools/backup", "make", data.toString()).end()).isZero();
        byte[] whole = Files.readAllBytes(backups().get(0));
        List<String> before = people();
        run("tools/cluster", "stop", data + "/db");
        Random random = new Random(4);
        Path spoilt = data.resolve("spoilt.glad");
        int refused = 0;
        for (int i = 0; i < 12; i++) {
            byte[] bytes = whole.clone();
            if (i % 3 == 0) {
                bytes = java.util.Arrays.copyOf(bytes, 1 + random.nextInt(bytes.length - 12_000));
            } else {
                // Not in the filling at the end, which nobody reads.
                bytes[600 + random.nextInt(bytes.length - 12_000)] ^= (byte) (1 + random.nextInt(255));
            }
            Files.write(spoilt, bytes, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING);
            Said said = run("tools/backup", "restore", data.toString(), spoilt.toString());
            // A byte in the tar's own headers may tell of nothing that is read: then all parts are whole, and compared.
            if (said.end() == 0) {
                assertThat(said.words()).contains("every table is as it was");
            } else {
                refused++;
                assertThat(said.words()).contains("Nothing was changed");
            }
        }
        run("tools/cluster", "start", data + "/db");
        assertThat(people()).isEqualTo(before);
        assertThat(refused).isGreaterThan(8);
    }
}
