package app.gradior.web.live;

import java.io.Writer;
import java.nio.charset.StandardCharsets;

/**
 * Leaves out of HTML the breaks between its lines and what lines begin with: a blank stands for them. It is written in
 * thousands of pieces, so it is kept as text and encoded once.
 */
final class OneLine extends Writer {
    private static final int TYPICAL = 30_000;

    private final StringBuilder text = new StringBuilder(TYPICAL);
    private boolean broken;

    @Override
    public void write(int one) {
        write(String.valueOf((char) one), 0, 1);
    }

    @Override
    public void write(char[] from, int offset, int length) {
        write(String.valueOf(from, offset, length), 0, length);
    }

    @Override
    public void write(String from, int offset, int length) {
        int begun = offset;
        for (int i = offset; i < offset + length; i++) {
            char c = from.charAt(i);
            if (c == '\n' || c == '\r') {
                if (!broken) {
                    text.append(from, begun, i);
                }
                broken = true;
            } else if (broken && c != ' ' && c != '\t') {
                broken = false;
                begun = i;
                text.append(' ');
            }
        }
        if (!broken) {
            text.append(from, begun, offset + length);
        }
    }

    /** All that was written, in UTF-8. */
    byte[] bytes() {
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    @Override
    public void flush() {
        // It goes nowhere.
    }

    @Override
    public void close() {
        // There is nothing to give back.
    }
}
