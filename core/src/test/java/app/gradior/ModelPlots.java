package app.gradior;

import static app.gradior.PublishedTable.number;

import app.gradior.food.Component;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.physics.Atmosphere;
import app.gradior.physics.Solution;
import app.gradior.physics.Steam;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Pressure;
import app.gradior.quantity.Share;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.Thickness;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleUnaryOperator;
import org.apache.commons.csv.CSVRecord;

/**
 * Draws the model as lines and the published tables as dots, as SVG into a folder, and prints the error against each
 * table: {@code ModelPlots docs/model}. Nothing in these pictures is drawn by hand.
 */
public final class ModelPlots {
    private static final int WIDTH = 560;
    private static final int HEIGHT = 320;

    private final Path folder;

    private ModelPlots(Path folder) {
        this.folder = folder;
    }

    public static void main(String[] arguments) throws IOException {
        new ModelPlots(Files.createDirectories(Path.of(arguments[0]))).all();
    }

    private void all() throws IOException {
        steam();
        elevation();
        ethanol();
        sucrose();
        tomato();
    }

    private record Dot(double x, double y) {}

    private record Line(String label, DoubleUnaryOperator model, List<Dot> dots) {
        double worst(boolean relative) {
            return dots.stream()
                    .mapToDouble(d -> Math.abs(model.applyAsDouble(d.x()) - d.y()) / (relative ? d.y() : 1))
                    .max()
                    .orElse(0);
        }
    }

    private static List<Dot> dots(PublishedTable table, String x, String y, String by, double value) {
        return table.rows().stream()
                .filter(row -> by == null || number(row, by) == value)
                .map(row -> new Dot(number(row, x), number(row, y)))
                .toList();
    }

    private void steam() throws IOException {
        PublishedTable table = PublishedTable.read("water-saturation.csv");
        plot(
                "latent-heat",
                "latent heat of water, kJ/kg, against °C",
                50,
                105,
                2240,
                2390,
                List.of(new Line(
                        "Watson, Fishtine's exponent",
                        t -> Steam.latentHeat(Celsius.of(t)).joulesPerKilogram() / 1000,
                        dots(table, "temperature_c", "latent_heat_kj_per_kg", null, 0))),
                true);
        plot(
                "vapour-pressure",
                "vapour pressure of water, kPa, against °C",
                50,
                105,
                0,
                125,
                List.of(new Line(
                        "Buck",
                        t -> Steam.vapourPressure(Celsius.of(t)).kilopascals(),
                        dots(table, "temperature_c", "vapour_pressure_kpa", null, 0))),
                true);
    }

    private void elevation() throws IOException {
        Pressure air = Atmosphere.at(Altitude.SEA_LEVEL);
        double water = Steam.saturation(air).degrees();
        plot(
                "boiling-point",
                "boiling point elevation of sucrose solutions, K, against % Brix",
                0,
                75,
                0,
                8,
                List.of(new Line(
                        "Norrish",
                        b -> Solution.boilingPoint(Mixtures.sucrose(b, 1000), air)
                                        .degrees()
                                - water,
                        dots(
                                PublishedTable.read("boiling-point-elevation.csv"),
                                "brix_percent",
                                "elevation_k",
                                null,
                                0))),
                false);
    }

