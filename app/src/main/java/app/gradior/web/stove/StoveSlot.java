package app.gradior.web.stove;

import app.gradior.cook.Forecast;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.live.CookView;
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

    /** Words beside the pot stand toward the middle of the stove. */
    public boolean left() {
        return x() <= 300;
    }

    /** Words of a free ring stand at its outer side, where pots on other rings leave them to be read. */
    public double labelY() {
        return y() < 187 ? y() - ringRadius() * 0.66 : y() + ringRadius() * 0.8;
    }

    public double wordsX() {
        return left() ? x() + radius() + 24 : x() - radius() - 24;
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
            return "weigh it: it should be there";
        }
        if (view().getMinutesLeft().isEmpty()) {
            return "▲ it does not get there as it is going";
        }
        if (!view().getCook().simmerSeen()) {
            return forecast.heatingUp().toSeconds() > 30 ? "coming to the simmer" : "say when it simmers";
        }
        if (view().getCook().results().isEmpty()) {
            return "weigh it when you pass";
        }
        return "stir every " + forecast.stirEveryMinutes() + " min";
    }
}
