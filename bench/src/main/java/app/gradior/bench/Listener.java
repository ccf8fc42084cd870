package app.gradior.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A page that listens to a cook as a browser does: when its line ends it opens another one, wherever that leads. Once it is
 * closed it leaves its line with what it hears next.
 */
final class Listener {
    private static final int AGAIN_MS = 500;
    /** A node tells that it is there more often than this. */
    private static final int SILENT_MS = 30_000;

    /** Told alone, or in what the page is to show. */
    private static final Pattern REVISION = Pattern.compile("^data: *(\\d+)$|^data:.*?data-revision=\"(\\d+)\"");

    private final Browser browser;
    private final String cook;
    private volatile long heard;
    private volatile long wanted = Long.MAX_VALUE;
    private volatile int opened;
    private volatile boolean over;

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

    /** Not closed from here: to close a stream waits for who reads it. */
    void end() {
        over = true;
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
                try (BufferedReader lines =
                        new BufferedReader(new InputStreamReader(stream.getInputStream(), StandardCharsets.UTF_8))) {
                    opened++;
                    for (String line = lines.readLine(); line != null && !over; line = lines.readLine()) {
                        Matcher told = REVISION.matcher(line);
                        if (told.find()) {
                            heard = Long.parseLong(told.group(1) != null ? told.group(1) : told.group(2));
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
