package app.gradior.web.live;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.cook.CookEvent;
import app.gradior.cook.EventKind;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.EveryEvent;
import app.gradior.web.text.UnitFormat;
import java.time.Instant;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What happened is said in words: never by the name it is stored under. */
class EntryTextTest {
    private static final Instant AT = Instant.parse("2026-11-25T18:00:00Z");
    private static final List<CookEvent> EVENTS = EveryEvent.at(AT);

    private final EntryText text = new EntryText(
            UnitFormat.METRIC,
            id -> EVENTS.stream().filter(e -> e.id().equals(id)).findFirst());

    private static CookEvent of(EventKind kind) {
        return EVENTS.stream().filter(e -> e.kind() == kind).findFirst().orElseThrow();
    }

    @Test
    void everyKindIsSaidInItsOwnWords() {
        List<String> said = EVENTS.stream().map(text::of).toList();

        assertThat(said).doesNotHaveDuplicates().noneMatch(String::isBlank);
        assertThat(said).noneMatch(words -> words.contains("[") || words.contains("Optional"));
    }

    @Test
    void everyKindThatMayFollowAStartIsAmongThoseTried() {
        Set<EventKind> tried = EVENTS.stream().map(CookEvent::kind).collect(Collectors.toSet());
        EnumSet<EventKind> others = EnumSet.allOf(EventKind.class);
        others.removeAll(tried);

        assertThat(others).containsExactlyInAnyOrder(EventKind.STARTED, EventKind.UNDONE, EventKind.FINISHED);
    }

    @Test
    void whatIsAboutAnotherEntrySaysWhichOne() {
        CookEvent weighed = of(EventKind.WEIGHED);

        assertThat(text.of(new CookEvent.Undone(UUID.randomUUID(), AT, weighed.id())))
                .isEqualTo("undone: 800 g weighed");
        assertThat(text.of(of(EventKind.CONFIRMED))).isEqualTo("right as it is: 800 g weighed");
        assertThat(text.of(of(EventKind.TIMER_STOPPED))).isEqualTo("stopped: timer: taste it, 5 min");
        assertThat(text.of(new CookEvent.Undone(UUID.randomUUID(), AT, UUID.randomUUID())))
                .isEqualTo("undone: an entry");
    }

    @Test
    void takingItOffSaysWhatThereIsAndHowItLooks() {
        assertThat(text.of(new CookEvent.Finished(
                        UUID.randomUUID(), AT, Optional.of(Mass.ofGrams(372)), Optional.of(SpoonCoat.LINE_STAYS))))
                .isEqualTo("taken off, 372 g; coats, the line stays");
        assertThat(text.of(new CookEvent.Finished(UUID.randomUUID(), AT, Optional.empty(), Optional.empty())))
                .isEqualTo("taken off");
    }

    @Test
    void theKeysOfKindsAreThoseThatAreStored() {
        assertThat(Arrays.stream(EventKind.values()).map(EventKind::key))
                .containsExactlyInAnyOrder(
                        "started",
                        "simmers",
                        "heat",
                        "lid",
                        "on-heat",
                        "added",
                        "blended",
                        "strained",
                        "undone",
                        "confirmed",
                        "finished",
                        "slurry",
                        "pot",
                        "stirred",
                        "ticked",
                        "timer",
                        "wanted",
                        "timer-stopped",
                        "tasted",
                        "jarred",
                        "weighed",
                        "dipped",
                        "jugged",
                        "spoon",
                        "plate",
                        "temperature");
        assertThat(EventKind.ofKey("spoon")).contains(EventKind.SPOON_LOOKED);
        assertThat(EventKind.ofKey("spoons")).isEmpty();
        assertThat(EventKind.ofKey(null)).isEmpty();
    }
}
