package app.gradior.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/**
 * Ten thousand entries while everything fails in turn: the application and the database killed, the database stopped for a
 * minute, slow, its disk full, the clock set back. Needs to be root, for a disk that is small enough to fill.
 */
public final class Faults {
    private static final int COOKS = 12;
    private static final int SLOW_MS = 200;
    private static final int MINUTE_S = 60;
    private static final int A_WHILE_S = 20;
    private static final int MOST_SAUCES = 3000;
    private static final String LONG_SAUCE = "name=Long&text=" + "600+g+plums+as+they+come%0A".repeat(400);
    private static final int DISK_MB = 640;

    private final Path folder;
    private final Application application;
    private Map<String, String> how = Map.of();
    private SlowLine line;
    private Browser browser;
    private Entries entries;

    private Faults(Path folder, int port) {
        this.folder = folder;
        this.application = new Application(port, Path.of("var", "faults.log"));
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
        if (Shell.run("mount -t tmpfs -o size=" + DISK_MB + "m tmpfs " + folder) != 0) {
            throw new IllegalStateException("This needs root: it mounts a small disk on " + folder + ".");
        }
        startDatabase();
        line = new SlowLine(databasePort());
        startApplication();
        browser = Browser.inNewKitchen(application.address());
        entries = new Entries(browser, COOKS);
        entries.send(faults());
        return entries.isEachStoredOnce(folder.resolve("ids"), databasePort(), how.get("GRADIOR_DB_OWNER_PASSWORD"));
    }

    private List<Entries.Fault> faults() {
        return List.of(
                new Entries.Fault(800, "the application is killed", this::killApplication),
                new Entries.Fault(1600, "the database is killed", this::killDatabase),
                new Entries.Fault(3000, "the application is killed once more", this::killApplication),
                new Entries.Fault(4600, "the database stands still for a minute", this::freeze),
                new Entries.Fault(5600, "the database takes 200 ms a question, for a while", this::slow),
                new Entries.Fault(6600, "the disk is full, for a while", this::fill),
                new Entries.Fault(7600, "both are killed at once", this::killBoth),
                new Entries.Fault(8200, "the clock is set back by an hour", this::setBack),
                new Entries.Fault(8400, "the application is killed once more", this::killApplication),
                new Entries.Fault(8600, "the clock is set right", this::setRight),
                new Entries.Fault(9000, "the database is killed once more", this::killDatabase));
    }

    private void killApplication() throws Exception {
        application.kill();
        startApplication();
        entries.back();
    }

    private void killDatabase() throws Exception {
        killServer();
        startDatabase();
        entries.back();
    }

    private void killBoth() throws Exception {
        application.kill();
        killServer();
        startDatabase();
        startApplication();
        entries.back();
    }

    private void killServer() throws Exception {
        ProcessHandle server = server();
        server.destroyForcibly();
        server.onExit().get();
    }

    private void freeze() throws Exception {
        Shell.run("kill -STOP " + server().pid());
        TimeUnit.SECONDS.sleep(MINUTE_S);
        Shell.run("kill -CONT " + server().pid());
        entries.back();
    }

    private void slow() throws Exception {
        line.delay(SLOW_MS);
        meanwhile(A_WHILE_S);
        line.delay(0);
    }

    private void fill() throws Exception {
        Shell.run("dd if=/dev/zero of=" + folder.resolve("filler") + " bs=1M 2>/dev/null");
        // What the database has laid out before is used up by something long, while entries go on.
        Browser.Answer answer = browser.post("/sauces/new", LONG_SAUCE, "");
        int kept = 0;
        while (answer.status() < 400 && kept < MOST_SAUCES) {
            kept++;
            answer = browser.post("/sauces/new", LONG_SAUCE, "");
        }
        System.out.println("      " + kept + " long sauces found room; the next was answered " + answer.status()
                + (answer.body().contains("is full") ? ", which said why" : ""));
        meanwhile(A_WHILE_S);
        System.out.println(
                "      a page answers " + browser.part("/pots/new", "").status());
        Files.delete(folder.resolve("filler"));
        // It ends where it can't write its log; the launcher starts it again.
        startDatabase();
        entries.back();
    }

    private Path setBackFile() {
        return folder.resolve("set-back");
    }

    /** It stays so over the next start. */
    private void setBack() throws Exception {
        Files.createFile(setBackFile());
        entries.back();
        sayTime();
    }

    private void setRight() throws Exception {
        Files.delete(setBackFile());
        entries.back();
        sayTime();
    }

    private void sayTime() throws IOException {
        String page = browser.part("/cooks/" + entries.cooks().get(0), "live").body();
        System.out.println(
                "      its pages are of " + Browser.first("data-now=\"([^\"]+)", page) + ", at " + Instant.now());
    }

    private void meanwhile(int seconds) throws InterruptedException {
        int before = entries.acknowledged();
        TimeUnit.SECONDS.sleep(seconds);
        System.out.println("      " + (entries.acknowledged() - before) + " meanwhile");
    }

    private void startApplication() throws Exception {
        Map<String, String> through = new HashMap<>(how);
        through.computeIfPresent("GRADIOR_DB_URL", (name, url) -> url.replaceFirst(":\\d+/", ":" + line.port() + "/"));
        through.put("SPRING_MAIN_SOURCES", SetBackClock.class.getName());
        through.put(SetBackClock.FILE, setBackFile().toString());
        application.start(through);
    }

    private void startDatabase() throws Exception {
        how = Shell.exports("tools/database start " + folder + "/db");
    }

    private int databasePort() throws IOException {
        return Integer.parseInt(Files.readString(folder.resolve("db/db.port")).strip());
    }

    private ProcessHandle server() throws IOException {
        long pid = Long.parseLong(Files.readString(folder.resolve("db/db.pid")).strip());
        return ProcessHandle.of(pid).orElseThrow();
    }

    private void end() throws Exception {
        application.kill();
        Shell.run("tools/database stop " + folder + "/db");
        Shell.run("umount " + folder);
    }
}
