package app.gradior.bench;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Knowledge;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.sauce.Scaling;
import app.gradior.sauce.WrittenSauce;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;

/**
 * Reads random and mutated lines and steps, makes sauces of some of them, and says how long the longest took. It fails
 * where one of them throws, takes longer than a line may, or costs more than its length.
 */
public final class Fuzz {
    private static final double MAX_MILLISECONDS = 20;
    private static final double SLOW_MILLISECONDS = 4;
    private static final int TRIES_OF_A_SLOW_ONE = 20;
    private static final double MAX_GROWTH = 3;

    private static final List<String> AMOUNTS = List.of(
            "400 g",
            "2",
            "1½ cups",
            "1/0",
            "3 x 200 ml",
            "2 (400 g) cans",
            "a splash of",
            "-5 g",
            "1e308 kg",
            "999999999999",
            "2–3 tbsp",
            "0 g",
            "half a dozen",
            "1,5 kg",
            "½",
            "20000 kg",
            "0.0001 g",
            "100 %",
            "one 14.5-ounce can");

    private static final List<String> WORDS = List.of(
            "plums",
            "double cream",
            "salt",
            "and",
            "pepper",
            "(",
            ")",
            ",",
            ":",
            "butter",
            "corn starch",
            "water",
            "of",
            "in",
            "with",
            "to",
            "until",
            "by",
            "half",
            "a third",
            "10 min",
            "1 h 15",
            "the",
            "zork",
            "𝒳",
            "é",
            "#",
            "-",
            "x",
            "/",
            "for",
            "lid ajar",
            "boiling",
            "stock cube",
            "wine",
            "sugar",
            "lemon",
            "juice",
            "zest",
            "drained",
            "syrupy");

    private static final List<String> STEPS = List.of(
            "Reduce",
            "Simmer",
            "Add",
            "Whisk in",
            "Slurry:",
            "Strain",
            "Blend",
            "Season with",
            "Deglaze with",
            "Cool to",
            "Sweat in",
            "Bring to the boil",
            "Off the heat, stir in",
            "Cover and simmer",
            "Thicken with",
            "Let it bubble");

    private final LineGrammar grammar = LineGrammar.shipped();
    private final Conditions conditions = new Conditions(
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100)),
            Ring.USUAL,
            Activity.SIMMER,
            Lid.OFF,
            Room.USUAL);
    private final Random random;
    private double longest;
    private String longestLine = "";

    private Fuzz(long seed) {
        random = new Random(seed);
    }

    private String pick(List<String> from) {
        return from.get(random.nextInt(from.size()));
    }

    private String line() {
        StringBuilder line = new StringBuilder(random.nextBoolean() ? pick(AMOUNTS) : pick(STEPS));
        int words = random.nextInt(9);
        for (int i = 0; i < words; i++) {
            line.append(' ').append(random.nextInt(5) == 0 ? pick(AMOUNTS) : pick(WORDS));
        }
        for (int slips = random.nextInt(3); slips > 0 && line.length() > 0; slips--) {
            int at = random.nextInt(line.length());
            if (random.nextBoolean()) {
                line.deleteCharAt(at);
            } else {
                line.insert(at, (char) (32 + random.nextInt(random.nextInt(20) == 0 ? 9000 : 95)));
            }
        }
        return line.toString().replaceAll("\\R", " ");
    }

    private static double milliseconds(Runnable work) {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e6;
    }

    private void timed(String line, Consumer<String> work) {
        try {
            double took = milliseconds(() -> work.accept(line));
            // What else the machine did meanwhile is not the grammar's.
            for (int again = 0; again < TRIES_OF_A_SLOW_ONE && took > SLOW_MILLISECONDS; again++) {
                took = Math.min(took, milliseconds(() -> work.accept(line)));
            }
            if (took > longest) {
                longest = took;
                longestLine = line;
            }
        } catch (RuntimeException e) {
            throw new IllegalStateException("“" + line + "”", e);
        }
    }

    private void read(String line) {
        WrittenSauce.read(line, grammar, Habits.NONE);
    }

    private void make(String text) {
        WrittenSauce sauce = WrittenSauce.read(text, grammar, Habits.NONE);
        sauce.make(conditions, Knowledge.NONE);
        for (double factor : new double[] {0.01, 0.5, 100}) {
            new Scaling(factor, false, Habits.NONE).lines(text, sauce);
        }
    }

    private double perCharacter(int length) {
        StringBuilder text = new StringBuilder();
        while (text.length() < length) {
            text.append(line()).append(random.nextInt(4) == 0 ? "\n" : " ");
        }
        String whole = text.substring(0, length);
        double best = Double.MAX_VALUE;
        for (int i = 0; i < 40; i++) {
            best = Math.min(best, milliseconds(() -> read(whole)));
        }
        return best / length;
    }

    /** @param arguments how many lines, and a seed */
    public static void main(String[] arguments) {
        int lines = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 1_000_000;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        Fuzz fuzz = new Fuzz(seed);
        for (int i = 0; i < 20_000; i++) {
            fuzz.read(fuzz.line());
        }
        long start = System.nanoTime();
        for (int i = 0; i < lines; i++) {
            fuzz.timed(fuzz.line(), fuzz::read);
        }
        double longestLine = fuzz.longest;
        System.out.printf(
                Locale.ROOT,
                "%d lines and steps of seed %d in %.0f s: the longest took %.2f ms: %s%n",
                lines,
                seed,
                (System.nanoTime() - start) / 1e9,
                longestLine,
                fuzz.longestLine);
        int sauces = lines / 100;
        for (int i = 0; i < sauces; i++) {
            String text = String.join("\n", fuzz.line(), fuzz.line(), fuzz.line(), fuzz.line());
            try {
                fuzz.make(text);
            } catch (RuntimeException e) {
                throw new IllegalStateException("made of:\n" + text, e);
            }
        }
        System.out.printf("%d sauces of four lines read, made and scaled%n", sauces);
        double small = fuzz.perCharacter(1000);
        double large = fuzz.perCharacter(10_000);
        System.out.printf(
                Locale.ROOT, "µs a character: %.2f at 1000, %.2f at 10 000 characters%n", small * 1000, large * 1000);
        if (longestLine > MAX_MILLISECONDS || large > MAX_GROWTH * small) {
            System.exit(1);
        }
    }
}
