package app.gradior.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Ten thousand entries through two nodes on three databases that are one, each request to the next node: nodes and databases
 * are killed under it and come back. Pages that listen go to the other node when theirs is gone. And two people of a kitchen
 * leave it at the same moment, each at another node: it may not be left to nobody.
 */
public final class Cluster {
    /** Few, so that changes of the same cook meet on different nodes. */
    private static final int COOKS = 6;

    private static final int NODES = 2;
    private static final int LISTENERS = 24;
    private static final int COUPLES = 20;
    private static final int AGAIN_WITHIN_S = 60;
    private static final String ALL = "3";
    private static final int A_WHILE_S = 20;
    private static final int SEEN_WITHIN_S = 30;

    private final Path folder;
    private final List<Application> nodes = new ArrayList<>();
    private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
    private Map<String, String> how = Map.of();
    private Entries entries;
    private int met;

    private Cluster(Path folder, int port) {
        this.folder = folder;
        for (int i = 0; i < NODES; i++) {
            nodes.add(new Application(port + i, Path.of("var", "cluster-" + (i + 1) + ".log")));
        }
    }

    /** @param arguments a folder for the databases, and the first of two free ports */
    public static void main(String[] arguments) throws Exception {
        Cluster cluster = new Cluster(Path.of(arguments[0]).toAbsolutePath(), Integer.parseInt(arguments[1]));
        boolean well = false;
        try {
            well = cluster.run();
        } finally {
            cluster.end();
        }
        System.exit(well ? 0 : 1);
    }

    private boolean run() throws Exception {
        startDatabases();
        for (int i = 0; i < NODES; i++) {
            startNode(i);
        }
        String[] addresses = nodes.stream().map(Application::address).toArray(String[]::new);
        int orphans = part(addresses);
        Browser browser = Browser.inNewKitchen(addresses);
        entries = new Entries(browser, COOKS);
        for (int i = 0; i < LISTENERS; i++) {
            Listener listener = new Listener(browser, entries.cooks().get(i % COOKS));
            listeners.add(listener);
            listener.start();
        }
        entries.send(faults());
        boolean told = heard(browser);
        System.out.println("changes that met another: " + (met + met(1) + met(2) + met(3)));
        boolean once = true;
        for (int n = 1; n <= 3; n++) {
            once &= entries.isEachStoredOnce(folder.resolve("ids"), port(n), how.get("GRADIOR_DB_OWNER_PASSWORD"));
        }
        return once && told && orphans == 0;
    }

    private List<Entries.Fault> faults() {
        return List.of(
                new Entries.Fault(
                        800, "the first node is killed", () -> nodes.get(0).kill()),
                new Entries.Fault(1500, "it comes back", () -> startNode(0)),
                new Entries.Fault(2300, "the second database is killed", () -> kill(2)),
                new Entries.Fault(3300, "it comes back", this::startDatabases),
                new Entries.Fault(4300, "the first database stands still for a while", this::freeze),
                new Entries.Fault(5300, "the second node and the third database are killed at once", () -> {
                    nodes.get(1).kill();
                    kill(3);
                }),
                new Entries.Fault(6300, "both come back", () -> {
                    startDatabases();
                    startNode(1);
                }),
                new Entries.Fault(7300, "the first database is killed", () -> kill(1)),
                new Entries.Fault(8000, "it comes back", this::startDatabases),
                new Entries.Fault(9000, "all three databases are killed and come back", () -> {
                    kill(1);
                    kill(2);
                    kill(3);
                    startDatabases();
                    entries.back();
                }));
    }

    private void startNode(int i) throws Exception {
        Map<String, String> its = new HashMap<>(how);
        its.put("GRADIOR_DB_URL", how.get("GRADIOR_DB_URL_" + (i + 1)));
        nodes.get(i).start(its);
    }

    private void startDatabases() throws Exception {
        how = Shell.exports("tools/cluster start " + folder);
        if (!how.containsKey("GRADIOR_DB_URL_1")) {
            throw new IllegalStateException("The databases did not start: see " + folder + "/n1/db.log.");
        }
    }

    private void kill(int n) throws Exception {
        met += met(n);
        Shell.run("tools/cluster kill " + folder + " " + n);
    }

