package app.gradior.web.sauce;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.measure.ReadLine;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.sauce.ClauseReader;
import app.gradior.sauce.SauceLine;
import app.gradior.sauce.WrittenSauce;
import app.gradior.sauce.WrittenSauce.FinalReduction;
import app.gradior.sauce.WrittenSauce.Made;
import app.gradior.sauce.WrittenSauce.Outcome;
import app.gradior.thickness.Gel;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Outside;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.text.Names;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A sauce as a kitchen's product understands it: its lines, and what is in the pot after each stage. */
public final class ReadSauce {
    private final WrittenSauce written;
    private final Conditions conditions;
    private static final Logger LOG = LoggerFactory.getLogger(ReadSauce.class);

    private volatile Made made;
    private volatile boolean failed;

    /**
     * @param conditions the pot it is computed in: it decides the minutes, and hardly anything else
     */
    ReadSauce(WrittenSauce written, Conditions conditions) {
        this.written = written;
        this.conditions = conditions;
    }

    public WrittenSauce written() {
        return written;
    }

    public List<SauceLine> lines() {
        return written.lines();
    }

    /** The sauce made from the first stage to the last. Computed when first asked for. */
    public Made made() {
        Made known = made;
        if (known == null) {
            try {
                known = written.make(conditions, Knowledge.NONE);
            } catch (RuntimeException e) {
                // What is typed can be read: one sauce that can't be computed is marked, and takes no list down with
                // it.
                LOG.error("a sauce can't be made", e);
                known = written.unmade();
                failed = true;
            }
            made = known;
        }
        return known;
    }

    /** How hard its text says that the last reduction boils. */
    public Optional<Activity> saidActivity() {
        return made().finalReduction().flatMap(last -> last.reduce().activity());
    }

    /** How covered its text says that the last reduction is. */
    public Optional<Lid> saidLid() {
        return made().finalReduction().flatMap(last -> last.reduce().lid());
    }

    /** What a plan reduces: the sauce before its last reduction. */
    public Mixture mixture() {
        return made().toPlan();
    }

    /** Where the text says its last reduction is to stop. */
    public Optional<Target> target() {
        return made().finalReduction().map(last -> last.reduce().target());
    }

    /** The minutes that the text itself gives for its last reduction, as the recipe it comes from may have claimed. */
    public Optional<Interval> claim() {
        return made().finalReduction()
                .flatMap(last -> written.stages().get(last.stage()).title())
                .filter(title -> title.contains("reduce") || title.contains("educe") || title.contains("boil to"))
                .map(title -> title.substring(Math.max(title.lastIndexOf("educe"), title.lastIndexOf("boil to"))))
                .flatMap(ClauseReader::claim);
    }

    /** The stage of the reduction that is planned; past the last where the text names none. */
    public int planStage() {
        return made().finalReduction()
                .map(FinalReduction::stage)
                .orElse(made().outcomes().size());
    }

    /** Everything that goes in, uncooked. */
    public Mixture all() {
        return written.all();
    }

    public long unclear() {
        return lines().stream().filter(ReadSauce::isUnclear).count();
    }

    /** Lines whose guess the kitchen has not settled. */
    public long doubtful() {
        return written.foods().filter(ReadLine.Understood::doubtful).count();
    }

    /** The lines and steps of which something is not understood, as they were typed. */
    public List<String> unread() {
        return lines().stream()
                .filter(ReadSauce::isUnclear)
                .map(line -> line.typed().strip())
                .toList();
    }

    /** Whether something of a line or a step is not understood, so that it counts for nothing. */
    public static boolean isUnclear(SauceLine line) {
        return line instanceof SauceLine.OfFood food
                ? food.read() instanceof ReadLine.Unclear
                : ((SauceLine.Step) line).isUnread();
    }

    public boolean isEmpty() {
        return all().isEmpty();
    }

    /** What keeps it from being planned, in a sentence; empty if nothing does. */
    public Optional<String> obstacle() {
        if (!lines().isEmpty() && unclear() == lines().size()) {
            return Optional.of(SauceText.NO_LINE_UNDERSTOOD);
        }
        boolean nothing = isEmpty() || mixture().isEmpty();
        if (failed) {
            return Optional.of(SauceText.CANT_BE_WORKED_OUT);
        }
        if (nothing) {
            return Optional.of(SauceText.NOTHING_YET);
        }
        return Optional.empty();
    }

    /** The most there is in the pot at any time, hot: what the pot has to hold. */
    public Volume max() {
        Volume max = Volume.ofMillilitres(0);
        for (Outcome outcome : made().outcomes()) {
            for (var result : outcome.results()) {
                if (!result.after().isEmpty()) {
                    Volume hot = ChoiOkos.volume(result.after(), Celsius.of(95));
                    max = hot.compareTo(max) > 0 ? hot : max;
                }
            }
        }
        return max;
    }

    /** What is in the pot after a stage, for the page. */
    public PotAfter after(int stage) {
        List<Outcome> outcomes = made().outcomes();
        Outcome outcome = outcomes.get(Math.max(0, Math.min(stage, outcomes.size() - 1)));
        return new PotAfter(outcome);
    }

