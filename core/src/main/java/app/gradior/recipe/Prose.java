package app.gradior.recipe;

import app.gradior.measure.LinePart;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Roux;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.sauce.Operation;
import app.gradior.sauce.SauceLine;
import app.gradior.sauce.StepClause;
import app.gradior.sauce.WrittenSauce;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A staged sauce as a recipe is published: its ingredients, and its method in prose that comes in again as the same stages. */
public final class Prose {

    private final List<String> ingredients = new ArrayList<>();
    private final List<String> method = new ArrayList<>();
    private boolean begun;
    private boolean offHeat;

    private Prose() {}

    /**
     * A sauce as it is published.
     *
     * @param ingredients one to a line, in the order in which they go in
     * @param method a paragraph for each stage
     */
    public record Published(List<String> ingredients, List<String> method) {
        public Published {
            ingredients = List.copyOf(ingredients);
            method = List.copyOf(method);
        }
    }

    public static Published of(WrittenSauce sauce) {
        Prose prose = new Prose();
        for (WrittenSauce.Stage stage : sauce.stages()) {
            prose.stage(stage, sauce);
        }
        return new Published(prose.ingredients, prose.method);
    }

    private void stage(WrittenSauce.Stage stage, WrittenSauce sauce) {
        List<String> names = new ArrayList<>();
        List<StepClause> doings = List.of();
        for (SauceLine line : sauce.lines()) {
            if (line.stage() != stage.index()) {
                continue;
            }
            if (line instanceof SauceLine.Step step) {
                doings = step.doings();
                step.foods().forEach(food -> {
                    ingredients.add(food.typed().strip());
                    names.add(name(food));
                });
            } else if (line.foods().findAny().isPresent()) {
                ingredients.add(line.typed().strip());
                line.foods().forEach(food -> names.add(name(food)));
            }
        }
        List<String> sentences = new ArrayList<>();
        boolean named = false;
        for (Operation operation : stage.operations()) {
            boolean puts = !(operation instanceof Operation.Reduce)
                    && !(operation instanceof Operation.SimmerFor)
                    && isPut(operation);
            sentences.add(puts ? put(operation, named ? List.of() : names) : does(operation));
            named |= puts;
        }
        doings.stream()
                .filter(StepClause.Said.class::isInstance)
                .filter(said -> !((StepClause.Said) said)
                        .words()
                        .toLowerCase(Locale.ROOT)
                        .startsWith("off the heat"))
                .map(said -> capital(((StepClause.Said) said).words().strip().replaceAll("[.\\s]+$", "")) + ".")
                .forEach(sentences::add);
        sentences.removeIf(String::isBlank);
        if (!sentences.isEmpty()) {
            method.add(String.join(" ", sentences));
        }
    }

    private static boolean isPut(Operation operation) {
        return operation instanceof Operation.Add
                || operation instanceof Operation.Deglaze
                || operation instanceof Operation.PourSlurry
                || operation instanceof Operation.Thicken
                || operation instanceof Operation.Season
                || operation instanceof Operation.FinishOffHeat;
    }

    /** The words that a line calls its food by. */
    private static String name(ReadLine.Understood food) {
        StringBuilder name = new StringBuilder();
        for (LinePart part : food.parts()) {
            if (part.kind() == LinePart.Kind.FOOD && part.end() <= food.typed().length()) {
                name.append(name.isEmpty() ? "" : " ").append(food.typed(), part.start(), part.end());
            }
        }
        return name.isEmpty()
                ? food.ingredient().name().replaceAll("\\s*\\(.*\\)", "").toLowerCase(Locale.ROOT)
                : name.toString();
    }

    private String put(Operation operation, List<String> names) {
        if (names.isEmpty()) {
            return "";
        }
        String foods = list(names);
        String back =
                offHeat && !(operation instanceof Operation.FinishOffHeat) && !(operation instanceof Operation.Season)
                        ? "Return to the heat. "
                        : "";
        offHeat &= back.isEmpty();
        boolean first = !begun;
        begun = true;
        if (operation instanceof Operation.Deglaze) {
            return back + "Deglaze with " + foods + ".";
        }
        if (operation instanceof Operation.PourSlurry) {
            return back
                    + (names.size() > 1 ? "Mix " + foods + " to a slurry and stir it in." : "Stir in " + foods + ".");
        }
        if (operation instanceof Operation.Thicken thicken) {
            return back + roux(thicken.browning(), foods);
        }
        if (operation instanceof Operation.Season) {
            return "Season with " + foods + ".";
        }
        if (operation instanceof Operation.FinishOffHeat) {
            String off = offHeat ? "" : "Take it off the heat. ";
            offHeat = true;
            return off + "Stir in " + foods + ".";
        }
        return back + (first ? "Put " + foods + " in a pan." : "Add " + foods + ".");
    }

