package app.gradior.web.platform;

import java.util.function.Supplier;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;

/** For changes that may meet another one of the same rows. */
public final class Retry {
    private Retry() {}

    /**
     * Makes a change; if another one came in between and it was given up whole, makes it once more from its beginning.
     *
     * @param change a whole transaction, which looks at what there is before it changes anything
     */
    public static <T> T ifMet(Supplier<T> change) {
        try {
            return change.get();
        } catch (DuplicateKeyException | PessimisticLockingFailureException met) {
            return change.get();
        }
    }
}
