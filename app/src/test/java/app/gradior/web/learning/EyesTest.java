package app.gradior.web.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** An eye is known by its last guesses, once there are enough of them; each person's by their own. */
@ExtendWith(RunningApplication.class)
class EyesTest {
    private final Eyes eyes;
    private final JdbcTemplate sql;
    private final TestKitchen own = TestKitchen.of("eye");
    private final TestKitchen other = TestKitchen.of("other-eye");
    private final UUID run = UUID.randomUUID();

    EyesTest(Eyes eyes, JdbcTemplate sql) {
        this.eyes = eyes;
        this.sql = sql;
    }

    @BeforeEach
    void practise() {
        sql.update(
                "insert into practice_run (id, kitchen_id, person, exercise, lesson, seed, steps, begun_at)"
                        + " values (?, ?, 'x', '{}', 'alone', 1, '[]', now(6))",
                run,
                own.id());
    }

    private void guesses(int many, double off) {
        own.asCook(() -> {
            for (int i = 0; i < many; i++) {
                eyes.guessed(own.id(), run, 4 + (i % 2 == 0 ? off : -off), 4);
            }
            return many;
        });
    }

    private double measured() {
        return own.asCook(() -> eyes.measured(own.id())).orElseThrow();
    }

    @Test
    void aFewGuessesSayNothing() {
        guesses(11, 0.5);
        assertThat(own.asCook(() -> eyes.measured(own.id()))).isEmpty();
        guesses(1, 0.5);
        assertThat(measured()).isEqualTo(0.5, within(1e-9));
    }

    @Test
    void whatAnEyeHasLearntReplacesWhatItWas() {
        guesses(60, 0.8);
        assertThat(measured()).isEqualTo(0.8, within(1e-9));
        guesses(20, 0.3);
        assertThat(measured()).isBetween(0.5, 0.7);
        guesses(40, 0.3);
        assertThat(measured()).isEqualTo(0.3, within(1e-9));
    }

    @Test
    void noEyeIsFinerThanTheScaleNorWorthless() {
        guesses(40, 0.01);
        assertThat(measured()).isEqualTo(0.25);
        guesses(40, 4);
        assertThat(measured()).isEqualTo(0.9);
    }

    @Test
    void theyAreInTheOrderInWhichTheyWereMade() {
        guesses(2, 0.5);
        guesses(1, 1.5);
        assertThat(own.asCook(() -> eyes.guesses(own.id())))
                .extracting(Eyes.Guess::guessed)
                .containsExactly(4.5, 3.5, 5.5);
    }

    @Test
    void anotherKitchenAndWhoeverDoesNotWishItHaveNone() {
        guesses(20, 0.5);
        assertThat(other.asCook(() -> eyes.measured(other.id()))).isEmpty();
        assertThat(own.asCook(() -> eyes.weighing(own.id()))).isEmpty();
        own.asCook(() -> {
            eyes.weigh(own.id(), true);
            return true;
        });
        assertThat(own.asCook(() -> eyes.weighing(own.id())).orElseThrow()).isEqualTo(0.5, within(1e-9));
        assertThat(other.asCook(() -> eyes.weighs(other.id()))).isFalse();
        own.asCook(() -> {
            eyes.weigh(own.id(), false);
            return true;
        });
        assertThat(own.asCook(() -> eyes.weighs(own.id()))).isFalse();
    }
}
