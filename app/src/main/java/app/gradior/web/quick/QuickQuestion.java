package app.gradior.web.quick;

import app.gradior.food.Mixture;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.NumberInput;
import app.gradior.measure.ReadLine;
import app.gradior.measure.TypedLength;
import app.gradior.plan.Goal;
import app.gradior.plan.StarchBench;
import app.gradior.pot.Conditions;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.quick.Liquid;
import app.gradior.thickness.Grade;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.LidKeys;
import app.gradior.web.text.Names;
import java.util.List;
import java.util.Optional;

/** Makes values of the blanks of a question, and says beside each blank what can't be read. */
final class QuickQuestion {
    private static final double MAX_GRAMS = 100_000;
    private static final double USUAL_GRADE = 4.8;

    private final QuickForm form;
    private final LineGrammar grammar;
    private final boolean ounces;
    private final FieldErrors problems;

    /** @param ounces whether an amount without a unit is in fluid ounces, and a width in inches */
    QuickQuestion(QuickForm form, LineGrammar grammar, boolean ounces, FieldErrors problems) {
        this.form = form;
        this.grammar = grammar;
        this.ounces = ounces;
        this.problems = problems;
    }

    /**
     * What is in the pan.
     *
     * @param lines the same as lines of a sauce
     * @param called what it is called
     */
    record Contents(Mixture mixture, List<String> lines, String called) {}

    /** What is in the pan; empty, with what is wrong said, if it can't be told. */
    Optional<Contents> contents() {
        Optional<Liquid> liquid = form.of().equals("other") ? Optional.empty() : Liquid.ofKey(form.of());
        Optional<Contents> contents = liquid.isPresent() ? of(liquid.get()) : food();
        return contents.filter(c -> {
            double grams = c.mixture().mass().grams();
            if (!(grams >= 1) || grams > MAX_GRAMS) {
                problems.say("amount", QuickText.AMOUNT_BOUNDS);
                return false;
            }
            return true;
        });
    }

    private Optional<Contents> of(Liquid liquid) {
        Optional<ReadLine.Understood> read = single(amount() + " water");
        if (read.isEmpty() || read.get().amount().unit().isEmpty()) {
            problems.say("amount", QuickText.AMOUNT);
            return Optional.empty();
        }
        Share stirredIn = share("sugar", form.sugar(), liquid.sugar());
        boolean byVolume = read.get().amount().unit().get().isVolume();
        // A gram of water is a millilitre in the table that it was read with.
        Mass mass = byVolume
                ? liquid.weighing(Volume.ofMillilitres(read.get().mass().grams()), stirredIn)
                : read.get().mass();
        List<Liquid.Line> lines = liquid.lines(mass, stirredIn);
        List<String> text = lines.size() == 1
                ? List.of(amount() + " " + lines.get(0).words())
                : lines.stream()
                        .map(line -> Math.max(1, Math.round(line.mass().grams())) + " g " + line.words())
                        .toList();
        return Optional.of(new Contents(liquid.of(mass, stirredIn), text, Names.of(liquid)));
    }

    /** As typed; a plain number is one of the unit that the cook measures liquids in. */
    private String amount() {
        boolean plain = NumberInput.read(form.amount()).isPresent();
        return form.amount() + (plain ? ounces ? " fl oz" : " ml" : "");
    }

    private Optional<ReadLine.Understood> single(String line) {
        List<ReadLine.Understood> foods = grammar.read(line).foods();
        return foods.size() == 1 ? Optional.of(foods.get(0)) : Optional.empty();
    }

    /** Something that is none of the usual liquids: any food, by its name. */
    private Optional<Contents> food() {
        if (form.food().isEmpty()) {
            problems.say("food", QuickText.WHAT_IT_IS);
            return Optional.empty();
        }
        String line = amount() + " " + form.food();
        ReadLine read = grammar.read(line);
        if (read.foods().isEmpty()) {
            problems.say("food", QuickText.notUnderstood(form.food(), form.amount()));
            return Optional.empty();
        }
        return Optional.of(new Contents(read.mixture(), List.of(line), form.food()));
    }

    private Share share(String field, String typed, Optional<Share> usual) {
        return typed.isEmpty() || usual.isEmpty() ? usual.orElse(Share.NONE) : percent(field, typed);
    }

    private Share percent(String field, String typed) {
        return typed.isEmpty()
                ? Share.NONE
                : Share.ofPercent(
                        problems.number(field, typed, 0, 85, QuickText.STRENGTH).orElse(0));
    }

    /** The same liquid of the sugar, acid and salt that the cook knows of, where any was said. */
    Mixture liquid(Mixture asTheTableHasIt) {
        if (form.asTheTableHasIt()) {
            return asTheTableHasIt;
        }
        Share sugar = percent("dissolved", form.dissolved());
        Share acid = percent("acid", form.acid());
        Share salt = percent("salt", form.salt());
        if (sugar.value() + acid.value() + salt.value() > 0.85) {
            problems.say("dissolved", QuickText.TOO_STRONG);
            return asTheTableHasIt;
        }
        return StarchBench.liquid(asTheTableHasIt.mass(), sugar, acid, salt);
    }

    /** How it is cooked. */
    Conditions conditions(Room room) {
        Optional<Length> width = TypedLength.panWidth(form.pan(), ounces);
        if (width.isEmpty()) {
            problems.say("pan", QuickText.WIDTH);
        }
        return new Conditions(
                Pot.ofWidth(width.orElse(Length.ofCentimetres(24))),
                Ring.USUAL,
                form.activity(),
                LidKeys.lid(form.lid()),
                room);
    }

    /** How thick it is wanted. */
    Goal goal() {
        Celsius served = Celsius.of(problems.number("served", form.served(), 0, 95, QuickText.SERVED_AT)
                .orElse(Celsius.SERVED_WARM.degrees()));
        return form.byGrade()
                ? Goal.of(
                        Grade.of(problems.number("grade", form.grade(), 0.5, 8, QuickText.GRADE)
                                .orElse(USUAL_GRADE)),
                        served)
                : Goal.of(form.wanted(), served);
    }
}