    private void ethanol() throws IOException {
        Mixture dish = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(900))
                .with(Component.ETHANOL, Mass.ofGrams(100))
                .build();
        plot(
                "alcohol",
                "share of the alcohol left, against share of the water left",
                0.5,
                1,
                0,
                1,
                List.of(new Line(
                        "Rayleigh, exponent 5",
                        w -> dish.evaporatedTo(Share.of(w))
                                        .mass(Component.ETHANOL)
                                        .grams()
                                / 100,
                        dots(PublishedTable.read("ethanol-retention.csv"), "water_left", "alcohol_left", null, 0))),
                false);
    }

    private void sucrose() throws IOException {
        PublishedTable table = PublishedTable.read("sucrose-viscosity.csv");
        List<Line> lines = new ArrayList<>();
        for (double brix : new double[] {20, 40, 60}) {
            lines.add(new Line(
                    Math.round(brix) + " % Brix",
                    t -> Math.log10(Thickness.of(Mixtures.sucrose(brix, 100), Celsius.of(t))
                            .apparent()
                            .millipascalSeconds()),
                    dots(table, "temperature_c", "viscosity_mpas", "brix_percent", brix).stream()
                            .map(d -> new Dot(d.x(), Math.log10(d.y())))
                            .toList()));
        }
        plot(
                "sucrose",
                "log10 of the viscosity of sucrose solutions, mPa·s, against °C",
                10,
                90,
                -0.5,
                2.2,
                lines,
                false);
    }

    private void tomato() throws IOException {
        PublishedTable table = PublishedTable.read("tomato-concentrate-rheology.csv");
        Mixture paste = IngredientTable.shipped()
                .get("fresh-tomato")
                .of(Mass.ofGrams(100))
                .blended();
        double dry = 100 - paste.mass(Component.WATER).grams();
        List<Line> lines = new ArrayList<>();
        for (double solids : new double[] {5.8, 16, 30}) {
            double grams = dry / (solids / 100);
            Mixture concentrate = grams <= 100
                    ? paste.evaporatedTo(Mass.ofGrams(grams))
                    : paste.plus(Mixtures.of("water", grams - 100));
            lines.add(new Line(
                    solids + " % solids",
                    t -> Thickness.of(concentrate, Celsius.of(t)).grade().value(),
                    table.rows().stream()
                            .filter(row -> number(row, "total_solids_percent") == solids)
                            .map(row -> new Dot(number(row, "temperature_c"), grade(row)))
                            .toList()));
        }
        plot("tomato", "grade of tomato concentrates, against °C", 25, 90, 2.5, 7.5, lines, false);
    }

    private static double grade(CSVRecord row) {
        double pascalSeconds = number(row, "k_pa_sn") * Math.pow(Rheology.MOUTH_SHEAR_RATE, number(row, "n") - 1);
        return 2 * Math.log10(1000 * pascalSeconds);
    }

    private void plot(
            String name, String title, double x0, double x1, double y0, double y1, List<Line> lines, boolean relative)
            throws IOException {
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" "
                        + "font-size=\"12\" fill=\"#2A1B2D\"><rect width=\"100%%\" height=\"100%%\" fill=\"#FAF5EC\"/>"
                        + "<text x=\"50\" y=\"18\" font-weight=\"bold\">%s</text>",
                WIDTH,
                HEIGHT,
                title));
        for (int i = 0; i <= 4; i++) {
            double x = x0 + (x1 - x0) * i / 4;
            double y = y0 + (y1 - y0) * i / 4;
            svg.append(String.format(
                    Locale.ROOT,
                    "<text x=\"%.1f\" y=\"%d\" text-anchor=\"middle\">%s</text>"
                            + "<text x=\"44\" y=\"%.1f\" text-anchor=\"end\">%s</text>",
                    px(x, x0, x1),
                    HEIGHT - 8,
                    plain(x),
                    py(y, y0, y1) + 4,
                    plain(y)));
        }
        svg.append(String.format(
                Locale.ROOT, "<path d=\"M50 30V%d H%d\" fill=\"none\" stroke=\"#2A1B2D\"/>", HEIGHT - 28, WIDTH - 20));
        double worst = 0;
        for (Line line : lines) {
            StringBuilder path = new StringBuilder();
            for (int i = 0; i <= 100; i++) {
                double x = x0 + (x1 - x0) * i / 100;
                path.append(String.format(
                        Locale.ROOT,
                        "%s%.1f %.1f",
                        i == 0 ? "M" : "L",
                        px(x, x0, x1),
                        py(line.model().applyAsDouble(x), y0, y1)));
            }
            svg.append("<path d=\"").append(path).append("\" fill=\"none\" stroke=\"#A94A18\" stroke-width=\"2\"/>");
            svg.append(String.format(
                    Locale.ROOT,
                    "<text x=\"%d\" y=\"%.1f\" text-anchor=\"end\" fill=\"#A94A18\">%s</text>",
                    WIDTH - 24,
                    py(line.model().applyAsDouble(x1), y0, y1) - 8,
                    line.label()));
            for (Dot dot : line.dots()) {
                svg.append(String.format(
                        Locale.ROOT,
                        "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"4\" fill=\"#176A66\"/>",
                        px(dot.x(), x0, x1),
                        py(dot.y(), y0, y1)));
            }
            worst = Math.max(worst, line.worst(relative));
        }
        Files.writeString(folder.resolve(name + ".svg"), svg.append("</svg>\n"));
        System.out.printf(
                Locale.ROOT,
                "%-16s worst %s%n",
                name,
                relative
                        ? String.format(Locale.ROOT, "%.2f %%", 100 * worst)
                        : String.format(Locale.ROOT, "%.3f", worst));
    }

    private static double px(double x, double x0, double x1) {
        return 50 + (WIDTH - 70) * (x - x0) / (x1 - x0);
    }

    private static double py(double y, double y0, double y1) {
        return HEIGHT - 28 - (HEIGHT - 58) * (y - y0) / (y1 - y0);
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
