package app.gradior.evening;

/** What is done in a task, as far as the schedule's reader is concerned. */
public enum TaskKind {
    GATHER,
    PREPARE,
    HEAT,
    SWEAT,
    FRY,
    SIMMER,
    REDUCE,
    THICKEN,
    BLEND,
    STRAIN,
    FINISH,
    REHEAT,
    /** What another job is for: boiled, roasted, stirred together. */
    COOK,
    /** Out of the oven. */
    TAKE_OUT,
    /** Left alone to rest. */
    REST,
    /** Handwork that the line named by a word of its own. */
    HANDWORK
}
