package app.gradior.cook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class UndoingTest {
    private static final Instant AT = Instant.parse("2026-11-24T17:00:00Z");
    private static final UUID STIRRED = new UUID(0, 1);

    private static CookEvent undo(int id, UUID of) {
        return new CookEvent.Undone(new UUID(0, id), AT, of);
    }

    @Test
    void anUndoThatIsUndoneUndoesNothing() {
        List<CookEvent> events = List.of(new CookEvent.Stirred(STIRRED, AT), undo(2, STIRRED), undo(3, new UUID(0, 2)));

        assertThat(Undoing.of(events.subList(0, 2)).undone(STIRRED)).isTrue();
        assertThat(Undoing.of(events).undone(STIRRED)).isFalse();
        assertThat(Undoing.of(events).undone(new UUID(0, 2))).isTrue();
    }

    @Test
    void oneOfTwoUndosIsEnough() {
        List<CookEvent> events = List.of(
                new CookEvent.Stirred(STIRRED, AT), undo(2, STIRRED), undo(3, STIRRED), undo(4, new UUID(0, 2)));

        assertThat(Undoing.of(events).undone(STIRRED)).isTrue();
    }

    @Test
    void aLongChainOfUndosIsFollowedWhateverTheirOrder() {
        List<CookEvent> events = new ArrayList<>(List.of(new CookEvent.Stirred(STIRRED, AT)));
        for (int i = 2; i < 20_002; i++) {
            events.add(undo(i, new UUID(0, i - 1)));
        }
        Collections.shuffle(events, new Random(5));

        // Twenty thousand undos of each other: an even number, so it counts.
        assertThat(Undoing.of(events).undone(STIRRED)).isFalse();
        assertThat(Undoing.of(events).undone(new UUID(0, 2))).isTrue();
    }
}
