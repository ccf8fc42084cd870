package app.gradior.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Commands of this project's scripts and of the machine. */
final class Shell {
    private static final Pattern EXPORT = Pattern.compile("export (\\w+)='?([^'\\n]*)'?");

    private Shell() {}

    /** Runs a command that says nothing, or what it says to whoever looks on. */
    static int run(String command) throws IOException, InterruptedException {
        return new ProcessBuilder("bash", "-c", command).inheritIO().start().waitFor();
    }

    /** What a command says. */
    static String said(String command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("bash", "-c", command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return words;
    }

    /** What a command says that prints variables for a shell. */
    static Map<String, String> exports(String command) throws IOException, InterruptedException {
        Map<String, String> exports = new LinkedHashMap<>();
        Matcher export = EXPORT.matcher(said(command));
        while (export.find()) {
            exports.put(export.group(1), export.group(2));
        }
        return exports;
    }
}
