package app.gradior.bench;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Ten thousand entries while everything fails in turn: the application and the database killed, the database stopped for a
 * minute, slow, its disk full. What was acknowledged is counted in the end: none may be lost, none
 * stored twice. Needs to be root, for a disk that is small enough to fill.
 */
public final class Faults {
    private static final int ENTRIES = 10_000;
    private static final int HANDS = 6;
    private static final int COOKS = 12;
    private static final int AGAIN_MS = 150;
    private static final int SLOW_MS = 200;
    private static final int MINUTE_S = 60;
    private static final int A_WHILE_S = 20;
    private static final int STARTS_S = 120;
    private static final int DISK_MB = 640;

    private final Path folder;
    private final int port;
    private final Map<String, String> how = new HashMap<>();
    private final Queue<Integer> todo = new ConcurrentLinkedQueue<>();
    private final AtomicInteger acknowledged = new AtomicInteger();
    private final AtomicInteger failed = new AtomicInteger();
    private final List<String> cooks = new ArrayList<>();
    private final UUID[] ids = new UUID[ENTRIES];
    private SlowLine line;
    private Process application;
    private Browser browser;

    private Faults(Path folder, int port) {
        this.folder = folder;
        this.port = port;
    }

    /** @param arguments a folder that may be mounted over, and a free port */
    public static void main(String[] arguments) throws Exception {
        Faults faults = new Faults(Path.of(arguments[0]).toAbsolutePath(), Integer.parseInt(arguments[1]));
        boolean well = false;
        try {
            well = faults.run();
        } finally {
            faults.end();
        }
        System.exit(well ? 0 : 1);
    }

    private boolean run() throws Exception {
        Files.createDirectories(folder);
        if (shell("mount -t tmpfs -o size=" + DISK_MB + "m tmpfs " + folder) != 0) {
            throw new IllegalStateException("This needs root: it mounts a small disk on " + folder + ".");
        }
        database("start");
        line = new SlowLine(databasePort());
        startApplication();
        browser = Browser.inNewKitchen("http://127.0.0.1:" + port);
        furnish();
        for (int i = 0; i < ENTRIES; i++) {
            ids[i] = UUID.randomUUID();
            todo.add(i);
        }
        ExecutorService hands = Executors.newFixedThreadPool(HANDS);
        for (int i = 0; i < HANDS; i++) {
            hands.execute(this::send);
        }
        for (Fault fault : faults()) {
            until(fault.from());
            int before = acknowledged.get();
            System.out.printf(Locale.ROOT, "%5d acknowledged: %s%n", before, fault.called());
            fault.what().happen();
        }
        hands.shutdown();
        hands.awaitTermination(1, TimeUnit.HOURS);
        return counted();
    }

    private interface Happening {
        void happen() throws Exception;
    }

    private record Fault(int from, String called, Happening what) {}

    private List<Fault> faults() {
        return List.of(
                new Fault(800, "the application is killed", this::killApplication),
                new Fault(1600, "the database is killed", this::killDatabase),
                new Fault(3000, "the application is killed once more", this::killApplication),
                new Fault(4600, "the database stands still for a minute", this::freeze),
                new Fault(5600, "the database takes 200 ms a question, for a while", this::slow),
                new Fault(6600, "the disk is full, for a while", this::fill),
                new Fault(7600, "both are killed at once", this::killBoth),
                new Fault(8600, "the database is killed once more", this::killDatabase));
    }

    private void until(int count) throws InterruptedException {
        while (acknowledged.get() < count) {
            TimeUnit.MILLISECONDS.sleep(AGAIN_MS);
        }
    }