    /** A part of what the sauce is made of, for the drawing. */
    public record Part(String name, String css, Mass mass, double width) {}

    /** Where the thickness comes from, as a share of it. */
    public record Source(String name, String css, double percent) {}

    /** What is in the pot after a stage. */
    public record PotAfter(Outcome outcome) {
        public Mixture mixture() {
            return outcome.after();
        }

        public boolean isEmpty() {
            return mixture().isEmpty();
        }

        public int index() {
            return outcome.stage().index();
        }

        public Volume volume() {
            return ChoiOkos.volume(mixture(), Celsius.ROOM);
        }

        public Grade warm() {
            return grade(mixture());
        }

        public Grade warmBlended() {
            return grade(mixture().blended());
        }

        /** Whether it holds pieces whose body only blending would set free. */
        public boolean hasLockedBody() {
            return warmBlended().value() - warm().value() > 0.05;
        }

        /** As it would be once it had boiled, if it has not. */
        public Optional<Grade> boiledUp() {
            Grade boiled = grade(mixture().cookedAt(Celsius.of(100)));
            return Math.abs(boiled.value() - warm().value()) > 0.05 ? Optional.of(boiled) : Optional.empty();
        }

        private static Grade grade(Mixture mixture) {
            return Thickness.grade(mixture, Celsius.SERVED_WARM, ThicknessFactor.ONE);
        }

        /** What it is made of, the most first; widths as parts of the most. */
        public List<Part> parts() {
            List<Part> parts = new ArrayList<>();
            add(parts, "water", "water", Component.WATER);
            add(parts, "sugars", "sugars", Component.SUCROSE, Component.SIMPLE_SUGARS, Component.DEXTRINS);
            add(parts, "fat", "fat", Component.FAT);
            add(parts, "starch", "starch", Component.STARCH);
            add(parts, SauceText.FIBRE_AND_PROTEIN, "body", Component.FIBRE, Component.PROTEIN, Component.PEPTIDES);
            add(parts, "acid", "acid", Component.ACETIC_ACID, Component.OTHER_ACIDS);
            add(parts, "salt", "salt", Component.SALT);
            add(parts, "alcohol", "alcohol", Component.ETHANOL);
            add(parts, SauceText.THE_REST, "rest", Component.DISSOLVED_OTHER, Component.SOLID_OTHER);
            double max = parts.stream().mapToDouble(p -> p.mass().grams()).max().orElse(1);
            return parts.stream()
                    .filter(p -> p.mass().grams() >= 0.05)
                    .sorted((a, b) -> b.mass().compareTo(a.mass()))
                    .map(p -> new Part(
                            p.name(),
                            p.css(),
                            p.mass(),
                            Math.max(0.5, 100 * p.mass().grams() / max)))
                    .toList();
        }

        private void add(List<Part> parts, String name, String css, Component... components) {
            double grams = 0;
            for (Component component : components) {
                grams += mixture().mass(component).grams();
            }
            parts.add(new Part(name, css, Mass.ofGrams(grams), 0));
        }

        /** Where what is thicker than water comes from; fat is named by itself, since it thickens all of it. */
        public List<Source> sources() {
            Thickness.Sources sources = Thickness.sources(mixture(), Celsius.SERVED_WARM);
            double sum = sources.serum() + sources.body() + sources.starch() + sources.gel();
            if (sum <= 0) {
                return List.of();
            }
            List<Source> shown = new ArrayList<>();
            shown.add(new Source(SauceText.SYRUP, "sugars", 100 * sources.serum() / sum));
            shown.add(new Source(SauceText.BODY, "body", 100 * sources.body() / sum));
            shown.add(new Source("starch", "starch", 100 * sources.starch() / sum));
            shown.add(new Source(SauceText.SETS, "acid", 100 * sources.gel() / sum));
            shown.removeIf(s -> s.percent() < 1);
            return shown;
        }

        /** Why nothing can be told of how thick it is; null where it can. */
        public Outside outside() {
            return Outside.of(mixture()).orElse(null);
        }

        /** From the fridge on the day after. */
        public Grade cold() {
            return Thickness.grade(mixture(), Celsius.FRIDGE, ThicknessFactor.ONE);
        }

        public Gel.Set set() {
            return Gel.of(mixture(), Celsius.FRIDGE);
        }

        public double fatPercent() {
            return mixture().share(Component.FAT).percent();
        }

        public Share salt() {
            return mixture().share(Component.SALT);
        }

        public Mass alcohol() {
            return mixture().mass(Component.ETHANOL);
        }

        public String allergens() {
            return mixture().allergens().stream()
                    .map(Names::of)
                    .sorted()
                    .reduce((a, b) -> a + ", " + b)
                    .orElse(SauceText.NONE_KNOWN);
        }

        public String title() {
            return outcome.stage().title().orElse(SauceText.EVERYTHING_IN);
        }
    }
}
