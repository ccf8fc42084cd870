package app.gradior.web.practice;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Goal;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.practice.Exercise;
import app.gradior.practice.Instrument;
import app.gradior.practice.Lesson;
import app.gradior.practice.Task;
import app.gradior.quantity.Celsius;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What runs are on: the lessons as they are shipped, and a kitchen's own sauces in its own pots. */
@Service
class Exercises {
    private static final int LOOKS = 5;

    /** With less there is nothing to boil off. */
    private static final double LEAST_WATER = 0.2;

    private static final int TOMATO = 0xB8502A;
    private static final int PALE = 0xE6D2A6;
    private static final int BROWN = 0x8A5228;
    private static final int SWEET = 0x8C2F3E;

    private final SauceService sauces;
    private final SauceReader reader;
    private final Pots pots;
    private final Rings rings;

    Exercises(SauceService sauces, SauceReader reader, Pots pots, Rings rings) {
        this.sauces = sauces;
        this.reader = reader;
        this.pots = pots;
        this.rings = rings;
    }

    /** @throws NotFound if it is on a sauce or a pot that is not there any more */
    Exercise of(UUID kitchen, RunSetup setup) {
        return setup.ofLesson().map(Lesson::exercise).orElseGet(() -> own(kitchen, setup));
    }

    private Exercise own(UUID kitchen, RunSetup setup) {
        Sauce sauce = sauces.version(kitchen, setup.sauce(), setup.version()).orElseThrow(() -> new NotFound("sauce"));
        KitchenPot pot = pots.find(kitchen, setup.pot()).orElseThrow(() -> new NotFound("pot"));
        Mixture mixture = reader.read(kitchen, sauce).mixture();
        return new Exercise(
                List.of(new Exercise.Station(
                        sauce.name(),
                        mixture,
                        List.<Pot>of(pot.pot()),
                        ring(kitchen),
                        Celsius.ROOM,
                        new Exercise.Appearance(
                                colour(mixture), 0, Math.min(1, mixture.body().grams() / 60)),
                        new Task.Thick(Goal.of(setup.use(), Celsius.SERVED_WARM)),
                        Optional.empty(),
                        Optional.empty())),
                Set.of(Instrument.SPOON, Instrument.PLATE, Instrument.SCALE),
                LOOKS,
                Optional.empty(),
                0);
    }

    private Ring ring(UUID kitchen) {
        return rings.all(kitchen).stream()
                .max(Comparator.comparingDouble(KitchenRing::watts))
                .map(KitchenRing::ring)
                .orElse(Ring.USUAL);
    }

    /** Pale with milk or cream, red with fruit, brown otherwise: a guess that only the drawing is made of. */
    private static int colour(Mixture mixture) {
        double grams = mixture.mass().grams();
        if (mixture.allergens().contains(Allergen.MILK)
                && mixture.mass(Component.FAT).grams() > 0.05 * grams) {
            return PALE;
        }
        if (mixture.sugarShare().percent() > 12) {
            return SWEET;
        }
        return mixture.body().grams() > 0.01 * grams ? TOMATO : BROWN;
    }

    /** Why a sauce can't be practised in a pot; empty where it can. */
    Optional<String> obstacle(UUID kitchen, Sauce sauce, KitchenPot pot) {
        ReadSauce read = reader.read(kitchen, sauce);
        if (read.obstacle().isPresent()) {
            return read.obstacle();
        }
        Mixture mixture = read.mixture();
        if (mixture.share(Component.WATER).value() < LEAST_WATER) {
            return Optional.of(PracticeText.NO_WATER);
        }
        boolean over = pot.pot().overflowsWith(ChoiOkos.volume(mixture, Celsius.of(95)));
        return over ? Optional.of(PracticeText.POT_TOO_SMALL) : Optional.empty();
    }
}