    private static String roux(Roux.Browning browning, String foods) {
        return switch (browning) {
            case RAW -> "Knead " + foods + " together and whisk the paste in.";
            case BROWN -> "Make a brown roux with " + foods + ".";
            case DARK -> "Make a dark roux with " + foods + ".";
            default -> "Make a roux with " + foods + ".";
        };
    }

    private static String list(List<String> names) {
        List<String> each = names.stream().map(name -> "the " + name).toList();
        return each.size() == 1
                ? each.get(0)
                : String.join(", ", each.subList(0, each.size() - 1)) + " and " + each.get(each.size() - 1);
    }

    private String does(Operation operation) {
        if (operation instanceof Operation.Reduce reduce) {
            offHeat = false;
            return reduces(reduce);
        }
        if (operation instanceof Operation.SimmerFor simmer) {
            offHeat = false;
            return simmers(simmer);
        }
        if (operation instanceof Operation.Sweat) {
            return "Cook gently until soft.";
        }
        if (operation instanceof Operation.Fry) {
            return "Fry until brown.";
        }
        if (operation instanceof Operation.Blend) {
            return "Blend until smooth.";
        }
        if (operation instanceof Operation.StrainLeaving leaving) {
            return "Strain through a sieve, leaving "
                    + StepNames.number(leaving.left().grams()) + " g behind.";
        }
        if (operation instanceof Operation.Strain strain) {
            String fineness = StepNames.fineness(strain);
            return "Strain through a " + (fineness.isEmpty() ? "" : fineness + " ") + "sieve.";
        }
        Celsius to = ((Operation.Cool) operation).to();
        return to.equals(Celsius.ROOM)
                ? "Leave to cool."
                : to.equals(Celsius.FRIDGE) ? "Chill." : "Cool to " + StepNames.number(to.degrees()) + " °C.";
    }

    private static String simmers(Operation.SimmerFor simmer) {
        if (simmer.time().isZero()) {
            return "Bring to a boil" + lid(simmer.lid()) + ".";
        }
        return boil(simmer.activity()).orElse("Cook") + " for " + time(simmer.time()) + lid(simmer.lid()) + ".";
    }

    private static Optional<String> boil(Optional<Activity> activity) {
        return activity.map(how -> switch (how) {
            case STEAMING, BARE_SIMMER -> "Simmer gently";
            case SIMMER -> "Simmer";
            case LIVELY_SIMMER -> "Simmer briskly";
            case ROLLING_BOIL -> "Boil";
        });
    }

    private static String reduces(Operation.Reduce reduce) {
        String lid = lid(reduce.lid());
        Target target = reduce.target();
        if (target instanceof Target.AtBoilingPoint at) {
            return boil(reduce.activity()).orElse("Cook") + " until it reaches "
                    + StepNames.number(at.boils().degrees()) + " °C" + lid + ".";
        }
        String to = target(target);
        return boil(reduce.activity()).map(how -> how + " until reduced " + to).orElse("Reduce " + to) + lid + ".";
    }

    private static String target(Target target) {
        if (target instanceof Target.Weight weight) {
            return "to " + StepNames.number(weight.mass().grams()) + " g";
        }
        if (target instanceof Target.Yield yield) {
            return "to " + StepNames.number(yield.volume().millilitres()) + " ml";
        }
        if (target instanceof Target.Reduced reduced) {
            String basis = StepNames.basis(reduced.basis());
            return "by " + StepNames.part(reduced.kept().rest().value()) + basis;
        }
        if (target instanceof Target.ForUse use) {
            return switch (use.use()) {
                case POUR -> "to a pouring sauce";
                case TOSS -> "to coat a spoon";
                case GLAZE -> "to a glaze";
                case DIP -> "to a dip";
                case SPREAD -> "to a spread";
                case SYRUP -> "to a syrup";
            };
        }
        return target instanceof Target.AtGrade grade
                ? "to grade " + StepNames.number(grade.grade().value())
                : "to " + StepNames.number(((Target.AtBrix) target).brix().percent()) + " Brix";
    }

    private static String lid(Optional<Lid> lid) {
        if (lid.isEmpty()) {
            return "";
        }
        if (lid.get().equals(Lid.ON)) {
            return ", covered";
        }
        if (lid.get().equals(Lid.AJAR)) {
            return ", with the lid ajar";
        }
        return lid.get().equals(Lid.OFF) ? ", uncovered" : ", under a splatter screen";
    }

    private static String time(Duration time) {
        long seconds = time.toSeconds();
        if (seconds % 60 != 0) {
            return seconds + " seconds";
        }
        long minutes = seconds / 60;
        if (minutes < 60) {
            return minutes + (minutes == 1 ? " minute" : " minutes");
        }
        String hours = minutes / 60 + (minutes / 60 == 1 ? " hour" : " hours");
        return minutes % 60 == 0 ? hours : hours + " " + minutes % 60 + " minutes";
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
