package app.gradior.evening;

import app.gradior.quantity.Interval;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.Field;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Thirty evenings of our own, as {@code corpus.txt} has them. */
final class EveningCorpus {
    /** When all of them serve: eight hours after the moment that their ticks count from. */
    static final int SERVED = 8 * 60 * Evening.TICKS;

    private static final Pattern HEAD = Pattern.compile("evening (.*): (\\d) cooks?, (\\d) rings, (\\d) shel(?:f|ves)");
    private static final Pattern AWAY = Pattern.compile("away (\\d) from (\\d+) to (\\d+)");
    private static final Pattern TASK = Pattern.compile("(\\w+) ([\\d.]+)-([\\d.]+)-([\\d.]+) (\\w+)(?: (\\d+))?");

    private record Sauce(List<Task> tasks, Waiting waiting) {}

    private EveningCorpus() {}

    static Map<String, Evening> all() {
        Map<String, Sauce> sauces = new HashMap<>();
        Map<String, Evening> evenings = new LinkedHashMap<>();
        String name = null;
        List<String> jobs = new ArrayList<>();
        int[] size = new int[3];
        List<Evening.Person> people = new ArrayList<>();
        for (String line : (text() + "\n").lines().toList()) {
            Matcher head = HEAD.matcher(line);
            Matcher away = AWAY.matcher(line);
            if (line.startsWith("sauce ")) {
                String[] parts = line.substring(6).split("\\|");
                sauces.put(parts[0].strip(), sauce(parts[1].strip(), parts[2]));
            } else if (head.matches()) {
                keep(evenings, name, jobs, size, people, sauces);
                name = head.group(1);
                size = new int[] {
                    Integer.parseInt(head.group(2)), Integer.parseInt(head.group(3)), Integer.parseInt(head.group(4))
                };
                jobs = new ArrayList<>();
                people = new ArrayList<>();
                for (int i = 0; i < size[0]; i++) {
                    people.add(new Evening.Person("cook " + (i + 1), List.of()));
                }
            } else if (away.matches()) {
                int who = Integer.parseInt(away.group(1));
                people.set(
                        who,
                        new Evening.Person(
                                "cook " + who,
                                List.of(new Evening.Window(
                                        SERVED - Integer.parseInt(away.group(2)) * Evening.TICKS,
                                        SERVED - Integer.parseInt(away.group(3)) * Evening.TICKS))));
            } else if (!line.isBlank() && !line.startsWith("#")) {
                jobs.add(line.strip());
            }
        }
        keep(evenings, name, jobs, size, people, sauces);
        return evenings;
    }

    private static String text() {
        try (InputStream in = EveningCorpus.class.getResourceAsStream("corpus.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void keep(
            Map<String, Evening> evenings,
            String name,
            List<String> lines,
            int[] size,
            List<Evening.Person> people,
            Map<String, Sauce> sauces) {
        if (name == null) {
            return;
        }
        List<Integer> rings = IntStream.range(0, size[1]).boxed().toList();
        List<Job> jobs = new ArrayList<>();
        for (String line : lines) {
            String[] parts = line.split(" @");
            Sauce sauce = sauces.get(parts[0]);
            String id = String.valueOf(jobs.size());
            if (sauce != null) {
                Optional<String> pot = parts.length > 1 ? Optional.of(parts[1]) : Optional.empty();
                jobs.add(new Job(id, parts[0], 0, sauce.tasks(), sauce.waiting(), pot, rings, false));
            } else {
                JobLine read = JobLine.read(line);
                if (!read.complete()) {
                    throw new IllegalStateException(line + ": " + read.problems());
                }
                jobs.add(read.job(id, 0, rings));
            }
        }
        evenings.put(name, Evening.of(0, List.of(SERVED), jobs, people, size[1], size[2]));
    }

    private static Sauce sauce(String waiting, String written) {
        List<Task> tasks = new ArrayList<>();
        for (String one : written.split(";")) {
            Matcher task = TASK.matcher(one.strip());
            if (!task.matches()) {
                throw new IllegalStateException(one);
            }
            Interval minutes = new Interval(
                    Double.parseDouble(task.group(2)),
                    Double.parseDouble(task.group(3)),
                    Double.parseDouble(task.group(4)));
            boolean onRing = List.of("stir", "ring").contains(task.group(5));
            Hands hands = switch (task.group(5)) {
                case "hands" -> new Hands.Active(true);
                case "whole" -> new Hands.Active(false);
                case "stir" -> new Hands.Attended(0.4, Integer.parseInt(task.group(6)));
                default -> Hands.NONE;
            };
            boolean begun = tasks.stream().anyMatch(t -> t.station().onRing());
            tasks.add(new Task(
                    TaskKind.valueOf(task.group(1)),
                    "",
                    List.of(minutes),
                    onRing ? Station.RING : Station.NONE,
                    hands,
                    0,
                    begun ? 3 : 90));
        }
        try {
            Field field = Waiting.class.getField(waiting);
            return new Sauce(tasks, (Waiting) field.get(null));
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
