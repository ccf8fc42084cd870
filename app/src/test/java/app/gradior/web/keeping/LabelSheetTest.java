package app.gradior.web.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.web.platform.FieldErrors;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Labels on a sheet: row by row from where it begins, on as many sheets as it takes, each within its sheet. */
class LabelSheetTest {
    private final FieldErrors problems = new FieldErrors();

    @Test
    void theUsualSheetIsFilledRowByRowFromTheFirstThatIsFree() {
        LabelSheet sheet = LabelSheet.of(Map.of("start", "20"), problems);
        assertThat(problems.any()).isFalse();
        List<LabelSheet.Spot> spots = sheet.spots(4);
        assertThat(spots).extracting(LabelSheet.Spot::page).containsExactly(0, 0, 1, 1);
        assertThat(spots.get(1).x()).isGreaterThan(spots.get(0).x());
        assertThat(spots.get(2).x()).isCloseTo(sheet.side(), within(1e-9));
        assertThat(spots.get(2).y()).isCloseTo(sheet.top(), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 4", "3, 7", "4, 12", "3, 8"})
    void everyLabelLiesOnItsSheetAndOverNoOther(int columns, int rows) {
        LabelSheet sheet = LabelSheet.of(Map.of("columns", "" + columns, "rows", "" + rows), problems);
        assertThat(problems.any()).isFalse();
        List<LabelSheet.Spot> spots = sheet.spots(columns * rows);
        for (LabelSheet.Spot spot : spots) {
            assertThat(spot.x() + sheet.labelWidth()).isLessThanOrEqualTo(sheet.width() - sheet.side() + 1e-9);
            assertThat(spot.y() + sheet.labelHeight()).isLessThanOrEqualTo(sheet.height() - sheet.top() + 1e-9);
            assertThat(spots)
                    .filteredOn(other -> other != spot)
                    .noneMatch(other -> Math.abs(other.x() - spot.x()) < sheet.labelWidth() - 1e-9
                            && Math.abs(other.y() - spot.y()) < sheet.labelHeight() - 1e-9);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "columns, 0",
        "columns, 2.5",
        "rows, x",
        "rows, 21",
        "width, 5",
        "height, 501",
        "start, 22",
        "side, -1",
        "gapX, 31",
        "columns, 15"
    })
    void whatCannotBeIsSaidBesideItsField(String field, String typed) {
        LabelSheet.of(Map.of(field, typed), problems);
        assertThat(problems.byField()).containsOnlyKeys(field);
        assertThat(problems.of(field)).endsWith(".");
    }
}
