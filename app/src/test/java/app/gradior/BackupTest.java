package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Everything is written to one file while the database goes on, and is put back as it was then, or as it was later. */
class BackupTest {
    private static final Pattern URL = Pattern.compile("GRADIOR_DB_URL='([^']*)'");
    private static final Pattern PASSWORD = Pattern.compile("GRADIOR_DB_OWNER_PASSWORD=(\\w+)");
    private static final DateTimeFormatter SECOND = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss");

    @TempDir
    private Path folder;

    private Path data;
    private Path file;
    private String how;

    /** What a script said, and how it ended. */
    private record Said(int code, String words) {}

    private Said database(String... arguments) throws IOException, InterruptedException {
        ProcessBuilder builder =
                new ProcessBuilder(Stream.concat(Stream.of("bash", "../tools/database"), Stream.of(arguments))
                        .toList());
        builder.environment().putAll(Map.of("GRADIOR_LOG", "yes"));
        Process process = builder.redirectErrorStream(true).start();
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor(2, TimeUnit.MINUTES);
        return new Said(process.exitValue(), words);
    }

    @BeforeEach
    void begin() throws Exception {
        data = folder.resolve("data");
        file = folder.resolve("backups/one.sql.gz");
        how = database("start", data.toString()).words();
        sql("create table sauce (id int primary key, photo longblob)");
        sql("insert into sauce values (1, x'00ff10')");
    }

    @AfterEach
    void end() throws Exception {
        database("stop", data.toString());
    }

    private Connection connection() throws SQLException {
        Matcher url = URL.matcher(how);
        Matcher password = PASSWORD.matcher(how);
        assertThat(url.find() && password.find()).isTrue();
        return DriverManager.getConnection(url.group(1), "gradior_owner", password.group(1));
    }

    private void sql(String statement) throws SQLException {
        try (Connection open = connection();
                Statement one = open.createStatement()) {
            one.execute(statement);
        }
    }

    private String sauces() throws SQLException {
        try (Connection open = connection();
                Statement one = open.createStatement();
                ResultSet all = one.executeQuery(
                        "select group_concat(concat(id, ' ', hex(photo)) order by id separator ', ') from sauce")) {
            all.next();
            return all.getString(1);
        }
    }

    private static String second() {
        return LocalDateTime.now(ZoneOffset.UTC).format(SECOND);
    }

    /** The log of changes counts in seconds. */
    private static void nextSecond() {
        String now = second();
        Awaitility.await().until(() -> !second().equals(now));
    }

    @Test
    void whatWasThereIsPutBackToTheLastByteAndLaterChangesUpToAMoment() throws Exception {
        assertThat(database("backup", data.toString(), file.toString()).code()).isZero();
        assertThat(Files.getPosixFilePermissions(file).toString()).doesNotContain("OTHERS", "GROUP");
        sql("insert into sauce values (2, x'aa')");
        nextSecond();
        nextSecond();
        String until = second();
        nextSecond();
        sql("delete from sauce");

        Said back = database("restore", data.toString(), file.toString());

        assertThat(back.code()).as(back.words()).isZero();
        assertThat(sauces()).isEqualTo("1 00FF10");
        assertThat(back.words()).contains("What was there before is in ");
        assertThat(database("restore", data.toString(), file.toString(), until).code())
                .isZero();
        assertThat(sauces()).isEqualTo("1 00FF10, 2 AA");
        // And what was thrown away by a restore is a backup too.
        List<Path> before;
        try (Stream<Path> files = Files.list(data)) {
            before = files.filter(f -> f.getFileName().toString().startsWith("before-restore-"))
                    .sorted()
                    .toList();
        }
        assertThat(before).hasSize(2);
    }

    @Test
    void whatIsNoBackupChangesNothing() throws Exception {
        Path other = folder.resolve("other.sql.gz");
        try (OutputStream out = new GZIPOutputStream(Files.newOutputStream(other))) {
            out.write("drop database gradior;".getBytes(StandardCharsets.UTF_8));
        }
        assertThat(database("restore", data.toString(), other.toString()))
                .isEqualTo(new Said(1, other + " is no backup of Gradior's.\n"));
        assertThat(database("restore", data.toString(), folder.resolve("none").toString())
                        .words())
                .startsWith("There is no ");
        database("backup", data.toString(), file.toString());
        assertThat(database("backup", data.toString(), file.toString()).words()).contains("is there already");
        assertThat(database("restore", data.toString(), file.toString(), "soon").words())
                .startsWith("Say until when such as ");
        try (Connection open = connection()) {
            assertThat(open.isValid(1)).isTrue();
            assertThat(database("restore", data.toString(), file.toString()).words())
                    .isEqualTo("Gradior is running on this data. Stop it first, with Ctrl-C.\n");
        }
        assertThat(sauces()).isEqualTo("1 00FF10");
    }

    /** A file that breaks off in the middle of its SQL. */
    @Test
    void whatCannotBeReadToItsEndLeavesWhatWasThere() throws Exception {
        database("backup", data.toString(), file.toString());
        Path broken = folder.resolve("broken.sql.gz");
        Process halved = new ProcessBuilder(
                        "bash",
                        "-c",
                        "(zcat '" + file + "'; echo 'insert into no_such_table values (1);') | gzip > '" + broken + "'")
                .start();
        assertThat(halved.waitFor()).isZero();
        sql("insert into sauce values (3, x'bb')");

        Said said = database("restore", data.toString(), broken.toString());

        assertThat(said.code()).isEqualTo(1);
        assertThat(said.words()).contains("What was there before is there again.");
        assertThat(sauces()).isEqualTo("1 00FF10, 3 BB");
    }
}
