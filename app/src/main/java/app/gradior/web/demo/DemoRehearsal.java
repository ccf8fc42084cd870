package app.gradior.web.demo;

import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.DemoKitchen;
import app.gradior.web.kitchen.NewKitchen;
import java.time.ZoneOffset;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Demo kitchens that are opened and taken back before the port is: the first visitor waits no longer than those behind. */
@Component
class DemoRehearsal implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(DemoRehearsal.class);

    private final DemoKitchen demo;
    private final Accounts accounts;
    private final TransactionTemplate transaction;
    private final int rehearsals;
    private volatile boolean rehearsed;

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
        for (int i = 0; demo.offered() && i < rehearsals; i++) {
            try {
                transaction.executeWithoutResult(status -> {
                    accounts.openGuest(Accounts.Guest.DEMO, NewKitchen.called("Demo kitchen", ZoneOffset.UTC));
                    status.setRollbackOnly();
                });
            } catch (RuntimeException e) {
                LOG.warn("a rehearsal of the demo was broken off", e);
            }
        }
        rehearsed = true;
    }

    @Override
    public void stop() {
        rehearsed = false;
    }

    @Override
    public boolean isRunning() {
        return rehearsed;
    }

    /** Before the web server, which starts among the last. */
    @Override
    public int getPhase() {
        return 0;
    }
}
