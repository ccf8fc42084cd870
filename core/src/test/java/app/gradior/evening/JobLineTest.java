package app.gradior.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalTime;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Other jobs as people type them; what is not understood is marked and nothing is dropped. */
class JobLineTest {
    private static String told(JobLine line) {
        return line.tasks().stream().map(JobLineTest::told).collect(Collectors.joining("; "));
    }

    private static String told(Task task) {
        String where = task.station() instanceof Station.InOven oven
                ? " oven " + Math.round(oven.celsius())
                : task.station().onRing() ? " ring" : "";
        String hands = task.hands().active() ? " hands" : "";
        String words = task.words().isEmpty() ? "" : " " + task.words();
        return task.kind() + words + " " + Math.round(task.minutes(0).middle()) + where + hands;
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "chicken 1 h 20 oven, rest 15 | chicken | COOK 80 oven 180; TAKE_OUT 1 hands; REST 15",
                "chicken 1 h 20 oven 200, carve 5 hands | chicken | COOK 80 oven 200; TAKE_OUT 1 hands; HANDWORK carve 5 hands",
                "Roast chicken 1h20 oven 200°C | Roast chicken | COOK 80 oven 200; TAKE_OUT 1 hands",
                "roast chicken 80 min oven at 400 F | roast chicken | COOK 80 oven 204; TAKE_OUT 1 hands",
                "roast chicken, 1 hour 20 minutes in the oven at 200 | roast chicken |",
                "pasta 11 min ring, drain | pasta | HEAT 10 ring; COOK 11 ring; HANDWORK drain 1 hands",
                "pasta 11 ring, drain 1 hands | pasta | HEAT 10 ring; COOK 11 ring; HANDWORK drain 1 hands",
                "pasta | pasta | HEAT 10 ring; COOK 11 ring",
                "rice | rice | COOK 18 ring",
                "potatoes 25 ring, mash 6 hands | potatoes | HEAT 10 ring; COOK 25 ring; HANDWORK mash 6 hands",
                "1 kg potatoes 25 ring | 1 kg potatoes | HEAT 10 ring; COOK 25 ring",
                "2 steaks 8 ring, rest 5 | 2 steaks | COOK 8 ring; REST 5",
                "salad 10 hands, any time | salad | HANDWORK 10 hands",
                "bread 8 oven 220, last | bread | COOK 8 oven 220; TAKE_OUT 1 hands",
                "bread about 8–10 min oven 220 | bread | COOK 9 oven 220; TAKE_OUT 1 hands",
                "stew 2 hours ring | stew | COOK 120 ring",
                "stew half an hour ring | stew | COOK 30 ring",
                "stew an hour and a half ring | stew | COOK 90 ring",
                "dough 12 by hand, rise 1 h, bake 35 oven 230 | dough | HANDWORK 12 hands; REST 60; COOK bake 35 oven 230; "
                        + "TAKE_OUT 1 hands",
            })
    void aLineIsReadAsItIsMeant(String line, String name, String tasks) {
        JobLine read = JobLine.read(line);

        assertThat(read.name()).isEqualTo(name);
        if (tasks == null) {
            assertThat(read.complete()).isFalse();
        } else {
            assertThat(read.problems()).isEmpty();
            assertThat(told(read)).isEqualTo(tasks);
        }
    }

    @Test
    void aRangeIsKept() {
        Task task = JobLine.read("bread 8–12 min oven 220").tasks().get(0);

        assertThat(task.minutes(0).low()).isEqualTo(8);
        assertThat(task.minutes(0).middle()).isEqualTo(10);
        assertThat(task.minutes(0).high()).isEqualTo(12);
    }

    @Test
    void whatWaitsIsToldByItsWords() {
        assertThat(JobLine.read("pasta 11 ring").waiting()).isEqualTo(Waiting.AT_ONCE);
        assertThat(JobLine.read("salad 10 hands").waiting()).isEqualTo(Waiting.ANY_TIME);
        assertThat(JobLine.read("stew 40 ring, last").waiting()).isEqualTo(Waiting.AT_ONCE);
        assertThat(JobLine.read("stew 40 ring, any time").waiting()).isEqualTo(Waiting.ANY_TIME);
        assertThat(JobLine.read("roast lamb 2 h oven 160, rest 15–30").waiting().limit())
                .isCloseTo(15, within(1e-9));
        assertThat(JobLine.read("stew 40 ring, at 17:30").startsAt()).contains(LocalTime.of(17, 30));
        assertThat(JobLine.read("dip 10 hands, first").first()).isTrue();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "pasta 11 ring banana, banana",
        "'pasta 11 ring, zorble, drain', zorble",
        "stew 40 ring 50, 50",
    })
    void whatIsNotUnderstoodIsMarked(String line, String word) {
        JobLine read = JobLine.read(line);

        assertThat(read.complete()).isFalse();
        assertThat(read.problems()).anySatisfy(problem -> {
            assertThat(problem).isInstanceOf(JobLine.Problem.Unread.class);
            JobLine.Problem.Unread unread = (JobLine.Problem.Unread) problem;
            assertThat(line.substring(unread.start(), unread.end())).isEqualTo(word);
        });
    }

    @Test
    void whatIsMissingIsAsked() {
        assertThat(JobLine.read("gratin").problems()).containsExactly(new JobLine.Problem.NoTime("gratin"));
        assertThat(JobLine.read("gratin oven 180").problems()).containsExactly(new JobLine.Problem.NoTime("gratin"));
        assertThat(JobLine.read("gratin 20 h oven 180").problems())
                .containsExactly(new JobLine.Problem.TooLong("gratin"));
        assertThat(JobLine.read("gratin 40 oven 900").problems()).contains(new JobLine.Problem.NoOven(900));
        assertThat(JobLine.read("").problems()).containsExactly(new JobLine.Problem.Empty());
        assertThat(JobLine.read(" , ,").problems()).containsExactly(new JobLine.Problem.Empty());
        assertThat(JobLine.read("x".repeat(500)).problems()).containsExactly(new JobLine.Problem.TooMuch());
        assertThat(JobLine.read("stew 0 ring").complete()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void nothingThatCanBeTypedBreaksIt(int seed) {
        List<String> words = List.of(
                "pasta",
                "11",
                "ring",
                ",",
                "oven",
                "200",
                "°",
                "C",
                "rest",
                "15-",
                "–",
                "h",
                "1h20",
                "at",
                "18:30",
                "25:99",
                "hands",
                "any",
                "time",
                "last",
                "first",
                "½",
                "1/0",
                "a",
                "an",
                "hour",
                "and",
                "half",
                "(",
                ")",
                ";",
                "\"",
                "🍅",
                "gas",
                "6",
                "fan",
                "0",
                "-5",
                "999999999999",
                "drain",
                "carve",
                "and a",
                "by",
                "hand",
                "");
        Random random = new Random(seed);
        for (int i = 0; i < 3000; i++) {
            String line = random.ints(random.nextInt(12), 0, words.size())
                    .mapToObj(words::get)
                    .collect(Collectors.joining(random.nextBoolean() ? " " : ""));
            JobLine read = JobLine.read(line);
            assertThat(read.complete() || !read.problems().isEmpty()).as(line).isTrue();
            read.tasks().forEach(task -> assertThat(task.minutes(0).high()).isPositive());
        }
    }
}
