package app.gradior.web.evening;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.web.platform.FieldErrors;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is typed of an evening is taken, or said beside its field; what it is made of keeps together when one part changes. */
class EveningFormTest {
    private static final Instant NOW = Instant.parse("2026-11-26T15:00:00Z");
    private static final Instant SEVEN = Instant.parse("2026-11-26T19:00:00Z");
    private static final Instant EIGHT = Instant.parse("2026-11-26T20:00:00Z");

    private final FieldErrors wrong = new FieldErrors();

    private static EveningForm at(String day, String time) {
        return new EveningForm("Dinner", day, time, "", "");
    }

    private static EveningBody body() {
        return EveningBody.at(SEVEN, "Ann")
                .plus(new EveningBody.Entry(0, UUID.randomUUID(), Map.of(), false, "", 0))
                .plus(new EveningBody.Entry(0, null, Map.of(), false, "stew 40 ring", 0));
    }

    @ParameterizedTest
    @CsvSource({"2026-11-26, 19:00", "2026-11-26, 9:30", "2026-11-26, 14:30", "2027-11-20, 20:15:30"})
    void anHourThatComesIsTaken(String day, String time) {
        Optional<Instant> served = at(day, time).served(Instant.parse("2026-11-26T10:00:00Z"), ZoneOffset.UTC, wrong);
        assertThat(served).isPresent();
        assertThat(wrong.any()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-26, 13:59",
        "2026-11-25, 19:00",
        "2028-01-01, 19:00",
        "soon, 19:00",
        "2026-13-01, 19:00",
        "2026-11-26, noon",
        "2026-11-26, 25:00",
        "'', ''",
        "+999999999-12-31, 19:00"
    })
    void anHourThatIsNoneOrOverOrTooFarIsSaidBesideItsDay(String day, String time) {
        assertThat(at(day, time).served(NOW, ZoneOffset.UTC, wrong)).isEmpty();
        assertThat(wrong.of("day")).endsWith(".");
    }

    @Test
    void anEveningWithoutANameIsCalledOne() {
        assertThat(new EveningForm(null, null, null, null, null).name(wrong)).isEqualTo(EveningText.EVENING);
        assertThat(wrong.any()).isFalse();
        new EveningForm("x".repeat(81), "", "", "", "").name(wrong);
        assertThat(wrong.of("called")).isNotEmpty();
    }

    @Test
    void whoStaysStaysAwayAsBefore() {
        List<EveningBody.Cook> before = List.of(new EveningBody.Cook("Ann", SEVEN, EIGHT));
        List<EveningBody.Cook> after = new EveningForm("", "", "", " Ben ,, Ann ", "").people(before, wrong);
        assertThat(after)
                .containsExactly(new EveningBody.Cook("Ben", null, null), new EveningBody.Cook("Ann", SEVEN, EIGHT));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " , ,", "a,b,c,d,e"})
    void nobodyAndTooManyAreSaid(String typed) {
        List<EveningBody.Cook> before = List.of(new EveningBody.Cook("Ann", null, null));
        assertThat(new EveningForm("", "", "", typed, "").people(before, wrong)).isEqualTo(before);
        assertThat(wrong.of("cooks")).isNotEmpty();
        new EveningForm("", "", "", "y".repeat(41), "").people(before, wrong);
        assertThat(wrong.of("cooks")).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1, 1, false", "4, 4, false", "0, 2, true", "5, 2, true", "two, 2, true", "'', 2, true"})
    void anOvenHasOneToFourShelves(String typed, int shelves, boolean said) {
        assertThat(new EveningForm("", "", "", "", typed).shelfCount(wrong)).isEqualTo(shelves);
        assertThat(wrong.any()).isEqualTo(said);
    }

    @Test
    void numbersOfJobsAreNeverGivenTwice() {
        EveningBody less = body().without(1).plus(new EveningBody.Entry(0, null, Map.of(), false, "rice", 0));
        assertThat(less.jobs()).extracting(EveningBody.Entry::id).containsExactly(2, 3);
        assertThat(less.job(1)).isEmpty();
    }

    @Test
    void pinsGoWithTheirJobs() {
        EveningBody pinned = body().pinned(1, 0, SEVEN).pinned(2, 0, SEVEN);
        assertThat(pinned.pinned(1, 0, EIGHT).pins()).hasSize(2);
        assertThat(pinned.pinned(1, 0, null).pins()).hasSize(1);
        assertThat(pinned.without(1).pins()).extracting(EveningBody.Pin::job).containsExactly(2);
        assertThat(pinned.with(pinned.job(2).orElseThrow().typed("stew 50 ring"))
                        .pins())
                .extracting(EveningBody.Pin::job)
                .containsExactly(1);
        assertThat(pinned.unpinned().pins()).isEmpty();
    }

    @Test
    void aCourseComesInByItsHourAndJobsStayInTheirs() {
        EveningBody two = body().plus(new EveningBody.Course("starter", SEVEN.minusSeconds(3600)));
        assertThat(two.courses()).extracting(EveningBody.Course::name).containsExactly("starter", "");
        assertThat(two.jobs()).allMatch(entry -> entry.course() == 1);
        EveningBody three = two.plus(new EveningBody.Course("pudding", EIGHT));
        assertThat(three.courses()).extracting(EveningBody.Course::name).containsExactly("starter", "", "pudding");
        assertThat(three.jobs()).allMatch(entry -> entry.course() == 1);
        assertThat(three.lastServed()).isEqualTo(EIGHT);
        assertThat(three.withoutCourse(1).jobs()).allMatch(entry -> entry.course() == 0);
        assertThat(three.withoutCourse(0).jobs()).allMatch(entry -> entry.course() == 0);
    }

    /** What was kept before there were shares is a whole sauce. */
    @Test
    void aShareThatIsNotSaidIsAllOfIt() {
        EveningBody.Entry whole = new EveningBody.Entry(1, UUID.randomUUID(), null, false, null, 0, 0);
        assertThat(whole.share()).isEqualTo(1);
        assertThat(whole.line()).isEmpty();
        EveningBody.Entry half = whole.part(0.5);
        assertThat(half.ahead(true).at(2).typed("x").planned(Map.of("pot", "a")).share())
                .isEqualTo(0.5);
        assertThat(EveningText.part("Plum sauce", 0.5)).isEqualTo("Plum sauce, half");
        assertThat(EveningText.part("Plum sauce", 0.25)).isEqualTo("Plum sauce, 25 %");
        assertThat(EveningText.part("Plum sauce", 1)).isEqualTo("Plum sauce");
    }

    @ParameterizedTest
    @CsvSource({"0/20, 0, 20", "3/5, 3, 5", "x, 0, 0", "12/5, 0, 0", "1/9999, 0, 0", "'', 0, 0"})
    void aCourseAndItsMinutesAreReadTogether(String value, int course, long minutes) {
        assertThat(Changes.OneLater.of(value)).isEqualTo(new Changes.OneLater(course, minutes));
    }
}
