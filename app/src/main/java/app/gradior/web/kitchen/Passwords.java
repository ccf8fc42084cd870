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

    /** @param own the names that somebody who knows the person would try */
    static Strength strength(String password, List<String> own) {
        Optional<String> unfit = unfit(password, own);
        if (unfit.isPresent()) {
            return new Strength(password.isEmpty() ? 0 : WEAK, unfit.get());
        }
        int level = STRENGTH.measure(password, own).getScore();
        return new Strength(level, level <= WEAK ? KitchenText.PASSWORD_COMMON : KitchenText.strength(level));
    }

    /** What is wrong with a password, to be said beside its field; the names as for {@link #strength}. */
    static Optional<String> problem(String password, List<String> own) {
        Strength strength = strength(password, own);
        return strength.level() <= WEAK ? Optional.of(strength.words()) : Optional.empty();
    }

    /** What is wrong with it however hard it may be to guess. */
    private static Optional<String> unfit(String password, List<String> own) {
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
        return rest.length() < password.length() && rest.strip().length() < MIN_BESIDE_NAME
                ? Optional.of(KitchenText.PASSWORD_LIKE_NAME)
                : Optional.empty();
    }

    /** Whether the encoder takes all of it into account. */
    static boolean encodable(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length <= MAX_BYTES;
    }
}
