package app.gradior.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadLocalRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Asks a running demo for boards and for its plainest page, so many at once, and says how long the answers took. Only ever
 * of this machine, bounded in count, and it stops by itself.
 */
public final class BoardLoad {
    private static final int AT_ONCE = 20;
    private static final int WARM_UP = 1500;
    private static final int MEASURED = 2000;

    /** Of cooks who look at a board before they change it: so many in all, each after half a second to one and a half. */
    private static final int LOOKED_AT = 400;

    private static final int LOOK_MS = 1000;

    /** What a cook tries on a board: each has routes of its own. */
    private static final List<String> CHOICES = List.of(
            "use=GLAZE",
            "use=GLAZE&lid=ajar",
            "use=GLAZE&activity=LIVELY_SIMMER",
            "use=DIP",
            "use=TOSS&starch=corn",
            "use=POUR&served=20",
            "use=GLAZE&least=300",
            "use=GLAZE&least=300&starch=arrowroot&school=1:1",
            "use=GLAZE&hood=on",
            "use=SPREAD&frozen=yes");

    /** Signed in to one demo kitchen, from as many devices as ask at once. */
    private final Browser browser;

    private BoardLoad(String address) throws IOException {
        browser = Browser.inDemo(address);
    }

    /** @param arguments the port of the running demo, on this machine */
    public static void main(String[] arguments) throws Exception {
        // Each browser keeps its connection.
        System.setProperty("http.maxConnections", String.valueOf(AT_ONCE));
        BoardLoad load = new BoardLoad("http://127.0.0.1:" + Integer.parseInt(arguments[0]));
        load.run();
    }

    private void run() throws Exception {
        List<String> sauces = new ArrayList<>();
        Matcher matcher = Pattern.compile("href=\"/sauces/([0-9a-f-]{36})\"").matcher(browser.get("/sauces"));
        while (matcher.find()) {
            sauces.add(matcher.group(1));
        }
        List<String> boards = new ArrayList<>();
        for (String sauce : sauces.stream().distinct().toList()) {
            for (String choice : CHOICES) {
                boards.add("/sauces/" + sauce + "/plan?" + choice);
            }
        }
        System.out.println(boards.size() + " boards, " + AT_ONCE + " at once");
        List<String> fresh = new ArrayList<>();
        for (int i = 0; i < WARM_UP + MEASURED; i++) {
            fresh.add(boards.get(i % boards.size()) + "&jarMl=" + (200 + i));
        }
        measure("a board nobody asked for before", fresh);
        report("the same, looked at for a second", times(beyond(boards), LOOKED_AT, LOOK_MS));
        double board = measure("a board", boards);
        double plain = measure("the plainest page", List.of("/pots/new"));
        System.out.printf(Locale.ROOT, "a board costs %.2f times the plainest page%n", board / plain);
    }

    /** Prints how long answers took and gives their mean in ms. */
    private double measure(String what, List<String> paths) throws Exception {
        times(paths.subList(0, Math.min(WARM_UP, paths.size())), WARM_UP, 0);
        return report(what, times(paths.size() > WARM_UP ? paths.subList(WARM_UP, paths.size()) : paths, MEASURED, 0));
    }

    /** Boards that none of the others is. */
    private static List<String> beyond(List<String> boards) {
        List<String> fresh = new ArrayList<>();
        for (int i = 0; i < LOOKED_AT; i++) {
            fresh.add(boards.get(i % boards.size()) + "&serveMl=" + (20 + i));
        }
        return fresh;
    }

    private static double report(String what, double[] times) {
        Arrays.sort(times);
        double mean = Arrays.stream(times).average().orElseThrow();
        System.out.printf(
                Locale.ROOT,
                "%s: median %.1f ms, 95 of 100 within %.1f ms, mean %.1f ms%n",
                what,
                times[times.length / 2],
                times[(int) (times.length * 0.95)],
                mean);
        return mean;
    }

    private double[] times(List<String> paths, int count, int pauseMs) throws Exception {
        ExecutorService cooks = Executors.newFixedThreadPool(AT_ONCE);
        List<Callable<Double>> asks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String path = paths.get(i % paths.size());
            asks.add(() -> {
                Thread.sleep(
                        pauseMs == 0
                                ? 0
                                : pauseMs / 2 + ThreadLocalRandom.current().nextInt(pauseMs));
                long begun = System.nanoTime();
                browser.get(path);
                return (System.nanoTime() - begun) / 1e6;
            });
        }
        double[] times = new double[count];
        int i = 0;
        try {
            for (var answer : cooks.invokeAll(asks)) {
                times[i++] = answer.get();
            }
        } finally {
            cooks.shutdown();
        }
        return times;
    }
}
