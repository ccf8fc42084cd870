package app.gradior.bench;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** A Gradior in a process of its own, to be killed. */
final class Application {
    private static final int STARTS_S = 120;
    private static final int LOOKS_A_SECOND = 4;

    private final int port;
    private final Path log;
    private Process process;

    /** @param log what it says is added to this file */
    Application(int port, Path log) {
        this.port = port;
        this.log = log;
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** @param how to reach its database, as variables of its environment */
    void start(Map<String, String> how) throws IOException, InterruptedException {
        if (listens()) {
            throw new IllegalStateException("Port " + port + " is taken by another program.");
        }
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-XX:+UseSerialGC",
                "-cp",
                "app/target/run/gradior.jar:bench/target/classes",
                "app.gradior.GradiorApplication",
                "--server.port=" + port,
                "--gradior.demo=demo/kitchen.json",
                "--gradior.rehearsals=0",
                "--gradior.throttle.sign-ups-from-address=1000000"));
        ProcessBuilder start = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
        start.environment().putAll(how);
        process = start.start();
        for (int i = 0; i < STARTS_S * LOOKS_A_SECOND && !listens(); i++) {
            TimeUnit.MILLISECONDS.sleep(1000 / LOOKS_A_SECOND);
            if (!process.isAlive()) {
                throw new IllegalStateException("It did not start: see " + log + ".");
            }
        }
    }

    /** Without warning. */
    void kill() throws InterruptedException {
        if (process != null) {
            process.destroyForcibly().waitFor();
        }
    }

    private boolean listens() {
        try (Socket door = new Socket(InetAddress.getLoopbackAddress(), port)) {
            return door.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }
}
