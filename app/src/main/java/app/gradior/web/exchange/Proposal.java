package app.gradior.web.exchange;

import java.util.List;

/**
 * A published recipe beside the sauce that is proposed for it.
 *
 * @param text the sauce
 * @param sentences the method as it was published, each sentence tied to the lines made of it
 * @param aside lines of the ingredients that are not of the sauce
 * @param questions what the cook is asked, the first first
 * @param source where the recipe stands; null if it does not say so
 * @param published the recipe as plain text
 */
record Proposal(
        String text, List<Told> sentences, List<String> aside, List<Asked> questions, String source, String published) {
    /**
     * A sentence of the method.
     *
     * @param title the part of the method that begins with it; null if none does
     * @param lines the lines of the sauce that were made of it: which of those that read the same, a stroke, the line
     * @param kind does, aside or asked
     */
    record Told(int index, String title, String text, List<String> lines, String kind) {}

    /**
     * A question, with what may be pressed.
     *
     * @param about the words it is about
     * @param sentence the sentence it is about; null for none
     */
    record Asked(String text, String about, Integer sentence, List<Fix> fixes) {}

    /**
     * A press that settles a question.
     *
     * @param line the line of the sauce that changes, as it stands there; null if all may stay as it is
     * @param put what stands there then, which may be several lines; empty to take it away
     */
    record Fix(String label, String line, String put) {}
}
