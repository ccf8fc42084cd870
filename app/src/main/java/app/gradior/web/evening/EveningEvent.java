package app.gradior.web.evening;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.UUID;

/** What happened on an evening. The names of kinds are part of what is stored: they are never renamed. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = EveningEvent.Begun.class, name = "begun"),
    @JsonSubTypes.Type(value = EveningEvent.Done.class, name = "done"),
    @JsonSubTypes.Type(value = EveningEvent.Cooks.class, name = "cooks"),
    @JsonSubTypes.Type(value = EveningEvent.Moved.class, name = "moved"),
    @JsonSubTypes.Type(value = EveningEvent.Undone.class, name = "undone")
})
sealed interface EveningEvent {
    /** A task of a job was begun. */
    record Begun(int job, int task) implements EveningEvent {}

    /**
     * A task is done.
     *
     * @param took minutes since it was begun; null where that was not said, or it is no handwork of a sauce
     * @param usual minutes that it takes at the usual pace; null with that
     */
    record Done(int job, int task, Double took, Double usual) implements EveningEvent {
        Done(int job, int task) {
            this(job, task, null, null);
        }
    }

    /** A sauce was put on: from here on its cook knows how long it takes. */
    record Cooks(int job, UUID cook) implements EveningEvent {}

    /** The schedule was made anew; what of it moved, in minutes. */
    record Moved(List<Shift> shifts) implements EveningEvent {
        record Shift(int job, long minutes) {}
    }

    record Undone(UUID event) implements EveningEvent {}

    default String kind() {
        if (this instanceof Begun) {
            return "begun";
        }
        if (this instanceof Done) {
            return "done";
        }
        if (this instanceof Cooks) {
            return "cooks";
        }
        return this instanceof Moved ? "moved" : "undone";
    }
}
