package app.gradior.evening;

import app.gradior.measure.Words;
import app.gradior.quantity.Interval;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Another job of an evening as it was typed: {@code roast chicken 1 h 20 oven 200, rest 15, carve 5 hands}. What is between
 * commas is a task: its name, how long it takes, where it is done, whether it wants hands.
 *
 * @param name the first words
 * @param tasks what was understood; empty if there is none
 * @param first whether it is to be begun before all else
 * @param startsAt the hour at which it begins, if it is said
 * @param problems what could not be understood, or has to be asked
 * @param assumed what was taken for granted
 */
public record JobLine(
        String typed,
        String name,
        List<Task> tasks,
        Waiting waiting,
        boolean first,
        Optional<LocalTime> startsAt,
        List<Problem> problems,
        Set<Assumed> assumed) {
    private static final int MAX_LENGTH = 200;
    private static final double MAX_MINUTES = 12 * 60;

    /** What stands in the way of a line. */
    public sealed interface Problem {
        /** Words that nothing is known of, from one letter to another. */
        record Unread(int start, int end) implements Problem {}

        /** How long a task takes was not said, and nothing usual is known. */
        record NoTime(String task) implements Problem {}

        /** It takes longer than an evening. */
        record TooLong(String task) implements Problem {}

        /** The oven is told a temperature that none has. */
        record NoOven(double degrees) implements Problem {}

        /** There is nothing to do in it. */
        record Empty() implements Problem {}

        /** It goes on for longer than any line. */
        record TooMuch() implements Problem {}
    }

    /** What is taken for granted where a line does not say it. */
    public enum Assumed {
        USUAL_TIME,
        WATER_HEATS,
        TAKEN_OUT,
        MODERATE_OVEN
    }

    /** What is usual of some jobs, by a word of their names: minutes, where, whether in boiling water. */
    private enum Usual {
        PASTA(
                Set.of("pasta", "spaghetti", "noodles", "tagliatelle", "penne", "gnocchi", "ravioli", "macaroni"),
                11,
                true,
                Waiting.AT_ONCE),
        RICE(Set.of("rice", "couscous", "bulgur", "quinoa"), 18, false, new Waiting(20, 2, false)),
        POTATOES(Set.of("potatoes", "potato", "dumplings"), 25, true, Waiting.COVERED),
        GREENS(
                Set.of(
                        "beans",
                        "peas",
                        "broccoli",
                        "asparagus",
                        "greens",
                        "spinach",
                        "carrots",
                        "cauliflower",
                        "leeks"),
                9,
                true,
                new Waiting(8, 3, false)),
        EGGS(Set.of("egg", "eggs"), 8, true, Waiting.EGG),
        POLENTA(Set.of("polenta", "grits", "porridge"), 30, false, Waiting.STARCH),
        STEAK(
                Set.of("steak", "steaks", "chops", "cutlets", "fish", "fillets", "prawns", "scallops"),
                8,
                false,
                new Waiting(6, 6, false)),
        SALAD(Set.of("salad", "dressing", "pickles", "slaw"), 0, false, Waiting.ANY_TIME),
        BREAD(Set.of("bread", "rolls", "toast", "flatbread"), 0, false, new Waiting(10, 4, false));

        private final Set<String> words;
        private final double minutes;
        private final boolean boiled;
        private final Waiting waiting;

        Usual(Set<String> words, double minutes, boolean boiled, Waiting waiting) {
            this.words = words;
            this.minutes = minutes;
            this.boiled = boiled;
            this.waiting = waiting;
        }

        static Optional<Usual> of(String name) {
            Set<String> said =
                    new HashSet<>(List.of(name.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")));
            for (Usual usual : values()) {
                if (usual.words.stream().anyMatch(said::contains)) {
                    return Optional.of(usual);
                }
            }
            return Optional.empty();
        }
    }

    /** Minutes of handwork that need not be said, by its word. */
    private static final Map<String, Double> HANDWORK = Map.ofEntries(
            Map.entry("drain", 1.0),
            Map.entry("carve", 5.0),
            Map.entry("mash", 6.0),
            Map.entry("slice", 3.0),
            Map.entry("strain", 3.0),
            Map.entry("plate", 4.0),
            Map.entry("dress", 2.0),
            Map.entry("toss", 1.0),
            Map.entry("turn", 1.0),
            Map.entry("baste", 1.0),
            Map.entry("peel", 5.0),
            Map.entry("chop", 5.0),
            Map.entry("cut", 4.0),
            Map.entry("wash", 3.0),
            Map.entry("trim", 4.0),
            Map.entry("season", 1.0),
            Map.entry("stuff", 8.0),
            Map.entry("knead", 10.0),
            Map.entry("whisk", 4.0),
            Map.entry("fold", 2.0),
            Map.entry("serve", 2.0));

    /** What can be laid down for a moment. */
    private static final Set<String> LAID_DOWN =
            Set.of("peel", "chop", "cut", "slice", "wash", "trim", "stuff", "dress", "plate", "knead");

    private static final Set<String> RING_WORDS = Set.of(
            "ring", "hob", "stove", "burner", "pan", "pot", "boil", "boiled", "simmer", "fry", "fried", "steam",
            "steamed");

    private static final Set<String> OVEN_WORDS =
            Set.of("oven", "bake", "baked", "roast", "roasted", "grill", "grilled");
    private static final Set<String> REST_WORDS =
            Set.of("rest", "rests", "stand", "stands", "cool", "cools", "soak", "rise", "prove", "chill");
    private static final Set<String> HAND_WORDS = Set.of("hands", "hand", "by");
    private static final Set<String> SMALL_WORDS = Set.of(
            "in",
            "the",
            "on",
            "at",
            "for",
            "a",
            "an",
            "about",
            "around",
            "approximately",
            "then",
            "and",
            "of",
            "it",
            "let",
            "leave",
            "to",
            "until",
            "done",
            "with",
            "once",
            "degrees",
            "deg",
            "my",
            "some");

    private static final Interval OUT = new Interval(0.7, 1, 1.6);
    private static final Interval WATER = new Interval(8, 10, 14);
    private static final double REST_MINUTES = 10;
    private static final double WATER_STANDS = 30;
    private static final double MODERATE = 180;
    private static final double FAHRENHEIT_FROM = 275;

    /** A look and a stir now and then. */
    private static final Hands LOOKED_AFTER = new Hands.Attended(0.4, 8);

    /** A piece of meat in a pan wants somebody beside it. */
    private static final Hands WATCHED = new Hands.Attended(0.5, 2);

    /** Reads a line. */
    public static JobLine read(String line) {
        if (line.strip().length() > MAX_LENGTH) {
            return new JobLine(
                    line,
                    "",
                    List.of(),
                    Waiting.COVERED,
                    false,
                    Optional.empty(),
                    List.of(new Problem.TooMuch()),
                    Set.of());
        }
        return new Reader(line).read();
    }

    /** Whether it can be scheduled as it is. */
    public boolean complete() {
        return problems.isEmpty() && !tasks.isEmpty();
    }

    public Job job(String id, int course, List<Integer> rings) {
        return new Job(id, name, course, tasks, waiting, Optional.empty(), rings, first);
    }

    private static final class Reader {
        private final String line;
        private final Words words;
        private final List<Task> tasks = new ArrayList<>();
        private final List<Problem> problems = new ArrayList<>();
        private final Set<Assumed> assumed = new HashSet<>();
        private String name = "";
        private Waiting waiting;
        private boolean first;
        private boolean rested;
        private Optional<LocalTime> startsAt = Optional.empty();

        Reader(String line) {
            this.line = line;
            this.words = Words.of(line);
        }

        JobLine read() {
            int from = 0;
            for (int i = 0; i <= words.size(); i++) {
                boolean cut = i == words.size()
                        || words.get(i).equals(",")
                        || words.get(i).equals(";");
                if (cut) {
                    if (i > from) {
                        clause(from, i);
                    }
                    from = i + 1;
                }
            }
            if (tasks.isEmpty() && problems.isEmpty()) {
                problems.add(new Problem.Empty());
            }
            if (waiting == null) {
                waiting = rested
                        ? Waiting.RESTED
                        : Usual.of(name).map(u -> u.waiting).orElse(Waiting.COVERED);
            }
            return new JobLine(
                    line,
                    name,
                    List.copyOf(tasks),
                    waiting,
                    first,
                    startsAt,
                    List.copyOf(problems),
                    Set.copyOf(assumed));
        }

        private String word(int i) {
            return i < words.size() ? words.get(i).toLowerCase(Locale.ROOT) : "";
        }

        /** What is said between two commas. */
        private void clause(int from, int to) {
            Clause clause = new Clause(from, to);
            clause.scan();
            clause.settle();
        }

        private final class Clause {
            private final int from;
            private final int to;
            private int nameEnd;
            private boolean named = true;
            private Double low;
            private Double high;
            private boolean ring;
            private boolean oven;
            private boolean rest;
            private boolean hands;
            private boolean order;
            private Double degrees;

            Clause(int from, int to) {
                this.from = from;
                this.to = to;
                this.nameEnd = from;
            }

            void scan() {
                int i = from;
                while (i < to) {
                    int next = special(i);
                    if (next > i) {
                        named = false;
                        i = next;
                    } else if (named) {
                        nameEnd = ++i;
                    } else {
                        if (!SMALL_WORDS.contains(word(i)) && !isPoint(word(i))) {
                            problems.add(new Problem.Unread(words.start(i), words.end(i)));
                        }
                        i++;
                    }
                }
            }

            private boolean isPoint(String word) {
                return word.equals(".") || word.equals("(") || word.equals(")") || word.equals("-");
            }

            /** Reads what is no name from a word on; where it ends, or the word itself if it is none. */
            private int special(int i) {
                String word = word(i);
                String next = word(i + 1);
                if (word.equals("any") && (next.equals("time") || next.equals("moment"))
                        || word.equals("anytime")
                        || word.equals("whenever")
                        || word.equals("ahead")
                        || word.equals("cold") && i > from) {
                    waiting = Waiting.ANY_TIME;
                    order = true;
                    return word.equals("any") ? i + 2 : i + 1;
                }
                if (word.equals("last") || word.equals("at") && next.equals("last")) {
                    waiting = Waiting.AT_ONCE;
                    order = true;
                    return word.equals("at") ? i + 2 : i + 1;
                }
                if (word.equals("first") && (i > from || !name.isEmpty())) {
                    first = true;
                    order = true;
                    return i + 1;
                }
                Optional<LocalTime> hour = hour(i);
                if (hour.isPresent()) {
                    startsAt = hour;
                    order = true;
                    return word.equals("at") ? i + 2 : i + 1;
                }
                if (OVEN_WORDS.contains(word) && !isInName(i)) {
                    oven = true;
                    nameEnd = isVerb(i) ? i + 1 : nameEnd;
                    return word.equals("oven") || isDegrees(i + 1) ? degrees(i + 1) : i + 1;
                }
                if (RING_WORDS.contains(word) && !isInName(i)) {
                    ring = true;
                    nameEnd = isVerb(i) ? i + 1 : nameEnd;
                    return i + 1;
                }
                if (REST_WORDS.contains(word)) {
                    rest = true;
                    nameEnd = Math.max(nameEnd, i);
                    return i + 1;
                }
                if (HAND_WORDS.contains(word) && (!word.equals("by") || next.equals("hand"))) {
                    hands = true;
                    return word.equals("by") ? i + 2 : i + 1;
                }
                return time(i);
            }

            /** "roast chicken", "baked beans", "pan-fried fish" begin with what is part of the name. */
            private boolean isInName(int i) {
                return tasks.isEmpty()
                        && named
                        && i + 1 < to
                        && JobTime.end(words, i + 1, to) == i + 1
                        && !isDegrees(i + 1)
                        && !word(i + 1).equals("at")
                        && !SMALL_WORDS.contains(word(i + 1))
                        && !HAND_WORDS.contains(word(i + 1))
                        && nameEnd == i;
            }

            /** "bake 35 oven 230": what is said first is what is done. */
            private boolean isVerb(int i) {
                return i == from && !name.isEmpty();
            }

            /** Nothing is baked for so many minutes that are said as a bare figure. */
            private boolean isDegrees(int i) {
                return word(i).matches("\\d{3}");
            }

            private int degrees(int i) {
                int at = word(i).equals("at") || word(i).equals("gas") || word(i).equals("fan") ? i + 1 : i;
                if (word(i).equals("gas") && word(at).matches("[1-9]")) {
                    degrees = 121 + 14.0 * Double.parseDouble(word(at)) - 5;
                    return at + 1;
                }
                if (!word(at).matches("\\d{2,3}")) {
                    return i;
                }
                double said = Double.parseDouble(word(at));
                int end = at + 1;
                String unit = word(end).replace("°", "");
                boolean fahrenheit = unit.equals("f") || unit.isEmpty() && said > FAHRENHEIT_FROM;
                if (word(end).startsWith("°") || unit.equals("f") || unit.equals("c")) {
                    end++;
                    String behind = word(end);
                    if (unit.isEmpty() && (behind.equals("c") || behind.equals("f"))) {
                        fahrenheit = behind.equals("f");
                        end++;
                    }
                } else if (said > FAHRENHEIT_FROM) {
                    fahrenheit = true;
                }
                if (word(end).equals("fan")) {
                    end++;
                }
                degrees = fahrenheit ? (said - 32) / 1.8 : said;
                if (degrees < 40 || degrees > Station.InOven.HOTTEST) {
                    problems.add(new Problem.NoOven(said));
                    degrees = MODERATE;
                }
                return end;
            }

            private Optional<LocalTime> hour(int i) {
                String said = word(i).equals("at") ? word(i + 1) : word(i);
                if (!said.matches("([01]?\\d|2[0-3]):[0-5]\\d")) {
                    return Optional.empty();
                }
                String[] parts = said.split(":");
                return Optional.of(LocalTime.of(Integer.parseInt(parts[0]), Integer.parseInt(parts[1])));
            }

            /** A time from a word on: 1 h 20, 80 min, 11, 11–13, half an hour. */
            private int time(int i) {
                int end = JobTime.end(words, i, to);
                if (end == i || low != null || isCount(i, end)) {
                    return i;
                }
                double[] said = JobTime.minutes(words, i, end);
                low = said[0];
                high = said[1];
                return end;
            }

            /** "2 steaks", "1 kg potatoes": a figure before a word that says nothing of time is part of the name. */
            private boolean isCount(int i, int end) {
                return named
                        && end == i + 1
                        && end < to
                        && Character.isLetter(word(end).charAt(0))
                        && !RING_WORDS.contains(word(end))
                        && !OVEN_WORDS.contains(word(end))
                        && !HAND_WORDS.contains(word(end))
                        && !REST_WORDS.contains(word(end))
                        && !SMALL_WORDS.contains(word(end));
            }

            void settle() {
                String said = nameEnd > from ? line.substring(words.start(from), words.end(nameEnd - 1)) : "";
                boolean nothing = low == null && !ring && !oven && !rest && !hands;
                if (nothing && order && said.isEmpty()) {
                    return;
                }
                boolean opening = name.isEmpty() && tasks.isEmpty();
                if (opening) {
                    name = said.isEmpty() ? line.strip() : said;
                }
                String verb = said.toLowerCase(Locale.ROOT).split(" ")[0];
                if (low == null && !usualTime(opening, verb, said)) {
                    problems.add(
                            nothing && !opening
                                    ? new Problem.Unread(words.start(from), words.end(to - 1))
                                    : new Problem.NoTime(said.isEmpty() ? name : said));
                    return;
                }
                if (high > MAX_MINUTES) {
                    problems.add(new Problem.TooLong(said.isEmpty() ? name : said));
                    return;
                }
                if (low <= 0) {
                    problems.add(new Problem.NoTime(said.isEmpty() ? name : said));
                    return;
                }
                add(opening ? "" : said, verb, opening);
            }

            private boolean usualTime(boolean opening, String verb, String said) {
                Optional<Usual> usual = Usual.of(said).filter(u -> u.minutes > 0);
                if (rest) {
                    low = REST_MINUTES;
                } else if (opening && usual.isPresent() && !oven && !hands) {
                    low = usual.get().minutes;
                    ring = true;
                } else if (!opening && HANDWORK.containsKey(verb)) {
                    low = HANDWORK.get(verb);
                    hands = !ring && !oven;
                } else {
                    return false;
                }
                high = low;
                assumed.add(Assumed.USUAL_TIME);
                return true;
            }

            private void add(String own, String verb, boolean opening) {
                boolean exact = low.equals(high);
                if (rest) {
                    rested = true;
                    tasks.add(new Task(
                            TaskKind.REST, own, List.of(new Interval(low, low, low)), Station.NONE, Hands.NONE, 0, 2));
                    if (!exact) {
                        waiting = new Waiting(high - low, Waiting.RESTED.cost(), false);
                    }
                } else if (oven) {
                    if (degrees == null) {
                        degrees = MODERATE;
                        assumed.add(Assumed.MODERATE_OVEN);
                    }
                    tasks.add(new Task(
                            TaskKind.COOK,
                            own,
                            List.of(range(exact, 0.93, 1.1)),
                            new Station.InOven(degrees),
                            Hands.NONE,
                            0,
                            5));
                    tasks.add(
                            new Task(TaskKind.TAKE_OUT, "", List.of(OUT), Station.NONE, new Hands.Active(false), 0, 1));
                    assumed.add(Assumed.TAKEN_OUT);
                } else if (ring
                        || !hands
                                && opening
                                && Usual.of(name).filter(u -> u.minutes > 0).isPresent()) {
                    Optional<Usual> usual = Usual.of(name);
                    if (opening && usual.filter(u -> u.boiled).isPresent()) {
                        tasks.add(new Task(TaskKind.HEAT, "", List.of(WATER), Station.RING, Hands.NONE, 0, 60));
                        assumed.add(Assumed.WATER_HEATS);
                    }
                    tasks.add(new Task(
                            TaskKind.COOK,
                            own,
                            List.of(range(exact, 0.93, 1.12)),
                            Station.RING,
                            usual.filter(u -> u == Usual.STEAK).isPresent() ? WATCHED : LOOKED_AFTER,
                            0,
                            tasks.isEmpty() ? 60 : WATER_STANDS));
                } else if (hands || HANDWORK.containsKey(verb)) {
                    tasks.add(new Task(
                            TaskKind.HANDWORK,
                            own,
                            List.of(range(exact, 0.8, 1.35)),
                            Station.NONE,
                            new Hands.Active(LAID_DOWN.contains(verb) || opening),
                            0,
                            tasks.isEmpty() ? 60 : HANDWORK.getOrDefault(verb, 5.0) <= 1 ? 1 : 8));
                } else {
                    tasks.add(new Task(
                            TaskKind.COOK, own, List.of(range(exact, 0.93, 1.12)), Station.NONE, Hands.NONE, 0, 10));
                }
            }

            private Interval range(boolean exact, double below, double above) {
                return exact ? new Interval(below * low, low, above * low) : new Interval(low, (low + high) / 2, high);
            }
        }
    }
}
