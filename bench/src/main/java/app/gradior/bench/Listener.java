package app.gradior.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;

/** A page that listens to a cook as a browser does: when its line ends it opens another one, wherever that leads. */
final class Listener {
    private static final int AGAIN_MS = 500;
    /** A node tells that it is there more often than this. */
    private static final int SILENT_MS = 30_000;

    private final Browser browser;
    private final String cook;
    private volatile long heard;
    private volatile long wanted = Long.MAX_VALUE;
    private volatile int opened;
    private volatile boolean over;
    private volatile HttpURLConnection line;

    Listener(Browser browser, String cook) {
        this.browser = browser;
        this.cook = cook;
    }

    String cook() {
        return cook;
    }

    int opened() {
        return opened;
    }

    void wants(String revision) {
        wanted = Long.parseLong(revision);
    }

    boolean hasHeard() {
        return heard >= wanted;
    }

    /** The page is closed. */
    void end() {
        over = true;
        HttpURLConnection open = line;
        if (open != null) {
            open.disconnect();
        }
    }

    void start() {
        Thread thread = new Thread(this::listen);
        thread.setDaemon(true);
        thread.start();
    }

    private void listen() {
        while (!over) {
            try {
                HttpURLConnection stream = browser.open("/cooks/" + cook + "/stream?since=" + heard, "");
                stream.setReadTimeout(SILENT_MS);
                line = stream;
                try (BufferedReader lines =
                        new BufferedReader(new InputStreamReader(stream.getInputStream(), StandardCharsets.UTF_8))) {
                    opened++;
                    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                        if (line.matches("data: *\\d+")) {
                            heard = Long.parseLong(
                                    line.substring("data:".length()).strip());
                        }
                    }
                }
            } catch (IOException gone) {
                // Another one.
            }
            try {
                TimeUnit.MILLISECONDS.sleep(AGAIN_MS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }
}
