package app.gradior.recipe;

import app.gradior.measure.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A clause of a sentence: one verb and what belongs to it.
 *
 * @param lead what stands before the first verb of a sentence: "in a small bowl", "once it has reduced by half"
 * @param words from the verb on, with the words that say how before it
 * @param verb empty for a sentence without any
 */
record MethodClause(int sentence, Words lead, Words words, Optional<MethodVerb> verb, boolean first) {
    private static final Set<String> JOINS = Set.of((", and then & - : or but . ( )").split(" "));

    /** Words behind which a clause says how far it goes or what it is compared with: nothing named there goes in. */
    private static final Set<String> STOPS =
            Set.of(("until till so before once when while because as which if unless after like").split(" "));

    /** The clauses of a sentence. */
    static List<MethodClause> of(int sentence, String text) {
        Words all = Words.of(text.replaceAll("[.!?\\s]+$", ""));
        List<Integer> starts = new ArrayList<>();
        int depth = 0;
        for (int i = 0; i < all.size(); i++) {
            depth += all.get(i).equals("(") ? 1 : all.get(i).equals(")") && depth > 0 ? -1 : 0;
            boolean may = i == 0
                    || JOINS.contains(all.plain(i - 1))
                    || all.plain(i - 1).endsWith(":");
            boolean nowAndThen = all.plain(i).equals("then") && all.plain(i - 2).equals("now")
                    || all.plain(i - 1).equals("then") && all.plain(i - 3).equals("now");
            if (!may || depth > 0 || nowAndThen) {
                continue;
            }
            int verb = MethodVerb.skipHow(all, i);
            if (MethodVerb.at(all, verb).isPresent() && !isListed(all, verb, starts)) {
                starts.add(i);
                i = verb;
            }
        }
        if (starts.isEmpty()) {
            starts.addAll(inside(all));
        }
        List<MethodClause> clauses = new ArrayList<>();
        if (starts.isEmpty()) {
            return List.of(new MethodClause(sentence, all.until(0), all, Optional.empty(), true));
        }
        for (int k = 0; k < starts.size(); k++) {
            int from = starts.get(k);
            int to = k + 1 < starts.size() ? starts.get(k + 1) : all.size();
            while (to > from
                    && JOINS.contains(all.plain(to - 1))
                    && !all.get(to - 1).equals(")")) {
                to--;
            }
            while (from < to && JOINS.contains(all.plain(from))) {
                from++;
            }
            Words lead = k == 0 ? all.until(from) : all.until(0);
            Words own = all.until(to).from(from);
            int verb = MethodVerb.skipHow(own, 0);
            clauses.add(new MethodClause(sentence, lead, own, MethodVerb.at(own, verb), k == 0));
        }
        return clauses;
    }

    /** "The salt, press and drained": a verb behind a comma in a list of foods has something to do. */
    private static boolean isListed(Words all, int verb, List<Integer> starts) {
        String next = all.plain(verb + 1);
        boolean bare = next.isEmpty() || next.equals(",") || next.equals("and");
        return bare
                && !starts.isEmpty()
                && MethodVerb.at(all, verb).filter(v -> v == MethodVerb.SAY).isPresent()
                && all.plain(verb - 1).equals(",")
                && verb + 1 < all.size()
                && all.plain(verb + 1).equals(",");
    }

    /** "In a saucepan melt the butter": the first verb that no article stands before. */
    private static List<Integer> inside(Words all) {
        for (int i = 1; i < all.size(); i++) {
            boolean noun = Set.of(("the a an of for this your to is it will can should may might must not would could")
                            .split(" "))
                    .contains(all.plain(i - 1));
            if (!noun && MethodVerb.at(all, i).filter(v -> v != MethodVerb.SAY).isPresent()) {
                return List.of(i);
            }
        }
        return List.of();
    }

    /** The clause up to where it says how far it goes. */
    Words beforeStop() {
        for (int i = MethodVerb.skipHow(words, 0) + 1; i < words.size(); i++) {
            boolean as = words.plain(i).equals("as") && !words.plain(i + 1).equals("well");
            boolean so = words.plain(i).equals("so") && words.plain(i + 1).equals("that");
            if (STOPS.contains(words.plain(i))
                    && (!words.plain(i).equals("as") || as)
                    && (!words.plain(i).equals("so") || so)) {
                return words.until(i);
            }
        }
        return words;
    }

    String typed() {
        return words.typed();
    }

    boolean mentions(String... any) {
        return mentions(words, any);
    }

    boolean leads(String... any) {
        return mentions(lead, any);
    }

    static boolean mentions(Words words, String... any) {
        for (int i = 0; i < words.size(); i++) {
            for (String word : any) {
                if (words.plain(i).equals(word)) {
                    return true;
                }
            }
        }
        return false;
    }
}
