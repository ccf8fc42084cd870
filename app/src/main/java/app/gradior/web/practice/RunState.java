package app.gradior.web.practice;

import java.util.List;

/**
 * What the page of a run is told.
 *
 * @param number how many steps were taken
 * @param clock where the pots' clock is
 * @param over whether all pots are off
 * @param askAt when one is asked how thick it is; below 0 where one is not
 * @param asked how many guesses were made
 * @param said what the last look or guess says; empty where there is nothing to say
 * @param value the number of the last look; 0 where there is none
 * @param cold how the sauce of the last look flows on the cold plate; null for other looks
 * @param look how the last look's spoon looks; empty where that is not told
 * @param looks how often somebody looked
 * @param seen everything that was seen so far; empty where only the last is asked for
 * @param names what the numbers of a track are
 */
record RunState(
        int number,
        double clock,
        boolean over,
        double askAt,
        int asked,
        String said,
        double value,
        Cold cold,
        String look,
        long looks,
        List<Seen> seen,
        List<String> names,
        List<PotState> pots) {
    /** Pa·s and Pa. */
    record Cold(double eta, double tauY) {}

    record Seen(String kind, double seconds, String said) {}

    /**
     * @param width of its pan, mm
     * @param wall of its pan, mm
     */
    record PotState(
            String name,
            int dial,
            boolean lid,
            boolean off,
            double width,
            double wall,
            String colour,
            int pieces,
            double pulp,
            double foaming,
            long seed,
            Track track) {}
}
