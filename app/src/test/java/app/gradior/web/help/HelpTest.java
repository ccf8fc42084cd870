package app.gradior.web.help;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.web.SignedIn;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@ExtendWith(RunningApplication.class)
class HelpTest {
    private static Document help(String query) {
        return Jsoup.parse(SignedIn.visitor(RunningApplication.address(), "reader")
                .get("/help" + query)
                .body());
    }

    static java.util.List<String> places() {
        return HelpText.PLACES;
    }

    @ParameterizedTest
    @MethodSource("places")
    void everyPlaceHasItsWordsAndItsKeys(String place) {
        Document page = help("?place=" + place);
        assertThat(page.select(".words-meant dt")).hasSizeGreaterThan(1);
        assertThat(page.select(".keys tbody tr").text()).contains("this help");
        assertThat(page.select(".keys tbody tr").size())
                .isLessThan(help("").select(".keys tbody tr").size());
    }

    @Test
    void gradeRangeAndLooksAreExplainedWithDrawings() {
        Document page = help("");
        assertThat(page.select("dt#grade, dt#range, dt#looks")).hasSize(3);
        assertThat(page.select("dt#grade + dd svg.spoon")).hasSize(6);
        assertThat(page.select("dt#range + dd svg")).hasSize(1);
    }

    @Test
    void wordsAndKeysAreSearched() {
        Document found = help("?q=Starch");
        assertThat(found.select("dt").eachText()).contains("Slurry").doesNotContain("Range");
        Document none = help("?q=zzz");
        assertThat(none.select("dt, .keys")).isEmpty();
        assertThat(none.select("main").text()).contains("Nothing here has that word");
    }
}
