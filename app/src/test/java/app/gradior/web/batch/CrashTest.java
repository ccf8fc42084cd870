package app.gradior.web.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * One of two nodes, and then their database, killed without warning in the middle of a hundred readings: the other node goes
 * on, and pages that listened to the first listen to it.
 */
class CrashTest {
    private static final Path SCRIPT = Path.of("..", "tools", "database");
    private static final int READINGS = 100;

    @TempDir
    private Path folder;

    private final Map<String, String> how = new HashMap<>();
    private final HttpClient browser = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .connectTimeout(Duration.ofSeconds(2))
            .build();
    private final List<Process> nodes = new ArrayList<>();
    private final List<Integer> ports = new ArrayList<>();
    private String last = "";
    /** The node that requests go to. */
    private int at;

    /** The revision of the cook before the readings. */
    private int begun;

    @BeforeEach
    void start() throws Exception {
        database("start");
        startNode();
        startNode();
        for (at = 1; at >= 0; at--) {
            isThere();
        }
        at = 0;
    }

    @AfterEach
    void stop() throws Exception {
        for (Process node : nodes) {
            node.destroyForcibly().waitFor();
        }
        database("stop");
        try (var files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .filter(f -> !f.equals(folder))
                    .forEach(f -> f.toFile().delete());
        }
    }

    private void database(String what) throws Exception {
        Process process = new ProcessBuilder(
                        "bash", SCRIPT.toString(), what, folder.resolve("db").toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        Matcher export = Pattern.compile("export (\\w+)='?([^'\\n]*)'?").matcher(said);
        while (export.find()) {
            how.put(export.group(1), export.group(2));
        }
    }

    private void startNode() throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "app.gradior.GradiorApplication",
                "--server.port=" + port,
                "--gradior.demo=../demo/kitchen.json",
                "--gradior.rehearsals=0"));
        how.forEach((key, value) -> command.add("--" + key + "=" + value));
        nodes.add(new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("node-" + ports.size() + ".log").toFile())
                .start());
        ports.add(port);
        if (nodes.size() == 1) {
            // It lays out the tables.
            isThere();
        }
    }

    private void isThere() {
        await("the first page of node " + at + "; see its log in " + folder)
                .atMost(Duration.ofMinutes(3))
                .pollInterval(Duration.ofMillis(150))
                .ignoreExceptionsInstanceOf(IOException.class)
                .until(() -> get("/signin").statusCode() == 200);
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return browser.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + ports.get(at) + path))
                        .timeout(Duration.ofSeconds(10))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> post(String path, String token, String body) throws IOException, InterruptedException {
        return browser.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + ports.get(at) + path))
                        .timeout(Duration.ofSeconds(10))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("X-CSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Listens as a page does that shows a cook after so many of the readings. */
    private BufferedReader listen(String cook, int readings) throws IOException, InterruptedException {
        HttpResponse<InputStream> stream = browser.send(
                HttpRequest.newBuilder(URI.create(
                                "http://127.0.0.1:" + ports.get(at) + cook + "/stream?since=" + (begun + readings)))
                        .build(),
                HttpResponse.BodyHandlers.ofInputStream());
        assertThat(stream.statusCode()).isEqualTo(200);
        return new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8));
    }

    private static String first(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        assertThat(matcher.find()).as(pattern).isTrue();
        return matcher.group(1);
    }

    @Test
    void noAcknowledgedReadingIsLostAndNoneIsDoubled() throws Exception {
        String token = first("name=\"_csrf\" value=\"([^\"]+)\"", get("/signin").body());
        String visitor = token;
        // The demo kitchen is opened a moment after the first page can be had.
        String stove = await().atMost(Duration.ofMinutes(1))
                .until(
                        () -> {
                            post("/demo", visitor, "_csrf=" + visitor);
                            return get("/").body();
                        },
                        page -> page.contains("/cooks/"));
        token = first("name=\"_csrf\" content=\"([^\"]+)\"", stove);
        String cook = first("href=\"(/cooks/[0-9a-f-]{36})\"", stove);
        begun = Integer.parseInt(first("data-revision=\"(\\d+)\"", get(cook).body()));
        List<UUID> ids = new ArrayList<>();
        Set<UUID> acknowledged = new HashSet<>();
        for (int i = 0; i < READINGS; i++) {
            ids.add(UUID.randomUUID());
            if (i == READINGS / 3) {
                try (BufferedReader page = listen(cook, i)) {
                    nodes.get(0).destroyForcibly().waitFor();
                    assertThat(sent(cook, token, ids.get(i))).isFalse();
                    assertThat(acknowledged).hasSize(i);
                    // The line is cut, which is what a browser opens another one for.
                    assertThatThrownBy(page.lines()::count).isInstanceOf(UncheckedIOException.class);
                }
                at = 1;
                int shown = begun + i;
                try (BufferedReader page = listen(cook, i)) {
                    assertThat(sent(cook, token, ids.get(i))).as(last).isTrue();
                    assertThat(page.lines()
                                    .filter(line -> line.startsWith("data:"))
                                    .findFirst())
                            .hasValueSatisfying(line -> assertThat(Integer.parseInt(line.substring("data:".length())))
                                    .isGreaterThan(shown));
                }
            }
            if (i == 2 * READINGS / 3) {
                killDatabase();
                assertThat(sent(cook, token, ids.get(i))).isFalse();
                HttpResponse<String> away = get(cook);
                assertThat(away.statusCode()).isEqualTo(503);
                assertThat(away.body()).contains("Back in a moment").contains("Nothing is lost");
                database("start");
                // It comes back by itself.
                await().atMost(Duration.ofMinutes(1)).until(() -> get(cook).statusCode() == 200);
            }
            // As the outbox does, which sends again what a busy machine did not answer in time.
            if (sent(cook, token, ids.get(i)) || sent(cook, token, ids.get(i))) {
                acknowledged.add(ids.get(i));
            }
        }
        for (UUID id : ids) {
            // As a device does, which sends again what the server could not take just then.
            assertThat(sent(cook, token, id) || sent(cook, token, id)).as(last).isTrue();
        }
        assertThat(acknowledged).hasSize(READINGS);
        String page =
                get(cook + "/entries").body() + get(cook + "/entries?page=1").body();
        for (UUID id : ids) {
            assertThat(page.split("value=\"" + id, -1))
                    .as("times that " + id + " is stored")
                    .hasSize(2);
        }
    }

    private boolean sent(String cook, String token, UUID id) throws InterruptedException {
        try {
            HttpResponse<String> answer = post(cook + "/events", token, "kind=spoon&choice=THIN_VEIL&event=" + id);
            last = answer.statusCode() + " " + answer.body();
            return answer.statusCode() == 200;
        } catch (IOException gone) {
            return false;
        }
    }

    private void killDatabase() throws Exception {
        long pid = Long.parseLong(
                Files.readString(folder.resolve("db").resolve("db.pid")).strip());
        ProcessHandle server = ProcessHandle.of(pid).orElseThrow();
        server.destroyForcibly();
        await().until(() -> !server.isAlive());
    }
}
