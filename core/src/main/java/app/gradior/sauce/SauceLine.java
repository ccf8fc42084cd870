package app.gradior.sauce;

import app.gradior.measure.ReadLine;
import java.util.List;

/** A line of a written sauce that is not blank. */
public sealed interface SauceLine {
    /** Where it stands in the text, from 0. */
    int number();

    String typed();

    /** The stage it belongs to, from 0. */
    int stage();

    /** A food, a heading, a remark: a line that does nothing. */
    record OfFood(int number, int stage, ReadLine read) implements SauceLine {
        @Override
        public String typed() {
            return read.typed();
        }
    }

    /** A line that says what to do. */
    record Step(int number, int stage, String typed, List<Doing> doings) implements SauceLine {
        public Step {
            doings = List.copyOf(doings);
        }
    }
}
