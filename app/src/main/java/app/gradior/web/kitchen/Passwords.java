package app.gradior.web.kitchen;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Which passwords are taken. */
final class Passwords {
    private static final int SHORTEST = 10;

    /** The encoder looks at no more, in UTF-8. */
    private static final int MAX_BYTES = 72;

    /** Guessed in fewer than a hundred million tries, on its scale from 0 to 4. */
    private static final int WEAK = 1;

    /** What is left of a password beside the name has to be a password of its own. */
    private static final int MIN_BESIDE_NAME = 8;

    private static final Zxcvbn STRENGTH = new Zxcvbn();

    private Passwords() {}

    /**
     * How hard a password is to guess.
     *
     * @param level from 0, which nobody need try hard for, to 4; under 2 it is not taken
     * @param words for whoever chooses it
     */
    record Strength(int level, String words) {}

    /** @param own as for {@link #problem} */
    static Strength strength(String password, List<String> own) {
        Optional<String> problem = problem(password, own);
        if (problem.isPresent()) {
            return new Strength(password.isEmpty() ? 0 : WEAK, problem.get());
        }
        int level = STRENGTH.measure(password, own).getScore();
        return new Strength(level, KitchenText.strength(level));
    }

    /**
     * What is wrong with a password, to be said beside its field.
     *
     * @param own the names that somebody who knows the person would try
     */
    static Optional<String> problem(String password, List<String> own) {
        if (password.codePointCount(0, password.length()) < SHORTEST) {
            return Optional.of(KitchenText.PASSWORD_TOO_SHORT);
        }
        if (!encodable(password)) {
            return Optional.of(KitchenText.PASSWORD_TOO_LONG);
        }
        String rest = password.toLowerCase(Locale.ROOT);
        for (String name : own) {
            String lower = name.strip().toLowerCase(Locale.ROOT);
            if (lower.length() >= 3) {
                rest = rest.replace(lower, "");
            }
        }
        if (rest.length() < password.length() && rest.strip().length() < MIN_BESIDE_NAME) {
            return Optional.of(KitchenText.PASSWORD_LIKE_NAME);
        }
        return STRENGTH.measure(password, own).getScore() <= WEAK
                ? Optional.of(KitchenText.PASSWORD_COMMON)
                : Optional.empty();
    }

    /** Whether the encoder takes all of it into account. */
    static boolean encodable(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length <= MAX_BYTES;
    }
}
