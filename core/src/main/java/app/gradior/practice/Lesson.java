package app.gradior.practice;

import app.gradior.food.StarchKind;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Goal;
import app.gradior.plan.Use;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.practice.Exercise.Appearance;
import app.gradior.practice.Exercise.Station;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Power;
import app.gradior.quantity.Share;
import app.gradior.sauce.WrittenSauce;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The lessons, in the order of skill. */
public enum Lesson {
    READ_THE_SPOON(Hints.ALL),
    BY_HALF(Hints.ALL),
    TAKE_IT_OFF(Hints.ALL),
    HOT_AND_COLD(Hints.ALL),
    PAN_AND_TIME(Hints.ALL),
    MIND_THE_SALT(Hints.SOME),
    SLURRY_IN_THIRDS(Hints.SOME),
    COOK_IT_OUT(Hints.SOME),
    OFF_AT_ONCE(Hints.SOME),
    DO_NOT_LET_IT_CATCH(Hints.SOME),
    SYRUP(Hints.SOME),
    CREAM(Hints.SOME),
    RESCUE(Hints.SOME),
    TWO_POTS(Hints.NONE),
    ALONE(Hints.NONE);

    /** How much is told while one plays. */
    public enum Hints {
        /** What is seen in a sentence, and the name of a look. */
        ALL,
        /** What is seen in a sentence. */
        SOME,
        NONE
    }

    private static final Ring STRONG = new Ring(Ring.Kind.INDUCTION, Power.ofWatts(2200));
    private static final Pot SMALL = pan(180, 90);
    private static final Pot USUAL = pan(240, 85);
    private static final Pot WIDE = pan(300, 70);
    private static final Celsius WARM = Celsius.SERVED_WARM;

    private final Hints hints;
    private volatile Exercise exercise;

    Lesson(Hints hints) {
        this.hints = hints;
    }

    private static Pot pan(double width, double wall) {
        return Pot.straight(Length.ofMillimetres(width), Length.ofMillimetres(wall), Material.STEEL, Mass.ofGrams(900));
    }

    public Hints hints() {
        return hints;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Lesson> ofKey(String key) {
        for (Lesson lesson : values()) {
            if (lesson.key().equals(key)) {
                return Optional.of(lesson);
            }
        }
        return Optional.empty();
    }

    /** What it is practised on; the same each time. */
    public Exercise exercise() {
        Exercise made = exercise;
        if (made == null) {
            made = make();
            exercise = made;
        }
        return made;
    }

    private static Station station(String name, String text, List<Pot> pans, Appearance appearance, Task task) {
        return new Station(
                name,
                WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE).all(),
                pans,
                STRONG,
                Celsius.ROOM,
                appearance,
                task,
                Optional.empty(),
                Optional.empty());
    }

    private static Task thick(Use use, Celsius served) {
        return new Task.Thick(Goal.of(use, served));
    }

    private static Task thick(double grade, Celsius served) {
        return new Task.Thick(Goal.of(Grade.of(grade), served));
    }

    private static Exercise with(int looks, Set<Instrument> instruments, Station... pots) {
        return new Exercise(List.of(pots), instruments, looks, Optional.empty(), 0);
    }

    private static Exercise starch(int looks, StarchKind kind, Station pot) {
        return new Exercise(List.of(pot), Set.of(Instrument.SPOON), looks, Optional.of(kind), 0);
    }

