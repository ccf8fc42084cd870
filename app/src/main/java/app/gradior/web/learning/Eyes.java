package app.gradior.web.learning;

import app.gradior.thickness.SpoonCoat;
import app.gradior.web.kitchen.CurrentKitchen;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** How well each person's eye tells how thick a sauce is, as practice measured it. */
@Service
public class Eyes {
    private static final int REMEMBERED = 400;

    /** So many of the last guesses tell how good an eye is now. */
    private static final int LAST = 40;

    /** Fewer than this say nothing. */
    private static final int ENOUGH = 12;

    /** A look is a step of a scale: finer than this it can't be read. */
    private static final double FINEST = 0.25;

    private static final double COARSEST = 0.9;

    private final EyeMapper mapper;
    private final Clock clock;

    Eyes(EyeMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A guess, in grades. */
    public record Guess(double guessed, double truth, Instant at) {
        public double error() {
            return Math.abs(guessed - truth);
        }
    }

    private static String person() {
        return CurrentKitchen.person().orElse("");
    }

    public void guessed(UUID kitchen, UUID run, double guessed, double truth) {
        mapper.guessed(kitchen, UUID.randomUUID(), run, person(), guessed, truth, clock.instant());
    }

    /** What the one who asks thought last, the earliest first. */
    public List<Guess> guesses(UUID kitchen) {
        List<Guess> guesses = new ArrayList<>(mapper.guesses(kitchen, person(), REMEMBERED));
        Collections.reverse(guesses);
        return guesses;
    }

    /** Standard deviation of the eye of the one who asks, in grades; empty while too little is known of it. */
    public Optional<Double> measured(UUID kitchen) {
        List<Guess> last = mapper.guesses(kitchen, person(), LAST);
        if (last.size() < ENOUGH) {
            return Optional.empty();
        }
        double square = last.stream()
                .mapToDouble(guess -> guess.error() * guess.error())
                .average()
                .orElse(SpoonCoat.SD_GRADES * SpoonCoat.SD_GRADES);
        return Optional.of(Math.max(FINEST, Math.min(COARSEST, Math.sqrt(square))));
    }

    /** What a spoon read in a real cook is weighed by, where the one who reads it wishes so. */
    public Optional<Double> weighing(UUID kitchen) {
        return weighs(kitchen) ? measured(kitchen) : Optional.empty();
    }

    public boolean weighs(UUID kitchen) {
        return mapper.weighs(kitchen, person()).orElse(false);
    }

    public void weigh(UUID kitchen, boolean weighs) {
        mapper.weigh(kitchen, person(), weighs);
    }
}
