package app.gradior.web.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.keeping.Place;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Jars on boards: each once, to scale, on the drawing, none over another, and told of where they stand otherwise. */
class ShelfDrawingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final Instant NOW = Instant.parse("2026-11-24T18:00:00Z");
    private static final Pattern X = Pattern.compile("[MHV]?([0-9.]+) ");

    static JarRow jar(int number, UUID batch, String name, double ml, double mm, LocalDate useBy, Instant opened) {
        return new JarRow(
                UUID.randomUUID(),
                number,
                "code" + number,
                batch,
                UUID.randomUUID(),
                name,
                "#884422",
                NOW.minus(Duration.ofDays(1)),
                null,
                ml,
                mm,
                number % 2 == 0,
                1.05,
                "TOMATO",
                "PUREE",
                "CELERY",
                true,
                false,
                0,
                1,
                Place.FRIDGE,
                ml * 0.8,
                opened,
                null,
                null,
                useBy,
                false,
                null,
                false);
    }

    private static List<ShelfDrawing.DrawnJar> all(ShelfDrawing drawing) {
        return drawing.boards().stream()
                .flatMap(b -> b.groups().stream())
                .flatMap(g -> g.jars().stream())
                .toList();
    }

    /** Where a jar's outline begins and ends, from the left. */
    private static double[] across(ShelfDrawing.DrawnJar jar) {
        Matcher lid = Pattern.compile("M([0-9.-]+) [0-9.-]+ h([0-9.-]+) ").matcher(jar.lid());
        assertThat(lid.find()).as(jar.lid()).isTrue();
        double middle = Double.parseDouble(lid.group(1)) + Double.parseDouble(lid.group(2)) / 2;
        double half = middle - jar.left();
        return new double[] {middle - half, middle + half};
    }

    @Test
    void everyJarStandsOnceOnTheDrawingAndOverNoOther() {
        Random random = new Random(3);
        for (int round = 0; round < 60; round++) {
            List<JarRow> jars = new ArrayList<>();
            for (int batch = 0; batch < 1 + random.nextInt(9); batch++) {
                UUID id = UUID.randomUUID();
                String name = "A sauce of a name that is long indeed".substring(0, 4 + random.nextInt(30));
                for (int i = 0; i < 1 + random.nextInt(20); i++) {
                    jars.add(jar(
                            jars.size() + 1,
                            id,
                            name,
                            100 + random.nextInt(900),
                            60 + random.nextInt(140),
                            TODAY.plusDays(random.nextInt(3)),
                            random.nextInt(4) == 0 ? NOW : null));
                }
            }
            ShelfDrawing drawing = ShelfDrawing.of(Place.FRIDGE, jars, TODAY, NOW);
            assertThat(all(drawing)).hasSameSizeAs(jars);
            assertThat(all(drawing)).extracting(ShelfDrawing.DrawnJar::id).doesNotHaveDuplicates();
            for (ShelfDrawing.Board board : drawing.boards()) {
                double end = 0;
                for (ShelfDrawing.Group group : board.groups()) {
                    assertThat(group.x()).isGreaterThanOrEqualTo(end);
                    for (ShelfDrawing.DrawnJar jar : group.jars()) {
                        double[] across = across(jar);
                        assertThat(across[0]).isGreaterThanOrEqualTo(end - 0.2);
                        assertThat(jar.top()).isGreaterThanOrEqualTo(20);
                        assertThat(jar.top()).isLessThan(board.height());
                        end = across[1];
                    }
                    assertThat(end).isLessThanOrEqualTo(ShelfDrawing.WIDTH);
                }
            }
        }
    }

    @Test
    void jarsThatStandAlikeAreToldOfOnceAndOthersEach() {
        UUID batch = UUID.randomUUID();
        List<JarRow> alike = List.of(
                jar(1, batch, "Plum dip", 190, 85, TODAY.plusDays(7), null),
                jar(2, batch, "Plum dip", 190, 85, TODAY.plusDays(7), null));
        assertThat(all(ShelfDrawing.of(Place.FRIDGE, alike, TODAY, NOW)))
                .extracting(ShelfDrawing.DrawnJar::tells)
                .containsExactly(true, false);
        List<JarRow> apart = List.of(alike.get(0), jar(2, batch, "Plum dip", 190, 85, TODAY, NOW));
        assertThat(all(ShelfDrawing.of(Place.FRIDGE, apart, TODAY, NOW)))
                .extracting(ShelfDrawing.DrawnJar::state)
                .containsExactly("7 days", "use it today, opened");
        assertThat(all(ShelfDrawing.of(Place.FRIDGE, apart, TODAY.plusDays(1), NOW)))
                .extracting(ShelfDrawing.DrawnJar::level)
                .containsExactly("fine", "past");
    }

    @Test
    void aPathSaysNothingButNumbers() {
        ShelfDrawing.DrawnJar jar = all(ShelfDrawing.of(
                        Place.FRIDGE, List.of(jar(1, UUID.randomUUID(), "Plum", 190, 85, null, null)), TODAY, NOW))
                .get(0);
        assertThat(jar.outline()).matches("[MVQH0-9. -]+");
        assertThat(X.matcher(jar.outline()).results().count()).isGreaterThan(10);
        assertThat(jar.state()).isEqualTo("not known how long");
    }
}
