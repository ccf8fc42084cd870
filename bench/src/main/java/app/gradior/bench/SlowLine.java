package app.gradior.bench;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;

/** A line to the database that can be made slow: what goes through it waits as long as is set. */
final class SlowLine {
    private static final int BYTES = 64 * 1024;

    private final int to;
    private final ServerSocket door;
    private volatile int delayMs;

    SlowLine(int to) throws IOException {
        this.to = to;
        this.door = new ServerSocket(0, 64, InetAddress.getLoopbackAddress());
        daemon(this::accept);
    }

    int port() {
        return door.getLocalPort();
    }

    /** How long each question to the database waits from now on. */
    void delay(int ms) {
        delayMs = ms;
    }

    private static void daemon(Runnable what) {
        Thread thread = new Thread(what);
        thread.setDaemon(true);
        thread.start();
    }

    private void accept() {
        while (!door.isClosed()) {
            try {
                Socket asks = door.accept();
                Socket answers = new Socket(InetAddress.getLoopbackAddress(), to);
                asks.setTcpNoDelay(true);
                answers.setTcpNoDelay(true);
                daemon(() -> carry(asks, answers, true));
                daemon(() -> carry(answers, asks, false));
            } catch (IOException away) {
                // Who asks sees that its line is cut.
            }
        }
    }

    private void carry(Socket from, Socket into, boolean questions) {
        byte[] bytes = new byte[BYTES];
        try (from;
                into) {
            InputStream in = from.getInputStream();
            OutputStream out = into.getOutputStream();
            for (int n = in.read(bytes); n >= 0; n = in.read(bytes)) {
                if (questions && delayMs > 0) {
                    Thread.sleep(delayMs);
                }
                out.write(bytes, 0, n);
                out.flush();
            }
        } catch (IOException cut) {
            // Both ends are closed, as each would see it of the other.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
