package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ModelPlotsTest {
    @Test
    void thePicturesInTheDocumentationAreThoseOfTheModelAsItIs() throws IOException {
        Path fresh = Path.of("target", "model-plots");
        ModelPlots.main(new String[] {fresh.toString()});

        try (Stream<Path> drawn = Files.list(fresh)) {
            List<Path> pictures = drawn.toList();
            assertThat(pictures).hasSize(6);
            for (Path picture : pictures) {
                assertThat(Path.of("..", "docs", "model").resolve(picture.getFileName()))
                        .as("copy core/target/model-plots to docs/model after looking at them")
                        .hasSameTextualContentAs(picture);
            }
        }
    }
}
