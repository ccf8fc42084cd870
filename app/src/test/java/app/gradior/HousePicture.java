package app.gradior;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Draws the rooms of the house and which leans on which, from the compiled classes: core below, the application on it. */
final class HousePicture {
    static final Path FILE = Path.of("..", "docs", "house.svg");

    private static final String CORE = "app.gradior.";
    private static final String APP = "app.gradior.web.";
    private static final int WIDTH = 960;
    private static final int ROW = 74;
    private static final int BOX_WIDTH = 104;
    private static final int BOX_HEIGHT = 30;

    private record Room(String name, int classes, Set<String> leansOn) {}

    private HousePicture() {}

    /** Writes the picture anew. */
    public static void main(String[] arguments) throws IOException {
        Files.writeString(FILE, svg());
    }

    static String svg() {
        JavaClasses classes = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("app.gradior");
        List<String> drawn = new ArrayList<>();
        int y = 34;
        y = floor("app", rooms(classes, APP), y, drawn);
        drawn.add(line(WIDTH / 2.0, y - 26, WIDTH / 2.0, y + 8, "between"));
        y = floor("core", rooms(classes, CORE), y + 40, drawn);
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" role="img" aria-label="The rooms of the code and their arrows">
                <style>
                text { font: 13px sans-serif; fill: #2a1c2c; text-anchor: middle }
                .name { font-weight: 600; text-anchor: start }
                rect { fill: #fffdf7; stroke: #6b5b6e }
                line { stroke: #a84a17; stroke-opacity: .38 }
                .between { stroke-opacity: 1; stroke-width: 3 }
                </style>
                %s
                </svg>
                """.formatted(WIDTH, y, String.join("\n", drawn));
    }

    /** A room is a package right below; what is deeper belongs to it. */
    private static Map<String, Room> rooms(JavaClasses classes, String below) {
        Map<String, Room> rooms = new TreeMap<>();
        for (JavaClass one : classes) {
            String room = room(one, below);
            if (room == null) {
                continue;
            }
            Room known = rooms.getOrDefault(room, new Room(room, 0, new TreeSet<>()));
            for (Dependency dependency : one.getDirectDependenciesFromSelf()) {
                String other = room(dependency.getTargetClass(), below);
                if (other != null && !other.equals(room)) {
                    known.leansOn().add(other);
                }
            }
            boolean top = one.getEnclosingClass().isEmpty();
            rooms.put(room, new Room(room, known.classes() + (top ? 1 : 0), known.leansOn()));
        }
        return rooms;
    }

    private static String room(JavaClass one, String below) {
        String name = one.getPackageName();
        boolean application = name.startsWith(APP);
        if (!(name + ".").startsWith(below) || name.length() < below.length() || application != below.equals(APP)) {
            return null;
        }
        return name.substring(below.length()).split("\\.")[0];
    }

    private static int level(Map<String, Room> rooms, String room) {
        return rooms.get(room).leansOn().stream()
                .mapToInt(other -> 1 + level(rooms, other))
                .max()
                .orElse(0);
    }

    /** @return where the next floor begins */
    private static int floor(String name, Map<String, Room> rooms, int top, List<String> drawn) {
        Map<Integer, List<Room>> rows = new TreeMap<>();
        rooms.values()
                .forEach(room -> rows.computeIfAbsent(level(rooms, room.name()), l -> new ArrayList<>())
                        .add(room));
        int highest = rows.size() - 1;
        Map<String, double[]> places = new TreeMap<>();
        rows.forEach((level, row) -> {
            for (int i = 0; i < row.size(); i++) {
                // Rows are set off from each other, so that an arrow past one does not hide behind it.
                double shift = level % 2 == 0 ? 0 : 46;
                double x = WIDTH * (i + 0.5) / row.size() + (row.size() < 6 ? shift : 0);
                places.put(row.get(i).name(), new double[] {x, top + (highest - level) * ROW});
            }
        });
        rooms.values()
                .forEach(room -> room.leansOn().forEach(other -> {
                    double[] from = places.get(room.name());
                    double[] to = places.get(other);
                    drawn.add(line(from[0], from[1] + BOX_HEIGHT, to[0], to[1], "arrow"));
                }));
        rooms.values().forEach(room -> {
            double[] at = places.get(room.name());
            drawn.add(String.format(
                    Locale.ROOT,
                    "<rect x=\"%.0f\" y=\"%.0f\" width=\"%d\" height=\"%d\" rx=\"5\"/><text x=\"%.0f\" y=\"%.0f\">%s · %d</text>",
                    at[0] - BOX_WIDTH / 2.0,
                    at[1],
                    BOX_WIDTH,
                    BOX_HEIGHT,
                    at[0],
                    at[1] + 20,
                    room.name(),
                    room.classes()));
        });
        drawn.add(String.format(Locale.ROOT, "<text class=\"name\" x=\"8\" y=\"%d\">%s</text>", top - 14, name));
        return top + highest * ROW + BOX_HEIGHT + 30;
    }

    private static String line(double x1, double y1, double x2, double y2, String kind) {
        return String.format(
                Locale.ROOT,
                "<line class=\"%s\" x1=\"%.0f\" y1=\"%.0f\" x2=\"%.0f\" y2=\"%.0f\"/>",
                kind,
                x1,
                y1,
                x2,
                y2);
    }
}
