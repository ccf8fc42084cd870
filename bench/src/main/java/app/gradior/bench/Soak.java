package app.gradior.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Twenty people who cook one batch after another for half an hour, each in a kitchen of their own, with a page that listens:
 * what the application keeps of memory and threads is looked at every minute and may not grow.
 */
public final class Soak {
    private static final int PEOPLE = 20;
    private static final int READINGS = 25;
    private static final int IN_THE_POT_G = 900;
    private static final int THINKS_MS = 1000;
    /** What the last third may have more than the one before. */
    private static final double MORE = 1.05;

    private static final int MORE_THREADS = 4;

    private final String address;
    private final Path status;
    private final AtomicInteger requests = new AtomicInteger();
    private final AtomicInteger batches = new AtomicInteger();
    private final AtomicInteger wrong = new AtomicInteger();
    private volatile boolean over;

    private Soak(String address, long process) {
        this.address = address;
        this.status = Path.of("/proc", String.valueOf(process), "status");
    }

    /** @param arguments the port of the running application on this machine, its process, and for how many minutes */
    public static void main(String[] arguments) throws Exception {
        Soak soak = new Soak("http://127.0.0.1:" + Integer.parseInt(arguments[0]), Long.parseLong(arguments[1]));
        System.exit(soak.run(Integer.parseInt(arguments[2])) ? 0 : 1);
    }

    private boolean run(int minutes) throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        for (int i = 0; i < PEOPLE; i++) {
            people.execute(this::cook);
        }
        List<Double> memory = new ArrayList<>();
        List<Double> threads = new ArrayList<>();
        for (int minute = 1; minute <= minutes; minute++) {
            TimeUnit.MINUTES.sleep(1);
            memory.add(told("VmRSS") / 1024);
            threads.add(told("Threads"));
            System.out.printf(
                    Locale.ROOT,
                    "%2d min: %.0f MB resident, %.0f threads; %s requests, %s batches, wrong %s%n",
                    minute,
                    memory.get(minute - 1),
                    threads.get(minute - 1),
                    requests,
                    batches,
                    wrong);
        }
        over = true;
        people.shutdown();
        people.awaitTermination(1, TimeUnit.MINUTES);
        int third = minutes / 3;
        double before = mean(memory.subList(third, minutes - third));
        double last = mean(memory.subList(minutes - third, minutes));
        double more = mean(threads.subList(minutes - third, minutes)) - mean(threads.subList(third, minutes - third));
        System.out.printf(
                Locale.ROOT,
                "the last third beside the one before: %.0f and %.0f MB, %+.1f threads%n",
                last,
                before,
                more);
        return wrong.get() == 0 && last <= MORE * before && more <= MORE_THREADS;
    }

    private static double mean(List<Double> of) {
        return of.stream().mapToDouble(Double::doubleValue).average().orElse(Double.NaN);
    }

    private double told(String what) throws IOException {
        return Double.parseDouble(Browser.first("(?m)^" + what + ":\\s+(\\d+)", Files.readString(status)));
    }

    private void cook() {
        try {
            Browser browser = Browser.inNewKitchen(address);
            Dish dish = Dish.of(browser, 300);
            while (!over) {
                batch(browser, dish);
            }
        } catch (IOException | RuntimeException e) {
            System.out.println("somebody stopped cooking: " + e);
            wrong.incrementAndGet();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void batch(Browser browser, Dish dish) throws IOException, InterruptedException {
        page(browser, "/");
        page(browser, dish.plan());
        String cook = dish.cook();
        page(browser, "/cooks/" + cook);
        Listener page = new Listener(browser, cook);
        page.start();
        for (int i = 1; i <= READINGS && !over; i++) {
            enter(browser, cook, "kind=weighed&value=" + (IN_THE_POT_G - 5 * i));
            TimeUnit.MILLISECONDS.sleep(THINKS_MS);
        }
        enter(browser, cook, "kind=finished&value=700&second=2x250");
        page.end();
        batches.incrementAndGet();
        for (String path : List.of("/journal", "/journal/" + cook, "/shelf", "/sauces", "/pots")) {
            page(browser, path);
        }
    }

    private void enter(Browser browser, String cook, String fields) throws IOException {
        String event = "&event=" + UUID.randomUUID();
        check(browser.post("/cooks/" + cook + "/events", fields + event, "live").status());
    }

    private void page(Browser browser, String path) throws IOException, InterruptedException {
        check(browser.part(path, "").status());
        TimeUnit.MILLISECONDS.sleep(THINKS_MS);
    }

    private void check(int status) {
        requests.incrementAndGet();
        if (status >= 400) {
            wrong.incrementAndGet();
        }
    }
}
