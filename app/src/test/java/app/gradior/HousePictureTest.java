package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class HousePictureTest {
    /** How many classes a room holds may change without a new picture; which rooms there are, and their arrows, may not. */
    private static String withoutCounts(String svg) {
        return svg.replaceAll(" · \\d+<", "<");
    }

    @Test
    void thePictureInTheDocumentsShowsTheRoomsAsTheyAre() throws IOException {
        assertThat(withoutCounts(HousePicture.svg()))
                .as("run app.gradior.HousePicture from the tests")
                .isEqualTo(withoutCounts(Files.readString(HousePicture.FILE)));
    }

    @Test
    void everyRoomIsDrawnOnce() {
        assertThat(Pattern.compile(">([a-z]+) · \\d+<")
                        .matcher(HousePicture.svg())
                        .results()
                        .map(MatchResult::group))
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(25);
    }
}
