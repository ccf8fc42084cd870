package app.gradior.web.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.gradior.RunningApplication;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.DemoKitchen;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionTemplate;

/** The demo is rehearsed beside the first page, not before it. */
@ExtendWith(RunningApplication.class)
class DemoRehearsalTest {
    private final Semaphore may = new Semaphore(0);
    private final AtomicInteger rehearsed = new AtomicInteger();
    private DemoKitchen demo;
    private Accounts accounts;
    private PlatformTransactionManager transactions;

    @BeforeEach
    void meet(DemoKitchen demo, Accounts accounts, PlatformTransactionManager transactions) {
        this.demo = demo;
        this.accounts = accounts;
        this.transactions = transactions;
    }

    /** One whose rehearsals wait for leave. */
    private DemoRehearsal rehearsal(int times) {
        return new DemoRehearsal(
                demo,
                accounts,
                new TransactionTemplate(transactions) {
                    @Override
                    public <T> T execute(TransactionCallback<T> action) {
                        may.acquireUninterruptibly();
                        T result = super.execute(action);
                        rehearsed.incrementAndGet();
                        return result;
                    }
                },
                times);
    }

    @Test
    void aStartDoesNotWaitForItAndNothingOfItStays(JdbcTemplate database) {
        Integer before = kitchens(database);
        DemoRehearsal rehearsal = rehearsal(2);

        rehearsal.start();

        assertThat(rehearsed)
                .as("nothing is rehearsed yet, and the start is over")
                .hasValue(0);
        may.release(2);
        await().until(() -> rehearsed.get() == 2);
        rehearsal.stop();
        assertThat(kitchens(database)).isEqualTo(before);
    }

    @Test
    void aStopWaitsForTheOneThatIsOnAndBeginsNoOther() {
        DemoRehearsal rehearsal = rehearsal(2);
        rehearsal.start();
        await().until(may::hasQueuedThreads);

        Thread stopping = new Thread(rehearsal::stop);
        stopping.start();
        await().until(() -> !rehearsal.isRunning());
        assertThat(stopping.isAlive()).isTrue();
        may.release(2);

        await().until(() -> !stopping.isAlive());
        assertThat(rehearsed).hasValue(1);
        assertThat(may.availablePermits()).isEqualTo(1);
    }

    @Test
    void itComesAfterTheWebServer(ServletWebServerApplicationContext application, DemoRehearsal own) {
        assertThat(application.getBeansOfType(SmartLifecycle.class).values())
                .allSatisfy(other -> assertThat(other.getPhase()).isLessThanOrEqualTo(own.getPhase()));
    }

    private static Integer kitchens(JdbcTemplate database) {
        return database.queryForObject("select count(*) from kitchen", Integer.class);
    }
}
