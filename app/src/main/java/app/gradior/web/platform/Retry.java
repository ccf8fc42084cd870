package app.gradior.web.platform;

import java.util.function.Supplier;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;

/** For changes that may meet another one of the same rows. What is {@code @Transactional} is made once more by itself. */
public final class Retry {
    private Retry() {}

    /**
     * Makes a change; if another one came in between and it was given up whole, makes it once more from its beginning.
     *
     * @param change a whole transaction, or statements that look at what there is before they change anything
     */
    public static <T> T ifMet(Supplier<T> change) {
        try {
            return change.get();
        } catch (RuntimeException e) {
            if (!isMet(e)) {
                throw e;
            }
            return change.get();
        }
    }

    /** Whether a change was given up for another one, and can be made again. */
    public static boolean isMet(RuntimeException e) {
        return e instanceof DuplicateKeyException || e instanceof PessimisticLockingFailureException;
    }
}
