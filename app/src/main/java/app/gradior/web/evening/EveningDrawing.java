package app.gradior.web.evening;

import app.gradior.evening.Evening;
import app.gradior.evening.Hands;
import app.gradior.evening.Schedule;
import app.gradior.evening.Station;
import app.gradior.evening.Task;
import app.gradior.evening.TaskKind;
import app.gradior.web.text.UnitFormat;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * An evening drawn: time across, a row for each ring that is used, for the oven and for each cook's hands.
 *
 * @param now where now is; below 0 where it is not on the drawing
 * @param origin the moment at the left edge, for the line that walks
 * @param perMinute how far a minute is
 */
record EveningDrawing(
        double width,
        double height,
        List<Mark> hours,
        List<Row> rows,
        List<Mark> served,
        double left,
        Instant origin,
        double perMinute) {
    private static final double WIDTH = 944;
    private static final double LEFT = 116;
    private static final double RIGHT = 20;
    private static final double TOP = 26;
    private static final double ROW = 66;
    private static final double BAR = 42;
    private static final double HANDS_ROW = 92;
    private static final double HAND = 38;
    private static final double LETTER = 7.4;
    private static final double SMALL_LETTER = 6.6;

    /** More stirs than this of one task are not drawn. */
    private static final int STIRS = 60;

    record Mark(double x, String label) {}

    /** A row with what lies on it; {@code y} of its top. */
    record Row(
            String name, double y, double height, boolean hands, List<Bar> bars, List<Mark> labels, List<Mark> names) {}

    /**
     * A task, or a wait.
     *
     * @param kind what it looks like: hands, alone, heat, finish, warm, slack, stir
     * @param label on it; empty where there is no room
     * @param told all of it, for those who do not see it
     * @param job its number; −1 where it can't be chosen
     * @param state done, begun or empty
     */
    record Bar(
            double x,
            double y,
            double width,
            double height,
            String kind,
            String label,
            String told,
            int job,
            int task,
            String state) {}

    static EveningDrawing of(EveningProblem problem, Schedule schedule, List<EveningPage.Item> items, UnitFormat say) {
        return new Maker(problem, schedule, items, say).make();
    }

    private static final class Maker {
        private final EveningProblem problem;
        private final Evening evening;
        private final Schedule schedule;
        private final List<EveningPage.Item> items;
        private final UnitFormat say;
        private final int from;
        private final int to;
        private final double perTick;

        Maker(EveningProblem problem, Schedule schedule, List<EveningPage.Item> items, UnitFormat say) {
            this.problem = problem;
            this.evening = problem.evening();
            this.schedule = schedule;
            this.items = items;
            this.say = say;
            int half = 15 * Evening.TICKS;
            int first = schedule.tasks().stream()
                    .mapToInt(Schedule.Placed::start)
                    .min()
                    .orElse(0);
            int last = Math.max(
                    schedule.served().stream().mapToInt(Integer::intValue).max().orElse(0),
                    schedule.tasks().stream()
                            .mapToInt(Schedule.Placed::end)
                            .max()
                            .orElse(0));
            from = Math.floorDiv(first, half) * half;
            to = Math.floorDiv(last, half) * half + half;
            perTick = (WIDTH - LEFT - RIGHT) / (to - from);
        }

        private double x(int tick) {
            return LEFT + (tick - from) * perTick;
        }

        EveningDrawing make() {
            List<Row> rows = new ArrayList<>();
            double y = TOP;
            for (int ring = 0; ring < evening.rings(); ring++) {
                List<Bar> bars = ring(ring, y);
                if (!bars.isEmpty()) {
                    String name = ring < problem.rings().size()
                            ? problem.rings().get(ring).name()
                            : EveningText.ringName(ring);
                    rows.add(new Row(name, y, ROW, false, bars, List.of(), names(bars)));
                    y += ROW;
                }
            }
            List<Bar> oven = oven(y);
            if (!oven.isEmpty()) {
                double deep = oven.stream().mapToDouble(Bar::y).max().orElse(y) - y;
                double height = ROW + (deep > ROW / 2 ? BAR : 0);
                rows.add(new Row("oven", y, height, false, oven, List.of(), List.of()));
                y += height;
            }
            for (int cook = 0; cook < evening.people().size(); cook++) {
                rows.add(hands(cook, y));
                y += HANDS_ROW;
            }
            List<Mark> hours = new ArrayList<>();
            int step = (to - from) > 4 * 60 * Evening.TICKS ? 60 : 30;
            for (int tick = from; tick <= to; tick += 15 * Evening.TICKS) {
                Instant at = problem.at(tick);
                boolean labelled = at.truncatedTo(ChronoUnit.MINUTES)
                                        .atZone(say.preference().zone())
                                        .getMinute()
                                % step
                        == 0;
                hours.add(new Mark(x(tick), labelled ? say.clock(at) : ""));
            }
            List<Mark> served = schedule.served().stream()
                    .distinct()
                    .map(tick -> new Mark(x(tick), say.clock(problem.at(tick))))
                    .toList();
            return new EveningDrawing(
                    WIDTH, y + 16, hours, rows, served, LEFT, problem.at(from), perTick * Evening.TICKS);
        }

        private String state(Evening.Ref ref) {
            return items.stream()
                    .filter(item -> item.ref().equals(ref))
                    .map(EveningPage.Item::state)
                    .findFirst()
                    .orElse("");
        }

        private Bar bar(Schedule.Placed placed, double y, double height, String kind) {
            Task task = evening.task(placed.ref());
            EveningProblem.Part part = problem.jobs().get(placed.ref().job());
            double width = Math.max(4, (placed.end() - placed.start()) * perTick - 1);
            String label = EveningText.task(task, part.name());
            String told = EveningText.of(task, part.name()) + ", " + say.clock(problem.at(placed.start())) + " to "
                    + say.clock(problem.at(placed.end()));
            return new Bar(
                    x(placed.start()),
                    y,
                    width,
                    height,
                    kind,
                    label.length() * LETTER + 14 < width ? label : "",
                    told,
                    part.entry().id(),
                    placed.ref().task(),
                    state(placed.ref()));
        }

        private static String kind(Task task) {
            if (task.kind() == TaskKind.HEAT) {
                return "heat";
            }
            if (task.kind() == TaskKind.THICKEN
                    || task.kind() == TaskKind.FINISH
                    || task.kind() == TaskKind.BLEND
                    || task.kind() == TaskKind.STRAIN) {
                return "finish";
            }
            boolean busy = task.hands().active()
                    || task.kind() == TaskKind.SWEAT
                    || task.kind() == TaskKind.FRY
                    || task.kind() == TaskKind.REHEAT;
            return busy ? "hands" : "alone";
        }

        private List<Bar> ring(int ring, double y) {
            List<Bar> bars = new ArrayList<>();
            for (int j = 0; j < evening.jobs().size(); j++) {
                if (schedule.rings().get(j) != ring || !evening.jobs().get(j).usesRing()) {
                    continue;
                }
                boolean on = false;
                for (int t = 0; t < evening.jobs().get(j).tasks().size(); t++) {
                    Task task = evening.jobs().get(j).tasks().get(t);
                    on |= task.station().onRing();
                    boolean here = task.station().onRing()
                            || on && evening.jobs().get(j).waiting().onRing();
                    if (here) {
                        bars.add(bar(schedule.at(j, t), y + 16, BAR, kind(task)));
                    }
                }
                if (evening.jobs().get(j).waiting().onRing()) {
                    warm(j, y + 16, bars);
                }
            }
            return bars;
        }

        /** What waits for its course: first its slack, then what is left. */
        private void warm(int j, double y, List<Bar> bars) {
            int done = schedule.done(j);
            int served = schedule.served().get(evening.jobs().get(j).course());
            if (served <= done) {
                return;
            }
            int slack = schedule.slackUntil(evening, j);
            double width = (served - done) * perTick - 1;
            String name = problem.jobs().get(j).name();
            bars.add(new Bar(
                    x(done), y, width, BAR, "warm", width > 50 ? "waits" : "", "the " + name + " waits", -1, -1, ""));
            if (slack > done) {
                bars.add(new Bar(
                        x(done),
                        y,
                        (slack - done) * perTick - 1,
                        BAR,
                        "slack",
                        "",
                        "slack for the " + name,
                        -1,
                        -1,
                        ""));
            }
        }

        private List<Bar> oven(double y) {
            List<Bar> bars = new ArrayList<>();
            List<Integer> lanes = new ArrayList<>();
            for (Schedule.Placed placed : schedule.tasks()) {
                Task task = evening.task(placed.ref());
                if (!(task.station() instanceof Station.InOven)) {
                    continue;
                }
                int lane = 0;
                while (lane < lanes.size() && lanes.get(lane) > placed.start()) {
                    lane++;
                }
                if (lane == lanes.size()) {
                    lanes.add(placed.end());
                } else {
                    lanes.set(lane, placed.end());
                }
                Bar bar = bar(placed, y + 16 + lane * (BAR + 4), BAR, "alone");
                String label = problem.jobs().get(placed.ref().job()).name();
                bars.add(new Bar(
                        bar.x(),
                        bar.y(),
                        bar.width(),
                        bar.height(),
                        bar.kind(),
                        label.length() * LETTER + 14 < bar.width() ? label : "",
                        bar.told(),
                        bar.job(),
                        bar.task(),
                        bar.state()));
            }
            return bars;
        }

        private Row hands(int cook, double y) {
            List<Bar> bars = new ArrayList<>();
            List<Mark> labels = new ArrayList<>();
            double[] free = {0, 0};
            for (EveningPage.Item item : items) {
                Schedule.Placed placed = schedule.find(item.ref()).orElseThrow();
                Task task = evening.task(item.ref());
                if (item.cook() != cook) {
                    continue;
                }
                if (task.hands() instanceof Hands.Attended attended) {
                    stirs(placed, attended, y, bars);
                    continue;
                }
                Bar bar = bar(placed, y + 16, HAND, "hands");
                bars.add(new Bar(
                        bar.x(),
                        bar.y(),
                        Math.max(6, bar.width()),
                        bar.height(),
                        "hands",
                        "",
                        bar.told(),
                        bar.job(),
                        bar.task(),
                        bar.state()));
                String said = item.shortly();
                double half = said.length() * SMALL_LETTER / 2;
                double middle = Math.max(LEFT + half, bar.x() + bar.width() / 2);
                int row = middle - half > free[0] ? 0 : middle - half > free[1] ? 1 : -1;
                if (row >= 0) {
                    labels.add(new Mark(middle, said + (row == 0 ? "" : "\n")));
                    free[row] = middle + half + 6;
                }
            }
            return new Row(
                    EveningText.hands(
                            evening.people().get(cook).name(), evening.people().size() == 1),
                    y,
                    HANDS_ROW,
                    true,
                    bars,
                    labels,
                    List.of());
        }

        /** What each pot on a ring holds, over its first bar. */
        private List<Mark> names(List<Bar> bars) {
            List<Mark> names = new ArrayList<>();
            int before = -1;
            for (Bar bar : bars) {
                if (bar.job() >= 0 && bar.job() != before) {
                    names.add(new Mark(
                            bar.x(),
                            problem.jobs().get(problem.places().get(bar.job())).name()));
                    before = bar.job();
                }
            }
            return names;
        }

        private void stirs(Schedule.Placed placed, Hands.Attended attended, double y, List<Bar> bars) {
            double every = attended.every() * Evening.TICKS;
            int drawn = 0;
            for (double at = placed.start() + every; at < placed.end() && drawn < STIRS; at += every) {
                bars.add(new Bar(LEFT + (at - from) * perTick, y + 24, 2.5, HAND - 16, "stir", "", "", -1, -1, ""));
                drawn++;
            }
        }
    }
}