    private Exercise make() {
        Set<Instrument> eyes = Set.of(Instrument.SPOON);
        Set<Instrument> both = Set.of(Instrument.SPOON, Instrument.PLATE);
        Appearance red = new Appearance(0xC85426, 0, 0.5);
        Appearance brown = new Appearance(0x8A4B22, 0, 0.1);
        Appearance wine = new Appearance(0x8C2336, 0, 0.1);
        Station tomato = station(
                "Tomato sauce",
                "600 g passata\n350 ml vegetable stock\n20 g olive oil",
                List.of(USUAL),
                red,
                thick(4.6, WARM));
        return switch (this) {
            case READ_THE_SPOON ->
                new Exercise(
                        List.of(station(
                                "Roast pepper sauce",
                                "500 g red pepper, chopped\n400 ml vegetable stock\nBlend",
                                List.of(USUAL),
                                red,
                                thick(6.4, WARM))),
                        eyes,
                        20,
                        Optional.empty(),
                        6);
            case BY_HALF ->
                with(
                        3,
                        Set.of(),
                        station(
                                "Wine and stock",
                                "600 ml beef stock\n300 ml red wine",
                                List.of(USUAL),
                                wine,
                                new Task.Part(Share.of(0.5))));
            case TAKE_IT_OFF -> with(6, eyes, tomato);
            case HOT_AND_COLD ->
                with(
                        6,
                        both,
                        station(
                                "Plum sauce",
                                "700 g plum, chopped\n180 g sugar\n120 ml water\n20 g lemon juice\nBlend",
                                List.of(USUAL),
                                new Appearance(0x7A2440, 0, 0.4),
                                thick(Use.DIP, Celsius.FRIDGE)));
            case PAN_AND_TIME ->
                with(
                        5,
                        eyes,
                        station(
                                        "Tomato sauce for tonight",
                                        "450 g passata\n15 g olive oil\n400 ml water",
                                        List.of(SMALL, USUAL, WIDE),
                                        red,
                                        thick(4.6, WARM))
                                .within(Duration.ofMinutes(34)));
            case MIND_THE_SALT ->
                starch(
                        5,
                        StarchKind.CORN,
                        station(
                                        "Salted stock gravy",
                                        "800 ml beef stock\n3 g salt",
                                        List.of(USUAL),
                                        brown,
                                        thick(4.4, WARM))
                                .saltedTo(Share.ofPercent(1.8)));
            case SLURRY_IN_THIRDS ->
                starch(
                        5,
                        StarchKind.CORN,
                        station(
                                "Chicken gravy",
                                "700 ml chicken stock\n100 ml white wine",
                                List.of(USUAL),
                                new Appearance(0xB98A46, 0, 0.1),
                                thick(4.6, WARM)));
            case COOK_IT_OUT ->
                starch(
                        5,
                        StarchKind.WHEAT_FLOUR,
                        station(
                                "Onion gravy",
                                "700 ml beef stock\n150 g onion, chopped",
                                List.of(USUAL),
                                new Appearance(0x9A5B2A, 14, 0.3),
                                thick(4.8, WARM)));
            case OFF_AT_ONCE ->
                starch(
                        5,
                        StarchKind.POTATO,
                        station(
                                "Berry sauce",
                                "500 ml water\n250 g raspberries\n80 g sugar",
                                List.of(USUAL),
                                new Appearance(0xA3243B, 10, 0.2),
                                thick(4.4, WARM)));
            case DO_NOT_LET_IT_CATCH ->
                with(
                        6,
                        eyes,
                        station(
                                "Thick tomato ragù base",
                                "700 g passata\n150 g tomato paste\n200 g onion, chopped\n30 g olive oil\nBlend",
                                List.of(SMALL),
                                new Appearance(0xB8401E, 6, 0.8),
                                thick(5.6, WARM)));
            case SYRUP ->
                with(
                        4,
                        Set.of(Instrument.SPOON, Instrument.PROBE),
                        station(
                                "Ginger syrup",
                                "400 g sugar\n500 ml water\n30 g ginger",
                                List.of(SMALL),
                                new Appearance(0xD9A441, 0, 0),
                                new Task.Sweet(Share.ofPercent(65))));
            case CREAM ->
                with(
                        6,
                        eyes,
                        station(
                                "Mustard cream",
                                "200 ml cream\n450 ml chicken stock\n150 ml white wine\n25 g dijon mustard",
                                List.of(USUAL),
                                new Appearance(0xE9D5A8, 0, 0.1),
                                thick(3.9, WARM)));
            case RESCUE ->
                with(
                        8,
                        eyes,
                        station(
                                        "Forgotten tomato sauce",
                                        "450 g passata\n120 g tomato paste\n20 g olive oil",
                                        List.of(USUAL),
                                        new Appearance(0xA53A1C, 0, 0.7),
                                        thick(5.4, WARM))
                                .from(Celsius.of(92)));
            case TWO_POTS ->
                with(
                        10,
                        eyes,
                        tomato,
                        station(
                                "Wine sauce",
                                "300 ml beef stock\n250 ml red wine\n30 g sugar\n30 g tomato paste",
                                List.of(SMALL),
                                wine,
                                thick(4.6, WARM)));
            case ALONE ->
                with(
                        5,
                        both,
                        station(
                                "Pepper and tomato sauce",
                                "300 g red pepper, chopped\n250 g passata\n400 ml vegetable stock\n20 g olive oil\nBlend",
                                List.of(USUAL),
                                red,
                                thick(4.6, WARM)));
        };
    }

    /** What to do, by what is seen alone: it brings one to a pass in most pots. */
    public Advice advice() {
        return switch (this) {
            case READ_THE_SPOON -> new Advice(0, 5, 90, new Advice.Sign.Spoon(SpoonCoat.FALLS_IN_SHEETS));
            case BY_HALF -> new Advice(0, 7, 120, new Advice.Sign.Level(0.5));
            case TAKE_IT_OFF -> new Advice(0, 5, 90, new Advice.Sign.Spoon(SpoonCoat.LINE_STAYS));
            case HOT_AND_COLD -> new Advice(0, 5, 90, new Advice.Sign.Plate(Length.ofMillimetres(79)));
            case PAN_AND_TIME -> new Advice(2, 6, 60, new Advice.Sign.Spoon(SpoonCoat.LINE_STAYS));
            case MIND_THE_SALT -> new Advice(0, 7, 120, new Advice.Sign.Slurry(Mass.ofGrams(5), SpoonCoat.LINE_FILLS));
            case SLURRY_IN_THIRDS ->
                new Advice(0, 5, 120, new Advice.Sign.Slurry(Mass.ofGrams(7), SpoonCoat.LINE_FILLS));
            case COOK_IT_OUT -> new Advice(0, 5, 90, new Advice.Sign.Slurry(Mass.ofGrams(10), SpoonCoat.LINE_FILLS));
            case OFF_AT_ONCE -> new Advice(0, 5, 90, new Advice.Sign.Slurry(Mass.ofGrams(4), SpoonCoat.LINE_FILLS));
            case DO_NOT_LET_IT_CATCH -> new Advice(0, 4, 45, new Advice.Sign.Spoon(SpoonCoat.FALLS_IN_SHEETS));
            case SYRUP -> new Advice(0, 6, 240, new Advice.Sign.Hot(104));
            case CREAM -> new Advice(0, 5, 90, new Advice.Sign.Spoon(SpoonCoat.LINE_FILLS));
            case RESCUE -> new Advice(0, 0, 60, new Advice.Sign.Water(Mass.ofGrams(40), SpoonCoat.LINE_STAYS));
            case TWO_POTS -> new Advice(0, 5, 60, new Advice.Sign.Spoon(SpoonCoat.LINE_STAYS));
            case ALONE -> new Advice(0, 5, 60, new Advice.Sign.Spoon(SpoonCoat.LINE_STAYS));
        };
    }
}
