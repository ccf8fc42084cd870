package app.gradior.web.live;

import java.io.ByteArrayOutputStream;
import java.io.Writer;
import java.nio.charset.StandardCharsets;

/** HTML in UTF-8 as it is written, without the breaks between its lines and what lines begin with: a blank stands for them. */
final class OneLine extends Writer {
    private static final int ASCII = 0x80;

    private final ByteArrayOutputStream bytes;
    private char high;
    private boolean broken;

    OneLine(int typical) {
        this.bytes = new ByteArrayOutputStream(typical);
    }

    byte[] bytes() {
        return bytes.toByteArray();
    }

    @Override
    public void write(int one) {
        char c = (char) one;
        if (c == '\n' || c == '\r') {
            broken = true;
            return;
        }
        if (broken) {
            if (c == ' ' || c == '\t') {
                return;
            }
            broken = false;
            bytes.write(' ');
        }
        if (c < ASCII) {
            bytes.write(c);
        } else if (Character.isHighSurrogate(c)) {
            high = c;
        } else {
            String whole = Character.isLowSurrogate(c) ? new String(new char[] {high, c}) : String.valueOf(c);
            bytes.writeBytes(whole.getBytes(StandardCharsets.UTF_8));
        }
    }

    @Override
    public void write(char[] from, int offset, int length) {
        for (int i = offset; i < offset + length; i++) {
            write(from[i]);
        }
    }

    @Override
    public void write(String from, int offset, int length) {
        for (int i = offset; i < offset + length; i++) {
            write(from.charAt(i));
        }
    }

    @Override
    public void flush() {
        // It is in memory.
    }

    @Override
    public void close() {
        // Nothing is held.
    }
}
