package app.gradior.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.Flow;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Many cooks at once in a running demo: two hundred of them post a reading each second, as pages that listen do, while five
 * hundred pages listen; a page that is only told that there is something fetches what it shows. Says how long posts take and
 * how long until the others see them. Only ever of this machine, bounded in count, and it stops by itself.
 */
public final class StreamLoad {
    private static final int ALL_COOKS = 200;
    private static final int COOKS_OF_A_KITCHEN = 2;
    private static final int AT_ONCE = 48;
    private static final int WARM_UP_S = 180;
    private static final int MEASURED_S = 30;
    private static final int LEFT_S = 10;
    private static final int IN_THE_POT_G = 900;
    private static final double LOST_G = 0.5;
    private static final double MS = 1e6;
    private static final long SECOND = TimeUnit.SECONDS.toNanos(1);
    private static final int LONGEST_NUMBER = 40;

    private final String address;
    private final int cooks;
    private final int pages;
    private final List<Stove> stoves = new ArrayList<>();
    private final Map<String, Long> posted = new ConcurrentHashMap<>();
    private final Queue<Double> posts = new ConcurrentLinkedQueue<>();
    private final Queue<Double> told = new ConcurrentLinkedQueue<>();
    private final Queue<Double> seen = new ConcurrentLinkedQueue<>();
    private final AtomicInteger wrong = new AtomicInteger();
    private final AtomicInteger missed = new AtomicInteger();
    private final AtomicInteger open = new AtomicInteger();
    private final ScheduledExecutorService hands = Executors.newScheduledThreadPool(AT_ONCE);
    private volatile boolean measuring;

    /** A cook under way and who stands at it. */
    private record Stove(Browser browser, String cook, AtomicInteger readings, AtomicLong due) {}

    private StreamLoad(String address, int cooks) {
        this.address = address;
        this.cooks = cooks;
        this.pages = cooks * 5 / 2;
    }

    /** @param arguments the port of the running demo, on this machine; then how many cooks, 200 if that is not said */
    public static void main(String[] arguments) throws Exception {
        System.setProperty("http.maxConnections", String.valueOf(AT_ONCE));
        int cooks = arguments.length < 2 ? ALL_COOKS : Integer.parseInt(arguments[1]);
        new StreamLoad("http://127.0.0.1:" + Integer.parseInt(arguments[0]), cooks).run();
        System.exit(0);
    }

    private void run() throws Exception {
        for (int i = 0; i < cooks / COOKS_OF_A_KITCHEN; i++) {
            furnish(Browser.inNewKitchen(address));
        }
        plainest("the plainest page, by itself");
        HttpClient http = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .executor(Executors.newFixedThreadPool(2))
                .build();
        for (int i = 0; i < pages; i++) {
            listen(http, stoves.get(i % cooks));
        }
        TimeUnit.SECONDS.sleep(2);
        System.out.println(open + " of " + pages + " pages listen, " + cooks + " cooks post each second");
        for (int i = 0; i < cooks; i++) {
            Stove stove = stoves.get(i);
            long first = i * 1000L / cooks;
            stove.due().set(System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(first));
            hands.scheduleAtFixedRate(() -> post(stove), first, 1000, TimeUnit.MILLISECONDS);
        }
        TimeUnit.SECONDS.sleep(WARM_UP_S);
        measuring = true;
        TimeUnit.SECONDS.sleep(MEASURED_S);
        measuring = false;
        hands.shutdownNow();
        hands.awaitTermination(LEFT_S, TimeUnit.SECONDS);
        report("a reading posted", posts);
        report("until the others are told", told);
        report("until the others show it", seen);
        System.out.println("readings that nobody came to: " + missed + ", went wrong: " + wrong
                + ", pages that still listen: " + open);
    }

    private void furnish(Browser browser) throws IOException {
        Dish dish = Dish.of(browser, 300);
        for (int i = 0; i < COOKS_OF_A_KITCHEN; i++) {
            stoves.add(new Stove(browser, dish.cook(), new AtomicInteger(), new AtomicLong()));
        }
    }

