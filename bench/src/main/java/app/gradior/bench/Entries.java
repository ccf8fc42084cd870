package app.gradior.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Ten thousand entries of several cooks, sent as an outbox does: the same again under the same id until it is answered. What
 * was acknowledged is counted in the end: none may be lost, none stored twice.
 */
final class Entries {
    private static final int ENTRIES = 10_000;
    private static final int HANDS = 6;
    private static final int AGAIN_MS = 150;

    private final Browser browser;
    private final Queue<Integer> todo = new ConcurrentLinkedQueue<>();
    private final AtomicInteger acknowledged = new AtomicInteger();
    private final AtomicInteger failed = new AtomicInteger();
    /** The how manieth each was that was acknowledged. */
    private final Map<UUID, Integer> order = new ConcurrentHashMap<>();

    private final UUID[] ids = new UUID[ENTRIES];
    private final List<String> cooks = new ArrayList<>();
    private final ExecutorService hands = Executors.newFixedThreadPool(HANDS);

    /** @param cooks so many are put on */
    Entries(Browser browser, int cooks) throws IOException {
        this.browser = browser;
        Dish dish = Dish.of(browser, 300);
        for (int i = 0; i < cooks; i++) {
            this.cooks.add(dish.cook());
        }
        for (int i = 0; i < ENTRIES; i++) {
            ids[i] = UUID.randomUUID();
            todo.add(i);
        }
    }

    /** Something that goes wrong, once so many entries are acknowledged. */
    record Fault(int from, String called, Happening what) {}

    interface Happening {
        void happen() throws Exception;
    }

    List<String> cooks() {
        return List.copyOf(cooks);
    }

    int acknowledged() {
        return acknowledged.get();
    }

    /** Sends them all while one fault after another happens. */
    void send(List<Fault> faults) throws Exception {
        for (int i = 0; i < HANDS; i++) {
            hands.execute(this::send);
        }
        for (Fault fault : faults) {
            while (acknowledged.get() < fault.from()) {
                TimeUnit.MILLISECONDS.sleep(AGAIN_MS);
            }
            System.out.printf(Locale.ROOT, "%5d acknowledged: %s%n", acknowledged.get(), fault.called());
            fault.what().happen();
        }
        hands.shutdown();
        hands.awaitTermination(1, TimeUnit.HOURS);
    }

    private void send() {
        for (Integer next = todo.poll(); next != null; next = todo.poll()) {
            String fields = "kind=stirred&event=" + ids[next];
            while (!sent("/cooks/" + cooks.get(next % cooks.size()) + "/events", fields)) {
                failed.incrementAndGet();
                try {
                    TimeUnit.MILLISECONDS.sleep(AGAIN_MS);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
            order.put(ids[next], acknowledged.incrementAndGet());
        }
    }

    private boolean sent(String path, String fields) {
        try {
            return browser.post(path, fields, "live").status() == 200;
        } catch (IOException away) {
            return false;
        }
    }

    /** Waits until pages are answered again, and says how long that took. */
    void back() throws InterruptedException {
        long begun = System.nanoTime();
        while (!isUp()) {
            TimeUnit.MILLISECONDS.sleep(AGAIN_MS);
        }
        System.out.printf(Locale.ROOT, "      answers again after %.1f s%n", (System.nanoTime() - begun) / 1e9);
    }

    private boolean isUp() {
        try {
            return browser.part("/pots/new", "").status() == 200;
        } catch (IOException away) {
            return false;
        }
    }

    /**
     * Whether each is in a database once.
     *
     * @param list a file to write
     */
    boolean isEachStoredOnce(Path list, int databasePort, String password) throws IOException, InterruptedException {
        StringBuilder sql = new StringBuilder("create temporary table sent (id uuid not null primary key);\n");
        for (UUID id : ids) {
            sql.append("insert into sent values ('").append(id).append("');\n");
        }
        sql.append(
                "select concat(count(distinct e.id), ' ', count(e.id)) from sent s left join cook_event e on e.id = s.id;\n");
        Files.writeString(list, sql);
        String ask = "mariadb --no-defaults -N -h 127.0.0.1 -P " + databasePort + " -u gradior_owner -p" + password
                + " gradior";
        String counts = Shell.said(ask + " <" + list).strip();
        System.out.println(acknowledged + " acknowledged after " + failed
                + " tries that failed; stored, and rows of them: " + counts);
        sql.append("select s.id from sent s where not exists (select 1 from cook_event e where e.id = s.id);\n");
        Files.writeString(list, sql);
        Shell.said(ask + " <" + list)
                .lines()
                .skip(1)
                .forEach(
                        lost -> System.out.println("lost: acknowledged as number " + order.get(UUID.fromString(lost))));
        return counts.equals(ENTRIES + " " + ENTRIES) && acknowledged.get() == ENTRIES;
    }
}
