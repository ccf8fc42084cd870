package app.gradior.web.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class OneLineTest {
    private final OneLine line = new OneLine();

    private String said() {
        return new String(line.bytes(), StandardCharsets.UTF_8);
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
