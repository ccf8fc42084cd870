package app.gradior.web.demo;

import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.DemoKitchen;
import app.gradior.web.kitchen.NewKitchen;
import java.time.Duration;
import java.time.ZoneOffset;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Demo kitchens that are opened and taken back beside the first page, while its reader reads: who then tries the demo waits
 * no longer than those behind. The port does not wait for them: they took a third of every start.
 */
@Component
class DemoRehearsal implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(DemoRehearsal.class);
    /** More than one rehearsal takes: the database is not taken from under it. */
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final DemoKitchen demo;
    private final Accounts accounts;
    private final TransactionTemplate transaction;
    private final int rehearsals;
    private volatile Thread rehearsing;

    DemoRehearsal(
            DemoKitchen demo,
            Accounts accounts,
            TransactionTemplate transaction,
            @Value("${gradior.rehearsals}") int rehearsals) {
        this.demo = demo;
        this.accounts = accounts;
        this.transaction = transaction;
        this.rehearsals = rehearsals;
    }

    @Override
    public void start() {
        if (demo.offered() && rehearsals > 0) {
            Thread thread = new Thread(this::rehearse, "demo-rehearsal");
            thread.setDaemon(true);
            rehearsing = thread;
            thread.start();
        }
    }

    private void rehearse() {
        for (int i = 0; isRunning() && i < rehearsals; i++) {
            try {
                transaction.executeWithoutResult(status -> {
                    accounts.openGuest(Accounts.Guest.DEMO, NewKitchen.called("Demo kitchen", ZoneOffset.UTC));
                    status.setRollbackOnly();
                });
            } catch (RuntimeException e) {
                LOG.warn("a rehearsal of the demo was broken off", e);
            }
        }
    }

    /** Waits for the rehearsal that is on, and begins none after it. */
    @Override
    public void stop() {
        Thread thread = rehearsing;
        rehearsing = null;
        if (thread != null) {
            try {
                thread.join(PATIENCE.toMillis());
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }

    @Override
    public boolean isRunning() {
        return rehearsing != null;
    }

    /** After the web server on the way up, and before everything else on the way down. */
    @Override
    public int getPhase() {
        return Integer.MAX_VALUE;
    }
}
