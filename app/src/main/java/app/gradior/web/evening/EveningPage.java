package app.gradior.web.evening;

import app.gradior.evening.Evening;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * An evening as its page shows it.
 *
 * @param lead what to know first, in a sentence
 * @param about what it is made of
 * @param quality how good the schedule is
 * @param served the hours of its courses
 * @param drawing empty where nothing is scheduled
 * @param items what is to be done, in its order
 * @param next the one to begin next; empty where nothing is left
 * @param running what is under way and ends by itself
 * @param moved what moved lately; empty if nothing did
 * @param pace how fast the hands are here; empty where it is as usual
 * @param working whether a better one is looked for
 */
record EveningPage(
        String lead,
        String about,
        String quality,
        List<Served> served,
        Optional<EveningDrawing> drawing,
        List<Item> items,
        Optional<Item> next,
        List<Item> running,
        List<Ready> ready,
        List<String> clashes,
        List<Fix> fixes,
        List<String> obstacles,
        String moved,
        String pace,
        boolean working) {
    record Served(String name, String clock, Instant at) {}

    /**
     * A task in the order of the evening.
     *
     * @param cook who does it, by place; −1 for nobody
     * @param who their name; empty where there is one cook
     * @param state done, begun or empty
     * @param signal what it waits for instead of the clock; empty for the clock
     */
    record Item(
            Evening.Ref ref,
            int job,
            String what,
            String shortly,
            String clock,
            String until,
            Instant at,
            Instant ends,
            int cook,
            String who,
            String state,
            String where,
            String signal,
            boolean pinned) {
        public long minutes() {
            return Duration.between(at, ends).toMinutes();
        }

        public boolean done() {
            return state.equals("done");
        }

        public boolean begun() {
            return state.equals("begun");
        }
    }

    /**
     * Something that is to be ready.
     *
     * @param where on what, and for how long
     * @param why what has to be settled first; empty if nothing
     * @param keeps how it may be made ahead; empty where nothing is to be said
     * @param plan the query of its plan's page
     */
    record Ready(
            EveningBody.Entry entry,
            String name,
            String where,
            String assumed,
            String why,
            String keeps,
            String plan,
            Object cook,
            boolean cookable) {}

    /** Something to press, and what it comes to. */
    record Fix(String what, String effect, Changes.Change change) {}
}
