package app.gradior.web.live;

import app.gradior.cook.CookEvent.Flavour;
import app.gradior.cook.Guidance;
import app.gradior.cook.Rescue;
import app.gradior.plan.Slurry;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Optional;

/** Says what to do when a cook went another way, in three lines, with what the numbers give. */
public record RescueText(UnitFormat say) {
    public String name(Rescue.Trouble trouble) {
        return switch (trouble) {
            case TOO_THIN -> "too thin";
            case TOO_THICK -> "too thick";
            case TOO_SALTY -> "too salty";
            case TOO_SHARP -> "too sharp";
            case TOO_SWEET -> "too sweet";
            case TOO_HOT -> "too hot";
            case FLAT -> "tastes flat";
            case LUMPY -> "lumpy";
            case CATCHING -> "catching";
            case SPLIT -> "split";
            case BOILED_OVER -> "boiled over";
            case STARCH_RAW -> "tastes of starch";
        };
    }

    /**
     * What the numbers call for, in a sentence that opens the remedy.
     *
     * @param afterWanted minutes from when it is wanted to when it is ready; empty if that was not said
     */
    public String called(Rescue.Trouble trouble, Optional<Double> afterWanted) {
        return switch (trouble) {
            case TOO_THIN ->
                afterWanted
                                .map(minutes -> "Ready about " + say.minutes(minutes) + " after it is wanted")
                                .orElse("Much later than planned")
                        + ": a slurry would save the time.";
            case FLAT -> "It tastes flat: what lifts it.";
            case TOO_THICK -> "It will be thicker than you want: thin it.";
            case CATCHING -> "Thick or sugary at this heat: it catches. What to do.";
            case TOO_SALTY -> "It is salty: what brings it back.";
            default -> "It is " + name(trouble) + ": what to do.";
        };
    }

    /** What to do, in three lines. */
    public List<String> lines(Rescue.Trouble trouble, Rescue rescue) {
        return switch (trouble) {
            case TOO_THIN ->
                List.of(
                        slurry(rescue.slurry()),
                        "Stir again just before pouring, into the boiling sauce, and stop when it is right.",
                        "Or go on reducing without a lid and with more heat, if there is time and salt to spare.");
            case TOO_THICK ->
                List.of(
                        "Take it off the heat, so that it goes no further.",
                        "Stir in one of these, warm, a little at a time.",
                        "It thickens again as it cools: stop a little thinner than you want it.");
            case TOO_SALTY, TOO_SHARP, TOO_SWEET ->
                List.of(
                        "Stop reducing: every gram that boils off makes it stronger.",
                        "One of these takes it a step back; twice as much, two steps.",
                        "Taste off a cooled spoon, then bring it to its thickness again with a slurry if need be.");
            case TOO_HOT ->
                List.of(
                        "Fat and sugar cover it: cream, butter, coconut milk or honey, a spoon at a time.",
                        "More of the base without chilli thins it out for certain.",
                        "It seems hotter when warm: taste it as it will be eaten.");
            case FLAT ->
                List.of(
                        "A pinch of salt or a few drops of lemon, not both at once.",
                        "Reduce it further if it is also thin: taste comes with thickness.",
                        "Fresh herbs, pepper or a little butter at the very end.");
            case LUMPY ->
                List.of(
                        "Take it off the heat and whisk hard for half a minute.",
                        "Push it through a sieve, or blend it: fill a jug to a third only, and vent it.",
                        "What was sieved out is missing: look at the thickness again.");
            case CATCHING ->
                List.of(
                        "Off the heat at once, and don't scrape what sticks.",
                        "Pour what is loose into a clean pot; leave the burnt behind.",
                        "Taste it; go on at a lower heat and stir every minute.");
            case SPLIT ->
                List.of(
                        "Off the heat; a spoon of cold water or cream, whisked in.",
                        "Still split: whisk it drop by drop into a spoon of cream or mustard.",
                        "Don't boil it again once cream or butter is in.");
            case BOILED_OVER ->
                List.of(
                        "Heat off first, pot aside, wipe when the ring has cooled.",
                        "Weigh what is left: the forecast goes on from there.",
                        "Less heat, or a larger pot: it may be two thirds full at most.");
            case STARCH_RAW ->
                List.of(
                        "Bring it to the boil: starch tastes raw until it has swollen.",
                        "Flour wants ten minutes at the simmer, other starches a short minute.",
                        "Potato, tapioca and arrowroot thin again if boiled long: stop when the taste is gone.");
        };
    }

    private String slurry(Optional<Slurry> slurry) {
        return slurry.map(s -> "Slurry now: " + say.grams(s.powder()) + " "
                        + Names.of(s.kind()) + " (" + say.spoons(s.levelTeaspoons()) + ") in " + say.grams(s.water())
                        + " cold water brings it to grade "
                        + say.grade(s.thirds().get(2)) + ", in thirds.")
                .orElse("It is as thick as you want it when eaten: it thickens as it cools.");
    }

    /** What to add, computed, where something can be added. */
    public List<Rescue.Remedy> remedies(Rescue.Trouble trouble, CookPage page) {
        Rescue rescue = page.getGuidance().rescue();
        return switch (trouble) {
            case TOO_THICK -> rescue.thinner();
            case TOO_SALTY -> rescue.taste(Flavour.SALT, atLeastOne(page, Flavour.SALT));
            case TOO_SHARP -> rescue.taste(Flavour.SHARP, atLeastOne(page, Flavour.SHARP));
            case TOO_SWEET -> rescue.taste(Flavour.SWEET, atLeastOne(page, Flavour.SWEET));
            case FLAT -> {
                List<Rescue.Remedy> both = new java.util.ArrayList<>(rescue.taste(Flavour.SALT, -1));
                both.addAll(rescue.taste(Flavour.SHARP, -1));
                yield both;
            }
            default -> List.of();
        };
    }

    /** By as much as the tongue said, or by one step where it said nothing. */
    private static int atLeastOne(CookPage page, Flavour flavour) {
        return Math.max(1, Guidance.tasted(page.getView().getCook(), flavour));
    }
}
