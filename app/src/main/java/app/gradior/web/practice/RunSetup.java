package app.gradior.web.practice;

import app.gradior.plan.Use;
import app.gradior.practice.Lesson;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a run is on: a lesson, or a sauce and a pot of one's own.
 *
 * @param lesson null for one's own
 * @param pans which of its pans each pot's sauce is in
 * @param sauce null for a lesson
 * @param version of that sauce
 * @param pot null for a lesson
 * @param use what one's own sauce is to be; null for a lesson
 */
record RunSetup(Lesson lesson, List<Integer> pans, UUID sauce, int version, UUID pot, Use use) {
    /** What runs on one's own sauces are kept under. */
    static final String OWN = "own";

    RunSetup {
        pans = List.copyOf(pans);
    }

    static RunSetup of(Lesson lesson, List<Integer> pans) {
        return new RunSetup(lesson, pans, null, 0, null, null);
    }

    Optional<Lesson> ofLesson() {
        return Optional.ofNullable(lesson);
    }

    String key() {
        return lesson == null ? OWN : lesson.key();
    }
}
