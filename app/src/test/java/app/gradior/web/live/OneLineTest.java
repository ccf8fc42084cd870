package app.gradior.web.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class OneLineTest {
    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private final OneLine line = new OneLine(new OutputStreamWriter(bytes, StandardCharsets.UTF_8));

    private String said() throws IOException {
        line.flush();
        return bytes.toString(StandardCharsets.UTF_8);
    }

    @Test
    void linesFollowEachOtherWithABlankAndWithoutWhatTheyBeginWith() throws IOException {
        line.write("<p>\n    so  much\r\n\t</p>\n");
        line.write("  <i>".toCharArray());
        assertThat(said()).isEqualTo("<p> so  much </p> <i>");
    }

    @Test
    void whatIsNotLatinComesThroughAlsoWhereItIsWrittenInPieces() throws IOException {
        String all = "½ °C → ◆ 🥄 Crème";
        for (int i = 0; i < all.length(); i++) {
            line.write(all, i, 1);
        }
        assertThat(said()).isEqualTo(all);
    }
}
