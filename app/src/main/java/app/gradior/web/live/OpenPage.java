package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;

/**
 * A page that listens to a cook. What it is to be told waits here until its connection takes it; nobody waits with it, and
 * of what a slow reader has not taken only the latest is left.
 */
final class OpenPage implements WriteListener, AsyncListener {
    /** That somebody is there: a connection that nobody reads any more is noticed by it. */
    private static final byte[] HERE = ":here\n\n".getBytes(StandardCharsets.US_ASCII);

    private final BatchService.Which cook;
    private final String session;
    private final AsyncContext context;
    private final ServletOutputStream out;
    private final Consumer<OpenPage> gone;
    private final AtomicReference<byte[]> waiting = new AtomicReference<>(HERE);
    /** How often it was asked to write since the one who writes has looked. */
    private final AtomicInteger asked = new AtomicInteger();

    private volatile boolean over;
    private long told;
    private boolean unflushed;

    /**
     * @param session of whoever reads it
     * @param context of a request that stays open
     * @param told the revision that the page shows
     * @param gone what is to be done once it does not listen any more
     */
    OpenPage(BatchService.Which cook, String session, AsyncContext context, long told, Consumer<OpenPage> gone)
            throws IOException {
        this.cook = cook;
        this.session = session;
        this.context = context;
        this.out = context.getResponse().getOutputStream();
        this.told = told;
        this.gone = gone;
        context.addListener(this);
        out.setWriteListener(this);
    }

    BatchService.Which cook() {
        return cook;
    }

    String session() {
        return session;
    }

    /** Whether it was not told of a revision yet. */
    boolean isBehind(long revision) {
        return revision != told;
    }

    /** Whether it was told of none so late. */
    boolean isBefore(long revision) {
        return told < revision;
    }

    /**
     * Tells it of a revision; called by one thread only.
     *
     * @param event as it goes over the line
     */
    void tell(long revision, byte[] event) {
        told = revision;
        waiting.set(event);
        write();
    }

    /** Breaks the silence. */
    void here() {
        waiting.compareAndSet(null, HERE);
        write();
    }

    void end() {
        if (!over) {
            over = true;
            complete();
        }
    }

    private void complete() {
        try {
            context.complete();
        } catch (IllegalStateException already) {
            // The server has ended it by itself.
        }
    }

    @Override
    public void onWritePossible() {
        write();
    }

    /** Whoever comes while another writes leaves it to that one: no lock is held while the server is called. */
    private void write() {
        if (asked.getAndIncrement() != 0) {
            return;
        }
        int seen = 1;
        do {
            try {
                writeWhatCanBe();
            } catch (IOException | IllegalStateException unreachable) {
                end();
            }
            seen = asked.addAndGet(-seen);
        } while (seen != 0);
    }

    private void writeWhatCanBe() throws IOException {
        while (!over && out.isReady()) {
            byte[] next = waiting.getAndSet(null);
            if (next != null) {
                out.write(next);
                unflushed = true;
            } else if (unflushed) {
                unflushed = false;
                out.flush();
            } else {
                return;
            }
        }
    }

    @Override
    public void onComplete(AsyncEvent event) {
        over = true;
        gone.accept(this);
    }

    @Override
    public void onTimeout(AsyncEvent event) {
        end();
    }

    /** Whoever read it is gone: unless it is completed here, the server would write a page of errors into it. */
    @Override
    public void onError(AsyncEvent event) {
        over = true;
        complete();
    }

    @Override
    public void onError(Throwable unreachable) {
        end();
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
        // Nothing starts it anew.
    }
}
