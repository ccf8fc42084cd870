package app.gradior.web.kitchen;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What follows from the rows of one kitchen, remembered until one of them changes. Whether they did is asked of the
 * database, which counts (V6), so it holds with two nodes.
 */
@Component
public class KitchenCache {
    /** A board is the largest, some 60 kB. */
    private static final int KEPT = 800;

    private static final Duration KEPT_FOR = Duration.ofHours(1);

    private final AccountMapper accounts;
    private final Cache<Key, Entry> entries =
            Caffeine.newBuilder().maximumSize(KEPT).expireAfterAccess(KEPT_FOR).build();

    private record Key(UUID kitchen, Object what) {}

    private record Entry(long changes, Object value) {}

    KitchenCache(AccountMapper accounts) {
        this.accounts = accounts;
    }

    /**
     * A value that nothing but rows of a kitchen and {@code what} decides.
     *
     * @param what names the value within the kitchen; its class names the kind, so each caller has a record of its own
     * @param read makes it; called within a transaction always, since there it may see what is never committed
     */
    @SuppressWarnings("unchecked")
    public <T> T of(UUID kitchen, Object what, Supplier<T> read) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return read.get();
        }
        // Counted before it is read: what is newer than its count is only read once more.
        long changes = changes(kitchen);
        Key key = new Key(kitchen, what);
        Entry known = entries.getIfPresent(key);
        if (known == null || known.changes() != changes) {
            known = new Entry(changes, read.get());
            entries.put(key, known);
        }
        return (T) known.value();
    }

    /** How often rows of a kitchen have changed: what was made of them at the same count is as it would be now. */
    public long changes(UUID kitchen) {
        return TransactionSynchronizationManager.isActualTransactionActive()
                ? accounts.changes(kitchen)
                : CurrentKitchen.changes(kitchen, () -> accounts.changes(kitchen));
    }
}
