package app.gradior.web.batch;

import java.time.Instant;
import java.util.UUID;

/**
 * How a batch was, by one person, on its day or on the next.
 *
 * @param thickness from −2 (too thin) to 2 (too thick)
 * @param salt −1 too little, 0 right, 1 too much; null if nothing was said, as of the three that follow
 * @param again whether it would be made again; null if nothing was said
 * @param words free words, up to {@value #LONGEST_WORDS} letters
 */
public record Verdict(
        UUID cookId,
        String person,
        boolean nextDay,
        int thickness,
        Integer salt,
        Integer sharp,
        Integer sweet,
        Integer heat,
        Again again,
        String words,
        Instant at) {
    public static final int LONGEST_WORDS = 2000;

    /** Whether it would be made again. */
    public enum Again {
        AS_IT_IS,
        CHANGED,
        NO
    }
}
