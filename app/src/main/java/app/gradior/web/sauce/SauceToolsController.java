package app.gradior.web.sauce;

import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.measure.NumberInput;
import app.gradior.measure.ReadLine;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Pot;
import app.gradior.quantity.Celsius;
import app.gradior.sauce.SauceLine;
import app.gradior.sauce.Scaling;
import app.gradior.sauce.Swap;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.food.Foods;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.text.Names;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Scaling and swapping: what a change would come to, before it is taken. */
@Controller
@RequestMapping("/sauces")
class SauceToolsController {
    private final Foods foods;
    private final Pots pots;

    SauceToolsController(Foods foods, Pots pots) {
        this.foods = foods;
        this.pots = pots;
    }

    /** A way of scaling with its figure, as typed. */
    record ScaleForm(
            String text,
            String by,
            String times,
            String servings,
            String jars,
            String jarMl,
            UUID pot,
            Integer line,
            String have,
            String exact) {
        ScaleForm {
            text = text == null ? "" : text.substring(0, Math.min(Workshop.LONGEST_TEXT, text.length()));
        }
    }

    @PostMapping("/scale")
    String scale(@InKitchen UUID kitchen, ScaleForm form, Model model) {
        Foods.Language language = foods.language(kitchen);
        List<KitchenPot> all = pots.all(kitchen);
        ReadSauce read = SauceReader.read(form.text(), language, all);
        model.addAttribute("read", read);
        model.addAttribute("form", form);
        model.addAttribute("pots", all);
        try {
            double factor = factor(form, read, all);
            if (!(factor >= 0.01 && factor <= 100)) {
                throw new Wrong(SauceText.scaledTooFar(factor));
            }
            List<Scaling.Line> lines =
                    new Scaling(factor, form.exact() != null, language.habits()).lines(form.text(), read.written());
            String text = lines.stream().map(Scaling.Line::after).collect(Collectors.joining("\n"));
            ReadSauce scaled = SauceReader.read(text, language, all);
            model.addAttribute("factor", factor);
            model.addAttribute("lines", lines);
            model.addAttribute("text", text);
            model.addAttribute("scaled", scaled);
        } catch (Wrong wrong) {
            model.addAttribute("wrong", wrong.getMessage());
        }
        return "sauce/tools :: scaled";
    }

    /** Something typed that can't be; its message says what to do. */
    private static final class Wrong extends Exception {
        private static final long serialVersionUID = 1;

        Wrong(String message) {
            super(message);
        }
    }

    private static double factor(ScaleForm form, ReadSauce read, List<KitchenPot> pots) throws Wrong {
        if (read.isEmpty()) {
            throw new Wrong(SauceText.NOTHING_TO_SCALE);
        }
        return switch (form.by() == null ? "times" : form.by()) {
            case "servings" ->
                number(form.servings(), SauceText.FOR_HOW_MANY)
                        / read.written()
                                .serves()
                                .orElseThrow(() -> new Wrong(SauceText.SERVES_MISSING))
                                .count();
            case "jars" ->
                number(form.jars(), SauceText.HOW_MANY_JARS)
                        * number(form.jarMl(), SauceText.JAR_SIZE)
                        / ChoiOkos.volume(read.made().end(), Celsius.ROOM).millilitres();
            case "pot" ->
                pots.stream()
                                .filter(p -> p.id().equals(form.pot()))
                                .map(KitchenPot::pot)
                                .map(Pot::workingCapacity)
                                .findFirst()
                                .orElseThrow(() -> new Wrong(SauceText.POT))
                                .millilitres()
                        / read.max().millilitres();
            case "have" -> have(form, read);
            default -> number(form.times(), SauceText.HOW_MANY_TIMES);
        };
    }

    private static double have(ScaleForm form, ReadSauce read) throws Wrong {
        ReadLine.Understood line = line(read, form.line()).orElseThrow(() -> new Wrong(SauceText.LINE));
        return number(form.have(), SauceText.HAVE) / line.mass().grams();
    }

    private static double number(String typed, String problem) throws Wrong {
        return NumberInput.read(typed, Double.MIN_NORMAL, 1e6).orElseThrow(() -> new Wrong(problem));
    }

    private static Optional<ReadLine.Understood> line(ReadSauce read, Integer number) {
        return read.lines().stream()
                .filter(line -> number != null && line.number() == number)
                .filter(SauceLine.OfFood.class::isInstance)
                .map(line -> ((SauceLine.OfFood) line).read())
                .filter(ReadLine.Understood.class::isInstance)
                .map(ReadLine.Understood.class::cast)
                .findFirst();
    }

    /** A figure before and after. */
    record Change(String name, double before, double after, String unit, int digits) {
        /** Of the figures as they are shown, so that the three agree. */
        public double difference() {
            double scale = Math.pow(10, digits);
            return (Math.round(after * scale) - Math.round(before * scale)) / scale;
        }

        public boolean isNone() {
            return Math.abs(difference()) < 0.5 * Math.pow(10, -digits);
        }
    }

