package app.gradior.web.evening;

import app.gradior.web.platform.FieldErrors;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What a new or a changed evening is told.
 *
 * @param day such as 2026-11-26
 * @param time such as 19:00
 * @param cooks their names with commas between
 */
record EveningForm(String called, String day, String time, String cooks, String shelves) {
    private static final Duration FARTHEST = Duration.ofDays(366);
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_COOK = 40;

    EveningForm {
        called = called == null ? "" : called.strip();
        day = day == null ? "" : day.strip();
        time = time == null ? "" : time.strip();
        cooks = cooks == null ? "" : cooks.strip();
        shelves = shelves == null ? "" : shelves.strip();
    }

    String name(FieldErrors wrong) {
        if (called.length() > LONGEST_NAME) {
            wrong.say("called", EveningText.NAME);
        }
        return called.isEmpty() ? EveningText.EVENING : called;
    }

    /**
     * When it is served; said beside its field where that can't be.
     *
     * @param zone of the clock that it is told by
     */
    Optional<Instant> served(Instant now, ZoneId zone, FieldErrors wrong) {
        try {
            ZonedDateTime at =
                    LocalDate.parse(day).atTime(hour(time).orElseThrow()).atZone(zone);
            Instant served = at.toInstant();
            if (served.isBefore(now.minus(Duration.ofHours(1)))) {
                wrong.say("day", EveningText.SOON);
            } else if (served.isAfter(now.plus(FARTHEST))) {
                wrong.say("day", EveningText.TOO_FAR);
            } else {
                return Optional.of(served);
            }
        } catch (DateTimeException | java.util.NoSuchElementException e) {
            wrong.say("day", EveningText.DAY);
        }
        return Optional.empty();
    }

    static Optional<LocalTime> hour(String typed) {
        try {
            return Optional.of(LocalTime.parse(typed.length() == 4 ? "0" + typed : typed));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** Who cooks; those who were there before stay away as they did. */
    List<EveningBody.Cook> people(List<EveningBody.Cook> before, FieldErrors wrong) {
        List<String> names = Arrays.stream(cooks.split(","))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        if (names.isEmpty()
                || names.size() > EveningBody.MAX_COOKS
                || names.stream().anyMatch(name -> name.length() > LONGEST_COOK)) {
            wrong.say("cooks", EveningText.COOKS);
            return before;
        }
        List<EveningBody.Cook> people = new ArrayList<>();
        for (String name : names) {
            people.add(before.stream()
                    .filter(cook -> cook.name().equals(name))
                    .findFirst()
                    .orElse(new EveningBody.Cook(name, null, null)));
        }
        return people;
    }

    int shelfCount(FieldErrors wrong) {
        if (!shelves.matches("[1-4]")) {
            wrong.say("shelves", EveningText.SHELVES);
            return 2;
        }
        return Integer.parseInt(shelves);
    }
}
