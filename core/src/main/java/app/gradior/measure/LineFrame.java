package app.gradior.measure;

import java.util.Set;

/** What stands around a line proper: bullets, boxes and numbers before it, a remark behind it. */
final class LineFrame {
    private LineFrame() {}

    /** Where a remark for the cook's own eyes begins behind a line: "2 onions # the red ones". */
    static int remarkFrom(Words words) {
        for (int i = 1; i < words.size(); i++) {
            if (words.get(i).startsWith("#")) {
                return i;
            }
        }
        return words.size();
    }

    /** A line without bullet and remark. */
    static Words body(Words whole) {
        return withoutBullet(whole.until(remarkFrom(whole)));
    }

    /** Lists come with bullets, boxes and numbers. */
    private static Words withoutBullet(Words words) {
        Words rest = words;
        while (!rest.isEmpty() && Set.of("-", "*", "•", "·", "☐", "▢").contains(rest.get(0))) {
            rest = rest.from(1);
        }
        if (rest.size() > 2 && rest.get(0).equals("(") && Set.of(")", "x").contains(rest.get(1))) {
            rest = rest.from(rest.get(1).equals(")") ? 2 : 3);
        }
        boolean numbered = rest.size() > 1
                && (rest.get(0).endsWith(".") || rest.get(1).equals(")"))
                && rest.plain(0).chars().allMatch(Character::isDigit);
        rest = numbered && !rest.plain(0).isEmpty() ? rest.from(rest.get(1).equals(")") ? 2 : 1) : rest;
        return rest.plain(0).equals("the") ? rest.from(1) : rest;
    }
}
