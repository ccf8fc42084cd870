package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Solution;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Pressure;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Where a reduction is to stop. */
public sealed interface Target {
    /**
     * What is still missing, as a function that falls through zero as the sauce reaches the target.
     *
     * @param from the sauce as the reduction begins
     */
    ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness);

    /** How many times more than there is would be needed; empty for targets that are no amount. */
    default Optional<Double> timesOf(Mixture from) {
        return Optional.empty();
    }

    /** Whether it is a thickness, which is an estimate, rather than an amount, which is exact. */
    default boolean isThickness() {
        return false;
    }

    /** The grade aimed at, if it is one at a temperature of serving. */
    default Optional<AtGrade> gradeServed() {
        return Optional.empty();
    }

    /** Stop at so much by weight. */
    record Weight(Mass mass) implements Target {
        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            return m -> m.mass().kilograms() - mass.kilograms();
        }

        @Override
        public Optional<Double> timesOf(Mixture from) {
            return Optional.of(mass.kilograms() / from.mass().kilograms());
        }
    }

    /** Stop when there is so much by volume, judged at room temperature. */
    record Yield(Volume volume) implements Target {
        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            return m -> ChoiOkos.volume(m, Celsius.ROOM).litres() - volume.litres();
        }

        @Override
        public Optional<Double> timesOf(Mixture from) {
            return Optional.of(
                    volume.litres() / ChoiOkos.volume(from, Celsius.ROOM).litres());
        }
    }

    /**
     * Stop when a part is left of what the reduction began with.
     *
     * @param kept what is left: a sauce reduced by a third keeps two thirds, one reduced to a third keeps one
     */
    record Reduced(Share kept, Basis basis) implements Target {
        /** @throws IllegalArgumentException if nothing or everything would be left */
        public Reduced {
            if (kept.value() <= 0 || kept.value() >= 1) {
                throw new IllegalArgumentException("the part kept must lie between 0 and 1 but was " + kept.value());
            }
        }

        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            ToDoubleFunction<Mixture> amount = basis.measure(evaporation);
            double goal = amount.applyAsDouble(from) * kept.value();
            return m -> amount.applyAsDouble(m) - goal;
        }
    }

    /** Stop when it is right for a use, eaten at a temperature. */
    record ForUse(Use use, Celsius served) implements Target {
        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            return aim().shortfall(from, evaporation, thickness);
        }

        @Override
        public boolean isThickness() {
            return true;
        }

        @Override
        public Optional<AtGrade> gradeServed() {
            return Optional.of(aim());
        }

        private AtGrade aim() {
            return new AtGrade(use.aim(), served);
        }
    }

    /** Stop at a grade, judged at a temperature. */
    record AtGrade(Grade grade, Celsius served) implements Target {
        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            return m -> grade.value() - Thickness.grade(m, served, thickness).value();
        }

        @Override
        public boolean isThickness() {
            return true;
        }

        @Override
        public Optional<AtGrade> gradeServed() {
            return Optional.of(this);
        }
    }

    /** Stop when it is as thick as this in the pot, hot. */
    record AtStoveGrade(Grade grade) implements Target {
        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            return m -> grade.value()
                    - Thickness.grade(m, evaporation.stoveTemperature(m), thickness)
                            .value();
        }

        @Override
        public boolean isThickness() {
            return true;
        }
    }

    /** Stop when so much is dissolved in its serum. */
    record AtBrix(Share brix) implements Target {
        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            return m -> brix.value() - m.brix().value();
        }
    }

    /** Stop when it boils as hot as this: how syrups and sugar glazes are judged with a thermometer. */
    record AtBoilingPoint(Celsius boils) implements Target {
        @Override
        public ToDoubleFunction<Mixture> shortfall(Mixture from, Evaporation evaporation, ThicknessFactor thickness) {
            Pressure air = evaporation.conditions().room().airPressure();
            return m -> boils.degrees() - Solution.boilingPoint(m, air).degrees();
        }
    }

    /** What a fraction is taken of. */
    enum Basis {
        WEIGHT,
        VOLUME,
        DEPTH;

        private ToDoubleFunction<Mixture> measure(Evaporation evaporation) {
            return switch (this) {
                case WEIGHT -> m -> m.mass().kilograms();
                case VOLUME -> m -> hotVolume(m, evaporation).litres();
                case DEPTH ->
                    m -> evaporation
                            .conditions()
                            .pot()
                            .depthOf(hotVolume(m, evaporation))
                            .metres();
            };
        }

        private static Volume hotVolume(Mixture mixture, Evaporation evaporation) {
            return ChoiOkos.volume(mixture, evaporation.stoveTemperature(mixture));
        }
    }
}
