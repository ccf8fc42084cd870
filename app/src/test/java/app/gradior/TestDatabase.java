package app.gradior;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The tests' own MariaDB on a throwaway folder, started by the same script as the product's, once per JVM. */
final class TestDatabase {
    private static final Pattern EXPORT = Pattern.compile("export (\\w+)='?([^']*)'?");
    private static final Path SCRIPT = Path.of("..", "tools", "database");
    private static List<String> arguments;
    private static Map<String, String> how;

    private TestDatabase() {}

    /** How the application reaches it, as arguments for its start. */
    static synchronized List<String> arguments() {
        if (arguments == null) {
            arguments = start();
        }
        return arguments;
    }

    private static List<String> start() {
        try {
            Path folder = Files.createTempDirectory("gradior-test");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> stop(folder)));
            how = exports(script("start", folder));
            List<String> all = new ArrayList<>();
            how.forEach((name, value) -> all.add("--" + name + "=" + value));
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** How to reach a database, by what the script said as it started it. */
    static Map<String, String> exports(String said) {
        Map<String, String> exports = new LinkedHashMap<>();
        for (String line : said.lines().toList()) {
            Matcher export = EXPORT.matcher(line);
            if (export.matches()) {
                exports.put(export.group(1), export.group(2));
            }
        }
        return exports;
    }

    /** The tests' own database, as the one who may lay out its tables. */
    static Connection owner() throws SQLException {
        arguments();
        return owner(how);
    }

    static Connection owner(Map<String, String> how) throws SQLException {
        return DriverManager.getConnection(
                how.get("GRADIOR_DB_URL"), how.get("GRADIOR_DB_OWNER"), how.get("GRADIOR_DB_OWNER_PASSWORD"));
    }

    private static void stop(Path folder) {
        script("stop", folder);
        try (var files = Files.walk(folder)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String script(String what, Path folder) {
        try {
            Process process = new ProcessBuilder("bash", SCRIPT.toString(), what, folder.toString())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new IllegalStateException("tools/database " + what + " failed");
            }
            return said;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
