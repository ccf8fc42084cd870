package app.gradior.web.planning;

import app.gradior.food.StarchKind;
import app.gradior.plan.Route;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/**
 * What was chosen for a plan.
 *
 * @param pot empty to take one that fits
 * @param width how wide a pan is taken that is none of the kitchen's pots; empty for one of them
 * @param ring empty to take the one that fits the pot best
 * @param hood whether it runs, if that is other than in the kitchen's preferences
 * @param altitude to compute with instead of the kitchen's
 * @param wanted how thick it is to be
 * @param served the temperature it is eaten at
 * @param aim what reducing stops at
 * @param stop where reducing stops, if not where it is thick enough
 * @param min how much there is to be at least
 * @param jar what one of the cook's jars holds
 * @param serving what one person is served
 * @param starch empty for the one that suits
 * @param ratio how the slurry is stirred
 * @param frozen whether it will be frozen
 * @param smooth whether it is blended first
 * @param route empty for the one proposed
 * @param at where the handle was dragged to, if to anywhere
 */
public record PlanChoices(
        Optional<UUID> pot,
        Optional<Length> width,
        Optional<UUID> ring,
        Activity activity,
        Lid lid,
        Optional<Boolean> hood,
        Optional<Altitude> altitude,
        Wanted wanted,
        Celsius served,
        Aim aim,
        Optional<Target> stop,
        Optional<Target> min,
        Volume jar,
        Volume serving,
        Optional<StarchKind> starch,
        SlurryRatio ratio,
        boolean frozen,
        boolean smooth,
        Optional<Route.Kind> route,
        Optional<Mass> at) {

    /** How thick a sauce is wanted. */
    public sealed interface Wanted {
        /** As thick as it is for what it is used for. */
        record ByUse(Use use) implements Wanted {}

        record ByGrade(Grade grade) implements Wanted {}

        /** As a finished batch was; empty if none was chosen yet. */
        record LikeBatch(Optional<UUID> batch) implements Wanted {}

        /** What becomes of each way to say it. */
        default <R> R match(Function<Use, R> byUse, Function<Grade, R> byGrade, Function<Optional<UUID>, R> likeBatch) {
            if (this instanceof ByUse by) {
                return byUse.apply(by.use());
            }
            return this instanceof ByGrade by ? byGrade.apply(by.grade()) : likeBatch.apply(((LikeBatch) this).batch());
        }

        /** The use, where it was said by one. */
        default Optional<Use> said() {
            return match(Optional::of, grade -> Optional.empty(), batch -> Optional.empty());
        }
    }

    /** What a reduction stops at. */
    public enum Aim {
        THICK,
        YIELD,
        PART,
        BRIX,
        BOILS;

        /** What it is called in addresses. */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Thick, for a key that is none. */
        static Aim ofKey(String key) {
            return Arrays.stream(values())
                    .filter(aim -> aim.key().equals(key))
                    .findFirst()
                    .orElse(THICK);
        }
    }
}
