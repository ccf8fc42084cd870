package app.gradior.web.stove;

import app.gradior.cook.Forecast;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.live.CookView;
import java.util.List;
import java.util.Optional;

/**
 * A ring of the stove with what stands on it; lengths in mm of the stove.
 *
 * @param number the key that reaches it
 */
public record StoveSlot(int number, KitchenRing ring, Optional<CookView> cook) {
    private static final double WALL_MM = 9;
    private static final double TRACK_MM = 9;

    public CookView view() {
        return cook.orElse(null);
    }

    public int x() {
        return ring.xMm();
    }

    public int y() {
        return ring.yMm();
    }

    public double ringRadius() {
        return ring.sizeMm() / 2.0;
    }

    /** The rim of the pot. */
    public double radius() {
        return view().getCook().conditions().pot().rim().millimetres() / 2;
    }

    /** Where progress is drawn, within the rim. */
    public double trackRadius() {
        return radius() - WALL_MM - TRACK_MM / 2;
    }

    /** The surface of the sauce. */
    public double within() {
        return radius() - WALL_MM - 2 * TRACK_MM;
    }

    /** Words of a free ring stand at its outer side, where pots on other rings leave them to be read. */
    public double labelY() {
        return y() < 187 ? y() - ringRadius() * 0.66 : y() + ringRadius() * 0.8;
    }

    /**
     * Where the words of a cook stand.
     *
     * @param x where they begin, or end
     * @param y of their middle
     * @param begins whether they begin there
     * @param width about how wide they are
     */
    public record Words(double x, double y, boolean begins, double width) {
        public double left() {
            return begins ? x : x - width;
        }
    }

    private static final double WORDS_HALF_HEIGHT = 34;
    private static final double MIN_WORDS_WIDTH = 190;
    private static final double WIDTH_PER_LETTER = 8.6;
    private static final double STOVE_WIDTH = 600;
    private static final double STOVE_DEPTH = 375;

    /** Beside the pot, where they cover least of other pots and rings and stay on the stove. */
    public Words words(List<StoveSlot> all) {
        double width = Math.max(
                MIN_WORDS_WIDTH, WIDTH_PER_LETTER * view().getRow().sauceName().length());
        Words best = null;
        double least = Double.MAX_VALUE;
        for (double turn : new double[] {0, -0.72, 0.72, -1.1, 1.1}) {
            for (boolean begins : new boolean[] {x() <= STOVE_WIDTH / 2, x() > STOVE_WIDTH / 2}) {
                double off = Math.cos(turn) * radius() + 26;
                Words words = new Words(
                        begins ? x() + off : x() - off, y() + Math.sin(turn) * (radius() + 20), begins, width);
                double cost = covered(words, width, all);
                if (cost < least - 0.5) {
                    least = cost;
                    best = words;
                }
            }
        }
        return best;
    }

    /** How much of a grid of points over the words lies on something else, or beside the stove. */
    private double covered(Words words, double width, List<StoveSlot> all) {
        double cost = 0;
        for (int column = 0; column <= 8; column++) {
            for (int row = -2; row <= 2; row++) {
                double px = words.x() + (words.begins() ? 1 : -1) * width * column / 8;
                double py = words.y() + row * WORDS_HALF_HEIGHT / 2;
                if (px < 4 || px > STOVE_WIDTH - 4 || py < 4 || py > STOVE_DEPTH - 4) {
                    cost += 6;
                }
                for (StoveSlot other : all) {
                    double reach = other.cook().isPresent() ? other.radius() + 4 : other.ringRadius();
                    if (Math.hypot(px - other.x(), py - other.y()) < reach) {
                        cost += other.cook().isPresent() ? 4 : 1;
                    }
                    // What a free ring says of itself stays readable.
                    boolean free = other.cook().isEmpty();
                    if (free && Math.abs(px - other.x()) < 60 && Math.abs(py - other.labelY()) < 20) {
                        cost += 12;
                    }
                }
            }
        }
        return cost;
    }

    /** The part of the way that is done, by weight, as the length of an arc of circumference 100. */
    public double done() {
        Forecast forecast = view().getForecast();
        double start = view().getCook().started().mixture().mass().grams();
        double now = forecast.current().mass().grams();
        return forecast.atTarget()
                .map(at -> 100 * (start - now) / Math.max(1, start - at.mass().grams()))
                .map(part -> Math.max(0, Math.min(100, part)))
                .orElse(0.0);
    }

    /** What to do next, in a few words. */
    public String next() {
        Forecast forecast = view().getForecast();
        if (forecast.reached()) {
            return StoveText.SHOULD_BE_THERE;
        }
        if (view().getMinutesLeft().isEmpty()) {
            return StoveText.DOES_NOT_GET_THERE;
        }
        if (!view().getCook().simmerSeen()) {
            return forecast.heatingUp().toSeconds() > 30 ? StoveText.COMING_TO_SIMMER : StoveText.SAY_SIMMERS;
        }
        if (view().getCook().results().isEmpty()) {
            return StoveText.WEIGH_PASSING;
        }
        return StoveText.stirEvery(forecast.stirEveryMinutes());
    }
}
