package app.gradior.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Asks a running demo of this machine for every kind of page that its links lead to, and says how long each takes, by itself
 * and beside a page that asks nothing of a kitchen; or compares what it said of a small kitchen with what it said of a large one.
 */
public final class Growth {
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f-]{27}");
    private static final Pattern LINK = Pattern.compile("href=\"(/[^\"#]*)");
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" (?:type=\"hidden\" )?value=\"([^\"]+)\"");
    private static final int ROUNDS = 4;
    private static final int MEASURED = 13;
    private static final int MAX_KINDS = 60;
    private static final double MAX_GROWTH = 1.2;
    private static final double MAX_GROWTH_OF_FAST = 1.5;
    private static final double FAST_MS = 20;

    /** A page that asks nothing of a kitchen. Each core changes its pace within seconds, for this one too. */
    private static final String FLOOR = "/signin";

    private static final String SESSION = "gradior";

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    private Growth(String address) {
        this.address = address;
    }

    /** @param arguments the port of a demo and the file to write, or two files to compare */
    public static void main(String[] arguments) throws Exception {
        if (arguments[0].matches("\\d+")) {
            new Growth("http://127.0.0.1:" + arguments[0]).measure(Path.of(arguments[1]));
        } else {
            System.exit(compare(Path.of(arguments[0]), Path.of(arguments[1])) ? 0 : 1);
        }
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path.replace("&amp;", "&")))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private void signIn() throws IOException, InterruptedException {
        Matcher token = TOKEN.matcher(get("/signin").body());
        String field = token.find() ? "_csrf=" + token.group(1) : "";
        client.send(
                HttpRequest.newBuilder(URI.create(address + "/demo"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(field))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
    }

    /** Goes on in the demo kitchen of an earlier round, or opens one and notes by which session. */
    private void goOn(Path session) throws IOException, InterruptedException {
        if (Files.exists(session)) {
            HttpCookie kept = new HttpCookie(SESSION, Files.readString(session));
            kept.setPath("/");
            kept.setVersion(0);
            cookies.getCookieStore().add(URI.create(address), kept);
            return;
        }
        signIn();
        for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
            if (cookie.getName().equals(SESSION)) {
                Files.writeString(session, cookie.getValue());
            }
        }
    }

    private void measure(Path to) throws IOException, InterruptedException {
        goOn(to.resolveSibling("session.txt"));
        Map<String, String> kinds = kinds();
        Map<String, Took> took = new LinkedHashMap<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (Map.Entry<String, String> kind : kinds.entrySet()) {
                measure(kind.getValue(), took.computeIfAbsent(kind.getKey(), any -> new Took()));
            }
        }
        List<String> lines = new ArrayList<>();
        for (Map.Entry<String, String> kind : kinds.entrySet()) {
            int bytes = get(kind.getValue()).body().length();
            Took of = took.get(kind.getKey());
            lines.add(String.format(
                    Locale.ROOT, "%s\t%.2f\t%d\t%.3f", kind.getKey(), of.best, bytes, median(of.timesFloor)));
        }
        Files.write(to, lines);
    }

    /** What was measured of a page in all rounds, which are minutes apart. */
    private static final class Took {
        /** The best of its medians: what else the machine does meanwhile is not the page's. */
        private double best = Double.MAX_VALUE;
        /** Beside the floor at the same moment, on cores of the same pace. */
        private final List<Double> timesFloor = new ArrayList<>();
    }

    private void measure(String path, Took took) throws IOException, InterruptedException {
        List<Double> round = new ArrayList<>();
        double floor = ms(FLOOR);
        for (int i = 0; i < MEASURED; i++) {
            double page = ms(path);
            double after = ms(FLOOR);
            round.add(page);
            took.timesFloor.add(page / ((floor + after) / 2));
            floor = after;
        }
        took.best = Math.min(took.best, median(round));
    }

    private static double median(List<Double> of) {
        return of.stream().sorted().toList().get(of.size() / 2);
    }

    private double ms(String path) throws IOException, InterruptedException {
        long start = System.nanoTime();
        get(path);
        return (System.nanoTime() - start) / 1e6;
    }

    /** One address for each kind of page, by following links from the stove on. */
    private Map<String, String> kinds() throws IOException, InterruptedException {
        Map<String, String> kinds = new LinkedHashMap<>();
        Deque<String> open = new ArrayDeque<>(List.of("/"));
        while (!open.isEmpty() && kinds.size() < MAX_KINDS) {
            String path = open.remove();
            String kind = ID.matcher(path.replaceAll("\\?.*", "")).replaceAll("ID");
            boolean file = path.matches(".*(export|\\.pdf|\\.zip|\\.ics|/css/|/js/|/webjars/|favicon|photo|stream).*");
            if (file || kinds.containsKey(kind)) {
                continue;
            }
            HttpResponse<String> answer = get(path);
            if (answer.statusCode() != 200) {
                continue;
            }
            kinds.put(kind, path);
            Matcher links = LINK.matcher(answer.body());
            while (links.find()) {
                open.add(links.group(1));
            }
        }
        return kinds;
    }

    private static Map<String, String[]> read(Path file) throws IOException {
        Map<String, String[]> rows = new TreeMap<>();
        for (String line : Files.readAllLines(file)) {
            String[] cells = line.split("\t");
            rows.put(cells[0], cells);
        }
        return rows;
    }

    private static boolean compare(Path small, Path large) throws IOException {
        Map<String, String[]> few = read(small);
        boolean all = true;
        System.out.printf(
                "| page | ms at 10 | ms at 10 000 | times, at the same pace | bytes |%n|---|---|---|---|---|%n");
        for (Map.Entry<String, String[]> row : read(large).entrySet()) {
            String[] before = few.get(row.getKey());
            if (before == null) {
                continue;
            }
            double first = Double.parseDouble(before[1]);
            double times = Double.parseDouble(row.getValue()[3]) / Double.parseDouble(before[3]);
            boolean holds = times <= (first < FAST_MS ? MAX_GROWTH_OF_FAST : MAX_GROWTH);
            all &= holds;
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.1f | %.1f | %.2f%s | %s |%n",
                    row.getKey(),
                    first,
                    Double.parseDouble(row.getValue()[1]),
                    times,
                    holds ? "" : " ▲",
                    row.getValue()[2]);
        }
        return all;
    }
}
