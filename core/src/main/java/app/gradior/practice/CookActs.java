package app.gradior.practice;

import app.gradior.cook.CookEvent;
import app.gradior.pot.Activity;
import java.util.List;

/** What happens to a pot by an event of a cook, whatever anybody reads off it. */
final class CookActs implements CookEvent.Cases<List<Act>> {
    private Activity activity = Activity.SIMMER;

    @Override
    public List<Act> started(CookEvent.Started event) {
        activity = event.conditions().activity();
        return List.of(new Act.Keep(activity));
    }

    @Override
    public List<Act> simmers(CookEvent.Simmers event) {
        return List.of(new Act.Keep(activity), new Act.Arrive());
    }

    @Override
    public List<Act> heatChanged(CookEvent.HeatChanged event) {
        activity = event.activity();
        return List.of(new Act.Keep(activity));
    }

    @Override
    public List<Act> heatSwitched(CookEvent.HeatSwitched event) {
        return List.of(event.on() ? new Act.Keep(activity) : new Act.Heat(0));
    }

    @Override
    public List<Act> lidChanged(CookEvent.LidChanged event) {
        return List.of(new Act.Cover(event.lid()));
    }

    @Override
    public List<Act> added(CookEvent.Added event) {
        return List.of(new Act.Add(event.mixture()));
    }

    @Override
    public List<Act> blended(CookEvent.Blended event) {
        return List.of(new Act.Blend());
    }

    @Override
    public List<Act> strained(CookEvent.Strained event) {
        return List.of(new Act.Strain(event.solidsHeld(), event.liquidHeld()));
    }

    /** Whoever enters that it was poured has stirred it in. */
    @Override
    public List<Act> slurryPoured(CookEvent.SlurryPoured event) {
        return List.of(new Act.Slurry(event.starch(), event.powder(), event.water()), new Act.Stir());
    }

    @Override
    public List<Act> potChanged(CookEvent.PotChanged event) {
        return List.of(new Act.Move(event.pot()));
    }

    @Override
    public List<Act> stirred(CookEvent.Stirred event) {
        return List.of(new Act.Stir());
    }

    @Override
    public List<Act> finished(CookEvent.Finished event) {
        return List.of(new Act.Off());
    }

    @Override
    public List<Act> undone(CookEvent.Undone event) {
        return List.of();
    }

    @Override
    public List<Act> confirmed(CookEvent.Confirmed event) {
        return List.of();
    }

    @Override
    public List<Act> ticked(CookEvent.Ticked event) {
        return List.of();
    }

    @Override
    public List<Act> timerStarted(CookEvent.TimerStarted event) {
        return List.of();
    }

    @Override
    public List<Act> wanted(CookEvent.Wanted event) {
        return List.of();
    }

    @Override
    public List<Act> timerStopped(CookEvent.TimerStopped event) {
        return List.of();
    }

    @Override
    public List<Act> tasted(CookEvent.Tasted event) {
        return List.of();
    }

    @Override
    public List<Act> jarred(CookEvent.Jarred event) {
        return List.of();
    }

    @Override
    public List<Act> weighed(CookEvent.Weighed event) {
        return List.of();
    }

    @Override
    public List<Act> dipped(CookEvent.Dipped event) {
        return List.of();
    }

    @Override
    public List<Act> jugged(CookEvent.Jugged event) {
        return List.of();
    }

    @Override
    public List<Act> spoonLooked(CookEvent.SpoonLooked event) {
        return List.of();
    }

    @Override
    public List<Act> plateSpreadRead(CookEvent.PlateSpreadRead event) {
        return List.of();
    }

    @Override
    public List<Act> temperatureRead(CookEvent.TemperatureRead event) {
        return List.of();
    }
}
