package app.gradior.web.stove;

/** What is said on the stove’s page. */
final class StoveText {
    static final String IN_THE_FRIDGE = "in the fridge? Fill jars from it";
    static final String JUDGE_COLD = "judge it cold";
    static final String SHOULD_BE_THERE = "weigh it: it should be there";
    static final String DOES_NOT_GET_THERE = "▲ it does not get there as it is going";
    static final String COMING_TO_SIMMER = "coming to the simmer";
    static final String SAY_SIMMERS = "say when it simmers";
    static final String WEIGH_PASSING = "weigh it when you pass";

    private StoveText() {}

    static String coolIt(long minutes) {
        return "cool it: " + minutes + " min left to the fridge";
    }

    static String stirEvery(Object minutes) {
        return "stir every " + minutes + " min";
    }

    static String onTheHeat(String sauce, double minutes, double low, double high) {
        return sauce + ": on the heat for about " + Math.round(minutes) + " more minutes, between " + Math.round(low)
                + " and " + Math.round(high);
    }
}