    private void freeze() throws Exception {
        String pid = Files.readString(folder.resolve("n1/db.pid")).strip();
        Shell.run("kill -STOP " + pid);
        int before = entries.acknowledged();
        TimeUnit.SECONDS.sleep(A_WHILE_S);
        System.out.println("      " + (entries.acknowledged() - before) + " meanwhile");
        Shell.run("kill -CONT " + pid);
        // It was left out meanwhile. With another killed before it is one of them again, the last would be no majority.
        long begun = System.nanoTime();
        while (!ALL.equals(size()) && System.nanoTime() - begun < TimeUnit.SECONDS.toNanos(AGAIN_WITHIN_S)) {
            TimeUnit.MILLISECONDS.sleep(200);
        }
    }

    /** How many databases there are as the second one sees it: the first does not know at once what it missed. */
    private String size() throws Exception {
        return asked(
                2,
                "select variable_value from information_schema.global_status "
                        + "where variable_name = 'wsrep_cluster_size'");
    }

    private int port(int n) throws IOException {
        return Integer.parseInt(
                Files.readString(folder.resolve("n" + n + "/db.port")).strip());
    }

    /** How many changes met another at a database since it was started. */
    private int met(int n) throws Exception {
        return Integer.parseInt(asked(
                n,
                "select sum(variable_value) from information_schema.global_status where variable_name in "
                        + "('wsrep_local_cert_failures', 'wsrep_local_bf_aborts')"));
    }

    private String asked(int n, String sql) throws Exception {
        return Shell.said("mariadb --no-defaults -N -h 127.0.0.1 -P " + port(n) + " -u gradior_owner -p"
                        + how.get("GRADIOR_DB_OWNER_PASSWORD") + " gradior -e \"" + sql + "\"")
                .strip();
    }

    /** Pages that listen are told of the last change, however often they had to go elsewhere. */
    private boolean heard(Browser browser) throws Exception {
        for (Listener listener : listeners) {
            listener.wants(Browser.first(
                    "data-revision=\"(\\d+)\"",
                    browser.part("/cooks/" + listener.cook(), "live").body()));
        }
        long begun = System.nanoTime();
        while (listeners.stream().anyMatch(l -> !l.hasHeard())
                && System.nanoTime() - begun < TimeUnit.SECONDS.toNanos(SEEN_WITHIN_S)) {
            TimeUnit.MILLISECONDS.sleep(100);
        }
        long heard = listeners.stream().filter(Listener::hasHeard).count();
        System.out.println(heard + " of " + LISTENERS + " pages were told of the last change; they opened their stream "
                + listeners.stream().mapToInt(Listener::opened).sum() + " times");
        return heard == LISTENERS;
    }

    /** @return how many kitchens were left to nobody */
    private int part(String... addresses) throws Exception {
        ExecutorService two = Executors.newFixedThreadPool(2);
        for (int i = 0; i < COUPLES; i++) {
            Browser one = Browser.inNewKitchen(addresses[0]);
            String link = invited(one);
            Browser other = Browser.joined(addresses[1], link);
            CyclicBarrier together = new CyclicBarrier(2);
            List<Callable<Integer>> goes = new ArrayList<>();
            for (Browser person : List.of(one, other)) {
                goes.add(() -> {
                    together.await();
                    return person.post("/account/delete", "password=three+long+words", "")
                            .status();
                });
            }
            for (Future<Integer> gone : two.invokeAll(goes)) {
                if (gone.get() != 302) {
                    System.out.println("leaving was answered " + gone.get());
                }
            }
        }
        two.shutdown();
        int orphans = Integer.parseInt(asked(
                1,
                "select count(*) from kitchen k where not exists (select 1 from account a where a.kitchen_id = k.id)"));
        System.out.println(COUPLES + " kitchens whose two people left at once; left to nobody: " + orphans);
        return orphans;
    }

    private static String invited(Browser host) throws IOException {
        host.post("/kitchen/invitations", "", "");
        return Browser.first("/join/([\\w-]+)", host.get("/kitchen"));
    }

    private void end() throws Exception {
        listeners.forEach(Listener::end);
        for (Application node : nodes) {
            node.kill();
        }
        Shell.run("tools/cluster stop " + folder);
    }
}
