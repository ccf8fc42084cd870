package app.gradior.web.evening;

import app.gradior.evening.Alternative;
import app.gradior.evening.Clash;
import app.gradior.evening.Hands;
import app.gradior.evening.JobLine;
import app.gradior.evening.Obstacle;
import app.gradior.evening.Pace;
import app.gradior.evening.Task;
import app.gradior.evening.TaskKind;
import app.gradior.web.text.Names;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What is said of evenings. */
@Component("eveningText")
public final class EveningText {
    static final String A_SAUCE = "a sauce";
    static final String SAUCE_GONE = "This sauce was deleted: remove it here, or bring it back.";
    static final String SETTLE_ITS_PLAN = "Open its plan: something there has to be settled first.";
    static final String TOO_MUCH_HAPPENED = "This evening holds as many notes as it can.";
    static final String NAME = "Give the evening a name, up to 80 letters.";
    static final String DAY = "Give a day such as 2026-11-26 and an hour such as 19:00.";
    static final String HOUR = "Give an hour such as 19:00.";
    static final String SOON = "That day is over: choose a later one.";
    static final String TOO_FAR = "That is more than a year away: choose a day within this year.";
    static final String TOO_MANY_JOBS = "An evening holds twelve things to be ready: remove one first.";
    static final String TOO_MANY_COURSES = "An evening holds four courses.";
    static final String AWAY =
            "Give two hours, the first before the second; leave both empty for somebody who is there.";
    static final String COOKS = "Name one to four people, with commas between them.";
    static final String SHELVES = "Give one to four shelves.";
    static final String CHOOSE_A_SAUCE = "Choose a sauce, or type its whole name.";
    static final String NOTHING_YET = "What is to be ready? Add a sauce or another job.";
    static final String EVENING = "Evening";
    static final String COOK = "cook";
    static final String STARTED = "The evening has begun. Press a task when you begin it and when it is done.";
    static final String NO_SCHEDULE = "No way was found to have all of this ready.";
    private static final int LONGEST_LINE = 200;

    private EveningText() {}

    static String helper(int number) {
        return "helper " + number;
    }

    /** An hour on the day of a moment, by a kitchen's clock; the day before if it would be after it. */
    static Instant onTheDayOf(LocalTime hour, Instant moment, ZoneId zone) {
        ZonedDateTime day = moment.atZone(zone);
        ZonedDateTime at = day.with(hour);
        return (at.isAfter(day) ? at.minusDays(1) : at).toInstant();
    }

    /** A task's name by what is done; of another job its own name where that says it. */
    static String task(Task task, String job) {
        if (task.kind() == TaskKind.COOK && task.words().isEmpty()) {
            return job;
        }
        return task.words().isEmpty() ? Names.of(task.kind()) : task.words();
    }

    /** A task and the job that it belongs to. */
    static String of(Task task, String job) {
        if (!task.words().isEmpty()) {
            return task.words() + " (" + job + ")";
        }
        return switch (task.kind()) {
            case HANDWORK -> "make the " + job;
            case COOK -> job;
            case TAKE_OUT -> "take the " + job + " out";
            case REST -> "let the " + job + " rest";
            // Water heats by itself; a sauce is looked after.
            case HEAT -> task.hands() instanceof Hands.Attended ? "heat the " + job : "heat water for the " + job;
            case GATHER -> "gather for the " + job;
            default -> Names.of(task.kind()) + " the " + job;
        };
    }

    static String problems(JobLine line) {
        return line.problems().stream().map(p -> problem(line, p)).collect(Collectors.joining(" "));
    }

    private static String problem(JobLine line, JobLine.Problem problem) {
        if (problem instanceof JobLine.Problem.Unread unread) {
            return "“" + line.typed().substring(unread.start(), unread.end()) + "” is not understood.";
        }
        if (problem instanceof JobLine.Problem.NoTime none) {
            return "How long does “" + none.task() + "” take? Such as 25 ring, or 40 oven 180.";
        }
        if (problem instanceof JobLine.Problem.TooLong tooLong) {
            return "“" + tooLong.task() + "” takes longer than twelve hours.";
        }
        if (problem instanceof JobLine.Problem.NoOven) {
            return "No oven is that hot: give 40 to 320 °C.";
        }
        return problem instanceof JobLine.Problem.TooMuch
                ? "Give one job of up to " + LONGEST_LINE + " letters."
                : "Give a name and a time, such as potatoes 25 ring.";
    }

    /** What was taken for granted in a line; empty if nothing was. */
    public static String assumed(JobLine line) {
        return line.assumed().stream().sorted().map(Names::of).collect(Collectors.joining(", "));
    }

    static String lead(String job, String clock, String served, boolean one) {
        return "Start with the " + job + " at " + clock + ". Everything is on the table at " + served
                + (one ? ", and your hands are never wanted twice at once." : ".");
    }

    static String lateLead(String served, String wanted) {
        return "Everything can be on the table at " + served + ", not at " + wanted + ".";
    }

    static String next(String what, String clock) {
        return "Next: " + what + " at " + clock + ".";
    }

    static String now(String what) {
        return "Now: " + what + ".";
    }

    static String allDone(String served) {
        return "Everything is ready. Serve at " + served + ".";
    }

    static String quality(boolean working, boolean proved, boolean first, double holds) {
        String how = working
                ? "A better plan is still looked for. "
                : proved ? "No better plan is possible. " : "It is the best plan that was found in time. ";
        if (working && first) {
            how = "This is the plain plan; a better one is looked for. ";
        }
        return holds <= 0
                ? how
                : how + "About " + (int) Math.min(19, Math.floor(20 * holds)) + " of 20 such evenings are on time.";
    }

