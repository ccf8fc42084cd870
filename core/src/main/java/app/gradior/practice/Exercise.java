package app.gradior.practice;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Share;
import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is practised on: one or more pots, each with what it is to come to.
 *
 * @param pots at least one
 * @param instruments what one may look with
 * @param looks how often one may look for all points, over all pots
 * @param starch what there is to thicken with; empty where there is none
 * @param guesses how often one is asked how thick it is; 0 where what counts is what it comes to
 */
public record Exercise(
        List<Station> pots, Set<Instrument> instruments, int looks, Optional<StarchKind> starch, int guesses) {
    /** More at once nobody watches. */
    public static final int MAX_POTS = 2;

    /**
     * A pot and what is in it.
     *
     * @param name what is cooked
     * @param pans the pans to choose from, one at least; the first where nobody chooses
     * @param from how warm it is as one begins
     * @param appearance how it looks
     * @param saltAtMost more salt than this is too salty
     * @param within ready by then
     */
    public record Station(
            String name,
            Mixture mixture,
            List<Pot> pans,
            Ring ring,
            Celsius from,
            Appearance appearance,
            Task task,
            Optional<Share> saltAtMost,
            Optional<Duration> within) {
        public Station {
            pans = List.copyOf(pans);
        }

        /** The same with a limit to its salt. */
        Station saltedTo(Share most) {
            return new Station(name, mixture, pans, ring, from, appearance, task, Optional.of(most), within);
        }

        /** The same, wanted by a time. */
        Station within(Duration time) {
            return new Station(name, mixture, pans, ring, from, appearance, task, saltAtMost, Optional.of(time));
        }

        /** The same, begun with as warm as something else. */
        Station from(Celsius other) {
            return new Station(name, mixture, pans, ring, other, appearance, task, saltAtMost, within);
        }

        /**
         * As it is begun with.
         *
         * @param pan which of the pans
         * @throws IndexOutOfBoundsException if there is no such pan
         */
        public SimulatedPot begin(int pan, Truth truth) {
            return SimulatedPot.of(new SimulatedPot.Setup(
                    mixture,
                    from,
                    new Conditions(pans.get(pan), ring, Activity.SIMMER, Lid.OFF, Room.USUAL),
                    truth,
                    SimulatedPot.Foaming.of(mixture)));
        }
    }

    /**
     * What the eye sees before anything happens.
     *
     * @param rgb the colour of the sauce as it goes in
     * @param pieces how many pieces swim in it, 0 to 24
     * @param pulp 0, clear, to 1, a purée
     */
    public record Appearance(int rgb, int pieces, double pulp) {}

    /** @throws IllegalArgumentException if there is no pot, or too many */
    public Exercise {
        if (pots.isEmpty() || pots.size() > MAX_POTS) {
            throw new IllegalArgumentException(pots.size() + " pots");
        }
        pots = List.copyOf(pots);
        instruments = instruments.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(instruments));
    }
}
