package app.gradior.web.keeping;

import app.gradior.keeping.Place;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;

/**
 * Jars drawn to scale on boards, each with what stands over it; a board is 880 wide.
 *
 * @param y where the boards lie, from the top of each drawing
 */
record ShelfDrawing(Place place, List<Board> boards) {
    static final double WIDTH = 880;

    /** Pixels to a millimetre. */
    private static final double SCALE = 1.25;

    private static final double GAP = 14;
    private static final double GROUP_GAP = 34;
    private static final double LETTER = 7.6;

    /** Letters of what is told of a jar. */
    private static final double WORDS = 13;

    private static final double WORDS_HEIGHT = 44;
    private static final double NECK = 12;
    private static final double TALLEST_MM = 220;

    /** A board with what stands on it; {@code height} of the drawing, the board at its foot. */
    record Board(List<Group> groups, double height) {}

    /** Jars of one batch beside each other, with their name over them; {@code top} of the tallest. */
    record Group(String name, double x, double top, List<DrawnJar> jars) {}

    /**
     * A jar: its outline, its lid and what is in it as paths.
     *
     * @param left of it, where its words begin
     * @param top of it
     * @param tells whether its words stand over it; if not, those of the jar before it are its own too
     */
    record DrawnJar(
            UUID id,
            int number,
            String outline,
            String lid,
            String filled,
            String colour,
            double left,
            double top,
            String state,
            String level,
            boolean opened,
            boolean tells) {}

    /** @param jars of one place, in the order in which they want using */
    static ShelfDrawing of(Place place, List<JarRow> jars, LocalDate today, Instant now) {
        Map<UUID, List<JarRow>> byBatch = new LinkedHashMap<>();
        jars.forEach(jar ->
                byBatch.computeIfAbsent(jar.cookId(), k -> new ArrayList<>()).add(jar));
        List<Board> boards = new ArrayList<>();
        List<List<JarRow>> line = new ArrayList<>();
        double used = 0;
        for (List<JarRow> batch : byBatch.values()) {
            for (List<JarRow> part : parts(batch)) {
                double width = width(part);
                if (used > 0 && used + width > WIDTH - 2 * GROUP_GAP) {
                    boards.add(board(line, today, now));
                    line = new ArrayList<>();
                    used = 0;
                }
                line.add(part);
                used += width + GROUP_GAP;
            }
        }
        if (!line.isEmpty()) {
            boards.add(board(line, today, now));
        }
        return new ShelfDrawing(place, boards);
    }

    /** So many of a batch as one board holds. */
    private static List<List<JarRow>> parts(List<JarRow> batch) {
        List<List<JarRow>> parts = new ArrayList<>();
        List<JarRow> part = new ArrayList<>();
        for (JarRow jar : batch) {
            part.add(jar);
            if (width(part) > WIDTH - 3 * GROUP_GAP) {
                part.remove(part.size() - 1);
                parts.add(part);
                part = new ArrayList<>(List.of(jar));
            }
        }
        parts.add(part);
        return parts;
    }

    private static double across(JarRow jar) {
        return SCALE * jar.size().across().millimetres();
    }

    private static double tall(JarRow jar) {
        return SCALE * Math.min(TALLEST_MM, jar.heightMm());
    }

    /** A jar takes the room of its words where it has some of its own, if they are wider. */
    private static double room(JarRow jar, boolean own) {
        return own ? Math.max(across(jar), WORDS * LETTER) : across(jar);
    }

    /** Jars of a batch that stand alike are told of once. */
    private static boolean alike(List<JarRow> jars) {
        JarRow first = jars.get(0);
        return jars.stream()
                .allMatch(jar -> Objects.equals(jar.useBy(), first.useBy())
                        && jar.opened() == first.opened()
                        && Objects.equals(jar.coolingSince(), first.coolingSince()));
    }

    private static double width(List<JarRow> jars) {
        boolean own = !alike(jars);
        double width = jars.stream().mapToDouble(jar -> room(jar, own) + GAP).sum() - GAP;
        return Math.max(width, Math.max(WORDS, name(jars).length()) * LETTER);
    }

    private static String name(List<JarRow> jars) {
        String name = jars.get(0).name();
        return name.length() > 34 ? name.substring(0, 33) + "…" : name;
    }

    private static Board board(List<List<JarRow>> line, LocalDate today, Instant now) {
        double tallest = line.stream()
                .flatMap(List::stream)
                .mapToDouble(ShelfDrawing::tall)
                .max()
                .orElse(0);
        double floor = WORDS_HEIGHT + tallest + NECK;
        List<Group> groups = new ArrayList<>();
        double x = GROUP_GAP;
        for (List<JarRow> jars : line) {
            List<DrawnJar> drawn = new ArrayList<>();
            double at = x;
            double top = floor;
            boolean own = !alike(jars);
            for (JarRow jar : jars) {
                DrawnJar one = drawn(jar, at + across(jar) / 2, floor, own || drawn.isEmpty(), today, now);
                drawn.add(one);
                top = Math.min(top, one.top());
                at += room(jar, own) + GAP;
            }
            groups.add(new Group(name(jars), x, top, drawn));
            x += width(jars) + GROUP_GAP;
        }
        return new Board(groups, floor);
    }

    private static DrawnJar drawn(
            JarRow jar, double middle, double floor, boolean tells, LocalDate today, Instant now) {
        double half = across(jar) / 2;
        double height = tall(jar);
        double neck = jar.wide() ? half * 0.86 : half * 0.6;
        double left = middle - half;
        double top = floor - height;
        double right = middle + half;
        String outline = path("M", middle - neck, top - NECK + 4)
                + path("V", top + 2)
                + path("Q", left, top + 3, left, top + 14)
                + path("V", floor - 8)
                + path("Q", left, floor, left + 8, floor)
                + path("H", right - 8)
                + path("Q", right, floor, right, floor - 8)
                + path("V", top + 14)
                + path("Q", right, top + 3, middle + neck, top + 2)
                + path("V", top - NECK + 4);
        String lid = path("M", middle - neck - 4, top - NECK - 4) + path("h", 2 * neck + 8) + "v9"
                + path("h", -2 * neck - 8) + "z";
        double part = Math.max(0, Math.min(1, jar.leftMl() / jar.brimMl()));
        double level = floor - 3 - part * (height - 6);
        String filled = path("M", left + 3, level)
                + path("H", right - 3)
                + path("V", floor - 9)
                + path("Q", right - 3, floor - 3, right - 9, floor - 3)
                + path("H", left + 9)
                + path("Q", left + 3, floor - 3, left + 3, floor - 9)
                + "z";
        return new DrawnJar(
                jar.id(),
                jar.number(),
                outline,
                lid,
                part > 0.01 ? filled : "",
                jar.colour(),
                left,
                top - NECK,
                ShelfText.state(jar, today, now),
                ShelfText.level(jar, today),
                jar.opened(),
                tells);
    }

    /** A step of a path. */
    private static String path(String command, double... numbers) {
        StringBuilder step = new StringBuilder(command);
        for (double number : numbers) {
            step.append(Math.round(10 * number) / 10.0).append(' ');
        }
        return step.toString();
    }
}