    /** As an outbox does: the same again under the same id, until it is answered. */
    private void send() {
        for (Integer next = todo.poll(); next != null; next = todo.poll()) {
            String fields = "kind=stirred&event=" + ids[next];
            while (!sent("/cooks/" + cooks.get(next % COOKS) + "/events", fields)) {
                failed.incrementAndGet();
                try {
                    TimeUnit.MILLISECONDS.sleep(AGAIN_MS);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
            acknowledged.incrementAndGet();
        }
    }

    private boolean sent(String path, String fields) {
        try {
            return browser.post(path, fields, "live").status() == 200;
        } catch (IOException away) {
            return false;
        }
    }

    private void furnish() throws IOException {
        browser.post("/pots/new", "name=Casserole&baseCm=24&rimCm=24&wallCm=12&material=STEEL&tareG=2000", "");
        String sauce = browser.post("/sauces/new", "name=Faults&text=600+g+plums%0A300+ml+water", "")
                .id();
        String pot = Browser.first("href=\"/pots/([0-9a-f-]{36})\"", browser.get("/pots"));
        for (int i = 0; i < COOKS; i++) {
            cooks.add(browser.post(
                            "/cooks",
                            "cook=" + UUID.randomUUID() + "&plan=" + UUID.randomUUID() + "&sauce=" + sauce + "&pot="
                                    + pot + "&aim=yield&amount=600",
                            "")
                    .id());
        }
    }

    private boolean counted() throws Exception {
        Path list = folder.resolve("ids");
        StringBuilder sql = new StringBuilder("create temporary table sent (id uuid not null primary key);\n");
        for (UUID id : ids) {
            sql.append("insert into sent values ('").append(id).append("');\n");
        }
        sql.append(
                "select concat(count(distinct e.id), ' ', count(e.id)) from sent s left join cook_event e on e.id = s.id;\n");
        Files.writeString(list, sql);
        String counts = said("mariadb --no-defaults -N -h 127.0.0.1 -P " + databasePort() + " -u gradior_owner -p"
                        + how.get("GRADIOR_DB_OWNER_PASSWORD") + " gradior <" + list)
                .strip();
        System.out.println(acknowledged + " acknowledged after " + failed
                + " tries that failed; stored, and rows of them: " + counts);
        return counts.equals(ENTRIES + " " + ENTRIES) && acknowledged.get() == ENTRIES;
    }

    private void killApplication() throws Exception {
        application.destroyForcibly().waitFor();
        startApplication();
    }

    private void killDatabase() throws Exception {
        ProcessHandle server = server();
        server.destroyForcibly();
        server.onExit().get();
        database("start");
        back();
    }

    private void killBoth() throws Exception {
        application.destroyForcibly();
        killDatabaseOnly();
        application.waitFor();
        database("start");
        startApplication();
    }

    private void killDatabaseOnly() throws Exception {
        ProcessHandle server = server();
        server.destroyForcibly();
        server.onExit().get();
    }

    private void freeze() throws Exception {
        shell("kill -STOP " + server().pid());
        TimeUnit.SECONDS.sleep(MINUTE_S);
        shell("kill -CONT " + server().pid());
        back();
    }

    private void slow() throws Exception {
        line.delay(SLOW_MS);
        int before = acknowledged.get();
        TimeUnit.SECONDS.sleep(A_WHILE_S);
        System.out.println("      " + (acknowledged.get() - before) + " meanwhile");
        line.delay(0);
    }

    private void fill() throws Exception {
        shell("dd if=/dev/zero of=" + folder.resolve("filler") + " bs=1M 2>/dev/null");
        int before = acknowledged.get();
        TimeUnit.SECONDS.sleep(A_WHILE_S);
        System.out.println("      " + (acknowledged.get() - before) + " meanwhile; a page answers "
                + browser.part("/pots/new", "").status());
        Files.delete(folder.resolve("filler"));
        back();
    }

    /** That it answers again by itself, and how soon. */
    private void back() throws Exception {
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

    private void startApplication() throws Exception {
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-XX:+UseSerialGC",
                "-jar",
                "app/target/run/gradior.jar",
                "--server.port=" + port,
                "--gradior.demo=demo/kitchen.json",
                "--gradior.rehearsals=0"));
        ProcessBuilder start = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        Path.of("var", "faults.log").toFile()));
        how.forEach(start.environment()::put);
        start.environment()
                .put(
                        "GRADIOR_DB_URL",
                        how.get("GRADIOR_DB_URL").replace(":" + databasePort() + "/", ":" + line.port() + "/"));
        application = start.start();
        for (int i = 0; i < STARTS_S * 4 && !listens(); i++) {
            TimeUnit.MILLISECONDS.sleep(250);
            if (!application.isAlive()) {
                throw new IllegalStateException("It did not start: see var/faults.log.");
            }
        }
        if (browser != null) {
            back();
        }
    }

    private boolean listens() {
        try (Socket door = new Socket(InetAddress.getLoopbackAddress(), port)) {
            return door.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }

    private void database(String what) throws Exception {
        Matcher export = Pattern.compile("export (\\w+)='?([^'\\n]*)'?")
                .matcher(said("tools/database " + what + " " + folder + "/db"));
        while (export.find()) {
            how.put(export.group(1), export.group(2));
        }
    }

    private int databasePort() throws IOException {
        return Integer.parseInt(Files.readString(folder.resolve("db/db.port")).strip());
    }

    private ProcessHandle server() throws IOException {
        long pid = Long.parseLong(Files.readString(folder.resolve("db/db.pid")).strip());
        return ProcessHandle.of(pid).orElseThrow();
    }

    private static int shell(String command) throws Exception {
        return new ProcessBuilder("bash", "-c", command).inheritIO().start().waitFor();
    }

    private static String said(String command) throws Exception {
        Process process = new ProcessBuilder("bash", "-c", command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return words;
    }

    private void end() throws Exception {
        Optional.ofNullable(application).ifPresent(Process::destroyForcibly);
        said("tools/database stop " + folder + "/db");
        shell("umount " + folder);
    }
}