    static String amount(int sauces, int jobs, int rings, int cooks) {
        String what = sauces == 0
                ? count(jobs, "job", "jobs")
                : jobs == 0
                        ? count(sauces, "sauce", "sauces")
                        : count(sauces, "sauce", "sauces") + " and " + count(jobs, "other job", "other jobs");
        return what + " on " + count(rings, "ring", "rings") + ", " + count(cooks, "cook", "cooks") + ".";
    }

    private static String count(int n, String one, String many) {
        return n + " " + (n == 1 ? one : many);
    }

    static String clash(Clash clash, String one, String other, String pot, String clock) {
        return switch (clash.over()) {
            case POT -> "The " + one + " and the " + other + " both want the " + pot + " at " + clock + ".";
            case RINGS -> "There is no ring for the " + other + " at " + clock + ".";
            case OVEN -> "The " + one + " and the " + other + " want the oven otherwise at " + clock + ".";
            case HANDS -> "The " + one + " and the " + other + " both want you at " + clock + ".";
        };
    }

    static String obstacle(Obstacle obstacle, List<String> names) {
        if (obstacle instanceof Obstacle.NoRing none) {
            return "No ring takes the pot of the " + names.get(none.job()) + ": choose a smaller one.";
        }
        if (obstacle instanceof Obstacle.Pot pot) {
            return "Two want the " + pot.pot() + ": another pot would do.";
        }
        if (obstacle instanceof Obstacle.Waits waits) {
            return "The " + names.get(waits.job()) + " would have to stand for " + Math.round(waits.minutes())
                    + " min.";
        }
        if (obstacle instanceof Obstacle.Rings) {
            return "One ring more would do.";
        }
        if (obstacle instanceof Obstacle.Oven) {
            return "The oven is wanted twice at once: one more shelf or a second heat would do.";
        }
        if (obstacle instanceof Obstacle.People) {
            return "One more pair of hands would do.";
        }
        return "It takes " + Math.round(((Obstacle.Hour) obstacle).minutes()) + " min more than there are.";
    }

    /** A sauce of which only a part is made in one pot. */
    static String part(String sauce, double share) {
        if (share == 1) {
            return sauce;
        }
        return share == 0.5 ? sauce + ", half" : sauce + ", " + Math.round(100 * share) + " %";
    }

    /** What is known of how fast the hands are; empty where it is as usual. */
    static String pace(Pace pace) {
        if (pace.factor() == 1) {
            return "";
        }
        long percent = Math.round(100 * Math.abs(pace.factor() - 1));
        return "Cutting and weighing are planned " + percent + " % " + (pace.factor() > 1 ? "longer" : "shorter")
                + " than usual: so it was on your last " + pace.told() + " tasks.";
    }

    /**
     * What a change is called.
     *
     * @param job what its job, or its course, is called
     * @param pot what the pot or the ring is called
     */
    static String change(Changes.Change change, String job, String pot) {
        return switch (change.kind()) {
            case POT -> "The " + job + " in the " + pot;
            case ROUTE -> "Thicken the " + job + " with a slurry";
            case HOTTER -> "Boil the " + job + " hard";
            case AHEAD -> "Make the " + job + " ahead";
            case PERSON -> "One more cook";
            case LATER -> "Serve " + change.value() + " min later";
            case COURSE ->
                "Serve the " + job + " " + Changes.OneLater.of(change.value()).minutes() + " min later";
            case RING -> "The " + job + " on the " + pot;
            case SPLIT -> "Half of the " + job + " in the " + pot;
            case LESS -> "Leave out the " + job;
            case UNPIN -> "Give back what you moved";
        };
    }

    /** What a change comes to. */
    static String effect(Alternative.Effect<?> effect) {
        StringBuilder said = new StringBuilder();
        if (effect.late() >= 0.5) {
            said.append("served ").append(Math.round(effect.late())).append(" min later");
        } else {
            said.append("on time");
        }
        if (Math.abs(effect.begins()) >= 1) {
            said.append(", you begin ")
                    .append(Math.round(Math.abs(effect.begins())))
                    .append(effect.begins() > 0 ? " min later" : " min sooner");
        }
        if (effect.waits() <= -5) {
            said.append(", less stands waiting");
        } else if (effect.waits() >= 5) {
            said.append(", more stands waiting");
        }
        return said.toString();
    }

    static String ahead(int days, String reason) {
        return "can be made up to " + days + (days == 1 ? " day" : " days") + " ahead (" + reason + ")";
    }

    static String moved(String job, long minutes) {
        return "the " + job + " " + Math.abs(minutes) + " min " + (minutes > 0 ? "later" : "sooner");
    }

    static String allMoved(List<String> moves) {
        return "The plan moved: " + String.join(", ", moves) + ".";
    }

    /** What is done beside a name, such as what a course is called. */
    public static String course(String name, int number) {
        return name.isEmpty() ? "course " + (number + 1) : name;
    }

    /** Who cooks, with commas between. */
    public static String cooks(EveningBody body) {
        return body.cooks().stream().map(EveningBody.Cook::name).collect(Collectors.joining(", "));
    }

    static String serve(String name) {
        return "Serve: " + name;
    }

    static String ringName(int number) {
        return "ring " + (number + 1);
    }

    static String hands(String cook, boolean alone) {
        return alone ? "your hands" : cook;
    }
}