    @PostMapping("/swap")
    String swap(
            @InKitchen UUID kitchen,
            @RequestParam String text,
            @RequestParam(required = false) Integer line,
            @RequestParam(defaultValue = "") String food,
            @RequestParam(required = false) Swap.Keep keep,
            Model model) {
        Foods.Language language = foods.language(kitchen);
        List<KitchenPot> all = pots.all(kitchen);
        String typed = text.substring(0, Math.min(Workshop.LONGEST_TEXT, text.length()));
        ReadSauce read = SauceReader.read(typed, language, all);
        ReadLine.Understood old = line(read, line).orElseThrow(() -> new NotFound("line"));
        Swap.Keep kept = keep == null ? usual(old.ingredient()) : keep;
        model.addAttribute("old", old);
        model.addAttribute("line", line);
        model.addAttribute("keeps", Swap.Keep.values());
        model.addAttribute("keep", kept);
        model.addAttribute("asked", food);
        List<Ingredient> candidates =
                food.isBlank() || language.table().find(food).isPresent()
                        ? alike(old.ingredient(), language)
                        : language.grammar().names().like(food.substring(0, Math.min(80, food.length())), 6);
        model.addAttribute("candidates", candidates);
        Optional<Ingredient> chosen = language.table()
                .find(food)
                .or(() -> candidates.stream().filter(c -> !food.isBlank()).findFirst());
        chosen.ifPresent(ingredient -> preview(read, typed, line, old, ingredient, kept, language, all, model));
        return "sauce/tools :: swapped";
    }

    /** What a cook would keep the same: what the food is there for. */
    private static Swap.Keep usual(Ingredient food) {
        if (food.starch().isPresent()) {
            return Swap.Keep.THICKENING;
        }
        return switch (food.group()) {
            case "vinegar" -> Swap.Keep.ACID;
            case "sweetener" -> Swap.Keep.SUGAR;
            case "fat" -> Swap.Keep.FAT;
            default -> food.key().endsWith("salt") ? Swap.Keep.SALT : Swap.Keep.WEIGHT;
        };
    }

    private static List<Ingredient> alike(Ingredient food, Foods.Language language) {
        return language.table().all().stream()
                .filter(other ->
                        other.group().equals(food.group()) && !other.key().equals(food.key()))
                .filter(other -> food.starch().isEmpty() || other.starch().isPresent())
                .limit(8)
                .toList();
    }

    private static void preview(
            ReadSauce read,
            String text,
            int line,
            ReadLine.Understood old,
            Ingredient food,
            Swap.Keep keep,
            Foods.Language language,
            List<KitchenPot> pots,
            Model model) {
        model.addAttribute("food", food);
        Mixture others = read.lines().stream()
                .filter(l -> l.number() != line)
                .flatMap(l -> line(read, l.number()).stream())
                .map(u -> u.ingredient().of(u.mass()))
                .reduce(Mixture.EMPTY, Mixture::plus);
        Optional<Swap> swap = Swap.of(old, food, keep, others, language.grammar());
        if (swap.isEmpty()) {
            model.addAttribute("wrong", SauceText.noSubstitute(food.name(), Names.of(keep)));
            return;
        }
        List<String> lines = new ArrayList<>(text.lines().toList());
        lines.set(line, swap.get().line());
        String changed = String.join("\n", lines);
        model.addAttribute("swap", swap.get());
        model.addAttribute("text", changed);
        model.addAttribute("changes", changes(read, SauceReader.read(changed, language, pots)));
    }

    static List<Change> changes(ReadSauce before, ReadSauce after) {
        Mixture a = before.made().end();
        Mixture b = after.made().end();
        List<Change> changes = new ArrayList<>();
        if (a.isEmpty() || b.isEmpty()) {
            return changes;
        }
        changes.add(new Change("weight", a.mass().grams(), b.mass().grams(), "g", 0));
        changes.add(new Change(
                "volume",
                ChoiOkos.volume(a, Celsius.ROOM).millilitres(),
                ChoiOkos.volume(b, Celsius.ROOM).millilitres(),
                "ml",
                0));
        changes.add(new Change(
                "salt",
                a.share(Component.SALT).percent(),
                b.share(Component.SALT).percent(),
                "%",
                2));
        changes.add(new Change("sugar", a.sugarShare().percent(), b.sugarShare().percent(), "%", 1));
        changes.add(new Change("acid", a.acidShare().percent(), b.acidShare().percent(), "%", 2));
        changes.add(new Change(
                "alcohol",
                a.share(Component.ETHANOL).percent(),
                b.share(Component.ETHANOL).percent(),
                "%",
                1));
        changes.add(new Change(SauceText.GRADE_BOILED_UP, grade(a), grade(b), "", 1));
        return changes;
    }

    private static double grade(Mixture mixture) {
        return Thickness.grade(mixture.cookedAt(Celsius.of(100)), Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .value();
    }
}
