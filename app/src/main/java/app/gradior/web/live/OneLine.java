package app.gradior.web.live;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.Writer;

/** Leaves out of HTML the breaks between its lines and what lines begin with: a blank stands for them. */
final class OneLine extends FilterWriter {
    private boolean broken;

    OneLine(Writer to) {
        super(to);
    }

    @Override
    public void write(int one) throws IOException {
        write(new char[] {(char) one}, 0, 1);
    }

    @Override
    public void write(String from, int offset, int length) throws IOException {
        write(from.substring(offset, offset + length).toCharArray(), 0, length);
    }

    @Override
    public void write(char[] from, int offset, int length) throws IOException {
        int begun = offset;
        for (int i = offset; i < offset + length; i++) {
            char c = from[i];
            if (c == '\n' || c == '\r') {
                if (!broken) {
                    out.write(from, begun, i - begun);
                }
                broken = true;
            } else if (broken && c != ' ' && c != '\t') {
                broken = false;
                begun = i;
                out.write(' ');
            }
        }
        if (!broken) {
            out.write(from, begun, offset + length - begun);
        }
    }
}
