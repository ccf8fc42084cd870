package app.gradior.web.exchange;

import app.gradior.keeping.Place;
import app.gradior.measure.Measures;
import app.gradior.pot.Activity;
import app.gradior.pot.Material;
import app.gradior.pot.Ring;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.Verdict;
import app.gradior.web.food.OwnFood;
import app.gradior.web.sauce.SauceOrigin;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.util.List;

/**
 * A kitchen, or a part of one, as a file in the project's own format: see {@code docs/formats}. Lengths in mm, weights
 * in g, times in minutes. Times of batches count back from when the file is read, so that a demo is always of today.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record KitchenFile(
        String format,
        String kitchen,
        Measures measures,
        List<OwnFood> foods,
        List<AmountEntry> amounts,
        List<NameEntry> names,
        List<PotEntry> pots,
        List<RingEntry> rings,
        List<BoilOffEntry> boilOffs,
        List<SauceEntry> sauces,
        List<BatchEntry> batches,
        List<JarSizeEntry> jarSizes,
        List<EveningEntry> evenings) {
    static final String FORMAT = "gradior-kitchen/1";

    public KitchenFile {
        foods = foods == null ? List.of() : foods;
        amounts = amounts == null ? List.of() : amounts;
        names = names == null ? List.of() : names;
        pots = pots == null ? List.of() : pots;
        rings = rings == null ? List.of() : rings;
        boilOffs = boilOffs == null ? List.of() : boilOffs;
        sauces = sauces == null ? List.of() : sauces;
        batches = batches == null ? List.of() : batches;
        jarSizes = jarSizes == null ? List.of() : jarSizes;
        evenings = evenings == null ? List.of() : evenings;
    }

    record AmountEntry(String measure, String food, double grams) {}

    record NameEntry(String words, String food) {}

    public record PotEntry(String name, double baseMm, double rimMm, double wallMm, Material material, double tareG) {}

    /** A ring; its middle from the left and from the back of the stove. */
    public record RingEntry(String name, Ring.Kind kind, int watts, int sizeMm, int xMm, int yMm, String dial) {}

    /** A boil-off test that ended so many minutes ago less its time; weights of the water alone. */
    public record BoilOffEntry(
            String pot,
            String ring,
            Activity activity,
            String mark,
            double minutesAgo,
            double minutes,
            double beforeG,
            double afterG) {}

    /** A sauce by its lines, or with all its versions. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    /** @param recipe the published recipe that it was made of */
    record SauceEntry(
            String name, Boolean archived, List<String> lines, List<VersionEntry> versions, SauceOrigin recipe) {}

    record VersionEntry(String name, String text, Instant savedAt) {}

    /**
     * A batch: a sauce and a pot by their names, how it began, what happened.
     *
     * @param target a plan's choices by the names they have in a plan's address
     */
    public record BatchEntry(
            String sauce,
            String pot,
            String ring,
            double startedMinutesAgo,
            Activity activity,
            String lid,
            TargetEntry target,
            List<EventEntry> events,
            List<VerdictEntry> verdicts,
            List<JarEntry> jars) {}

    /** An evening that is served so many minutes after the file is read. */
    public record EveningEntry(String name, double servedInMinutes, List<EveningJob> jobs) {}

    /** A sauce by its name, or another job by its line. */
    public record EveningJob(String sauce, String line) {}

    /** A kind of jar: what it holds to the brim, how tall it is inside, how many there are. */
    public record JarSizeEntry(String name, double brimMl, double heightMm, boolean wide, int owned) {}

    /** A jar filled so many minutes after the sauce came off the heat, of a kind by its name. */
    public record JarEntry(String size, double ml, Place place, double afterMinutes, List<JarEventEntry> events) {}

    /** What happened to a jar so many minutes after it was filled: opened, frozen, fridge, taken, given, finished. */
    public record JarEventEntry(String kind, double afterMinutes, Double ml) {}

    /** What was said of a batch; {@code thickness} from −2 (too thin) to 2, {@code salt} from −1 (too little) to 1. */
    public record VerdictEntry(
            int thickness, boolean nextDay, double afterMinutes, Integer salt, Verdict.Again again, String words) {}

    public record TargetEntry(
            String aim, String amount, String unit, String way, String part, String basis, String use, String served) {}

    /** An event so many minutes after the start; {@code grams} is the sauce without its pot, {@code cm} how far it spread on a plate. */
    public record EventEntry(
            double afterMinutes, String kind, Double grams, Activity activity, String lid, SpoonCoat look, Double cm) {}
}