    private void post(Stove stove) {
        // Whoever waits for a hand waits for the answer too.
        long begun = stove.due().getAndAdd(SECOND);
        if (System.nanoTime() - begun > SECOND) {
            // Nobody reads a scale twice at once to make up for a second that is over.
            if (measuring) {
                missed.incrementAndGet();
            }
            return;
        }
        try {
            double grams = IN_THE_POT_G - LOST_G * stove.readings().incrementAndGet();
            Browser.Answer answer = stove.browser()
                    .post(
                            "/cooks/" + stove.cook() + "/events",
                            "kind=weighed&value=" + grams + "&event=" + UUID.randomUUID(),
                            "kept");
            if (answer.status() != 200) {
                wrong.incrementAndGet();
                return;
            }
            posted.put(stove.cook() + " " + revision(answer), begun);
            if (measuring) {
                posts.add((System.nanoTime() - begun) / MS);
            }
        } catch (IOException | RuntimeException e) {
            if (measuring) {
                wrong.incrementAndGet();
            }
        }
    }

    private static String revision(Browser.Answer answer) {
        return Browser.first("data-revision=\"(\\d+)\"", answer.body());
    }

    private void listen(HttpClient http, Stove stove) {
        HttpRequest ask = HttpRequest.newBuilder(URI.create(address + "/cooks/" + stove.cook() + "/stream"))
                .header("Cookie", stove.browser().cookie())
                .header("Accept", "text/event-stream")
                .build();
        http.sendAsync(ask, HttpResponse.BodyHandlers.fromLineSubscriber(new Page(stove)))
                .thenAccept(answer -> {
                    if (answer.statusCode() != 200) {
                        System.out.println("a page was answered " + answer.statusCode());
                    }
                });
    }

    /** A page that listens, and shows what it is told of, one fetch at a time. */
    private final class Page implements Flow.Subscriber<String> {
        private final Stove stove;
        private volatile long toldOf;
        private volatile long shows;
        private boolean fetching;
        private boolean again;

        Page(Stove stove) {
            this.stove = stove;
        }

        @Override
        public void onSubscribe(Flow.Subscription subscription) {
            open.incrementAndGet();
            subscription.request(Long.MAX_VALUE);
        }

        @Override
        public void onNext(String line) {
            if (!line.startsWith("data:")) {
                return;
            }
            if (line.length() > LONGEST_NUMBER) {
                // It is what the page shows now.
                long revision = Long.parseLong(Browser.first("data-revision=\"(\\d+)\"", line));
                toldOf = since(toldOf, revision, told);
                shows = since(shows, revision, seen);
                return;
            }
            toldOf = since(
                    toldOf, Long.parseLong(line.substring("data:".length()).strip()), told);
            synchronized (this) {
                again = fetching;
                if (fetching) {
                    return;
                }
                fetching = true;
            }
            try {
                hands.execute(this::fetch);
            } catch (java.util.concurrent.RejectedExecutionException over) {
                // It is over.
            }
        }

        private void fetch() {
            try {
                Browser.Answer answer = stove.browser().part("/cooks/" + stove.cook(), "live");
                if (answer.status() == 200) {
                    shows = since(shows, Long.parseLong(revision(answer)), seen);
                } else {
                    wrong.incrementAndGet();
                }
            } catch (IOException | RuntimeException e) {
                if (measuring) {
                    wrong.incrementAndGet();
                }
            }
            boolean more;
            synchronized (this) {
                more = again;
                fetching = more;
                again = false;
            }
            if (more) {
                fetch();
            }
        }

        /** What a page comes to is of every reading up to it: one that was passed over took until then too. */
        private long since(long before, long revision, Queue<Double> times) {
            long now = System.nanoTime();
            for (long each = before == 0 ? revision : before + 1; each <= revision; each++) {
                Long begun = posted.get(stove.cook() + " " + each);
                if (measuring && begun != null) {
                    times.add((now - begun) / MS);
                }
            }
            return Math.max(before, revision);
        }

        @Override
        public void onError(Throwable thrown) {
            open.decrementAndGet();
        }

        @Override
        public void onComplete() {
            open.decrementAndGet();
        }
    }

    private void plainest(String what) throws IOException {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < 600; i++) {
            long begun = System.nanoTime();
            stoves.get(i % cooks).browser().get("/pots/new");
            if (i >= 300) {
                times.add((System.nanoTime() - begun) / MS);
            }
        }
        report(what, times);
    }

    private static void report(String what, java.util.Collection<Double> times) {
        double[] sorted = times.stream().mapToDouble(d -> d).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%s: %d, median %.1f ms, 95 of 100 within %.1f ms, at most %.1f ms%n",
                what,
                sorted.length,
                at(sorted, 0.5),
                at(sorted, 0.95),
                at(sorted, 1));
    }

    private static double at(double[] sorted, double part) {
        return sorted.length == 0
                ? Double.NaN
                : sorted[(int) Math.min(sorted.length - 1L, Math.round(sorted.length * part))];
    }
}
