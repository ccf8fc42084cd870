package app.gradior.web.sauce;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.physics.ChoiOkos;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sauce as the product understands it: its lines, and the mixture of those that count.
 *
 * @param lines every line that was typed, in order
 * @param mixture of the lines that were understood
 */
public record ReadSauce(List<ReadLine> lines, Mixture mixture) {
    static ReadSauce of(String text) {
        List<ReadLine> lines = LineGrammar.shipped().readAll(text);
        Mixture mixture = Mixture.EMPTY;
        for (ReadLine line : lines) {
            if (line instanceof ReadLine.Understood understood) {
                mixture = mixture.plus(understood.ingredient().of(understood.mass()));
            }
        }
        return new ReadSauce(lines, mixture);
    }

    public long unclear() {
        return lines.stream().filter(ReadLine.Unclear.class::isInstance).count();
    }

    public boolean isEmpty() {
        return mixture.isEmpty();
    }

    public Volume volume() {
        return ChoiOkos.volume(mixture, Celsius.ROOM);
    }

    /** The grade at serving warmth as put together, with its pieces whole and its starch raw. */
    public Grade asMixed() {
        return Thickness.grade(mixture, Celsius.SERVED_WARM, ThicknessFactor.ONE);
    }

    /** The same once it has come to the boil. */
    public Grade boiledUp() {
        return Thickness.grade(mixture.cookedAt(Celsius.of(100)), Celsius.SERVED_WARM, ThicknessFactor.ONE);
    }

    /** A part of what the sauce is made of, for the drawing. */
    public record Part(String name, String css, Mass mass, double width) {}

    /** What it is made of, the most first; widths as parts of the most. */
    public List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        add(parts, "water", "water", Component.WATER);
        add(parts, "sugars", "sugars", Component.SUCROSE, Component.SIMPLE_SUGARS, Component.DEXTRINS);
        add(parts, "fat", "fat", Component.FAT);
        add(parts, "starch", "starch", Component.STARCH);
        add(parts, "fibre and protein", "body", Component.FIBRE, Component.PROTEIN);
        add(parts, "acid", "acid", Component.ACETIC_ACID, Component.OTHER_ACIDS);
        add(parts, "salt", "salt", Component.SALT);
        add(parts, "alcohol", "alcohol", Component.ETHANOL);
        add(parts, "the rest", "rest", Component.DISSOLVED_OTHER, Component.SOLID_OTHER);
        double most = parts.stream().mapToDouble(p -> p.mass().grams()).max().orElse(1);
        return parts.stream()
                .filter(p -> p.mass().grams() >= 0.05)
                .sorted((a, b) -> b.mass().compareTo(a.mass()))
                .map(p -> new Part(
                        p.name(),
                        p.css(),
                        p.mass(),
                        Math.max(0.5, 100 * p.mass().grams() / most)))
                .toList();
    }

    private void add(List<Part> parts, String name, String css, Component... components) {
        double grams = 0;
        for (Component component : components) {
            grams += mixture.mass(component).grams();
        }
        parts.add(new Part(name, css, Mass.ofGrams(grams), 0));
    }

    public String allergens() {
        return mixture.allergens().stream()
                .map(a -> a.label())
                .sorted()
                .reduce((a, b) -> a + ", " + b)
                .orElse("none known");
    }

    /** What keeps it from being planned, in a sentence; empty if nothing does. */
    public Optional<String> obstacle() {
        if (!lines.isEmpty() && unclear() == lines.size()) {
            return Optional.of("None of the lines is understood yet: each says below what it lacks.");
        }
        if (isEmpty()) {
            return Optional.of("There is nothing in this sauce yet: write a line such as 400 g plums.");
        }
        return Optional.empty();
    }
}
