package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.PotMapper;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What others have committed can be read before it is on the disk; what is told to be kept is there. */
@ExtendWith(RunningApplication.class)
class KeptBeforeToldTest {
    private final TestKitchen own = TestKitchen.of("durable");
    private final KitchenPot casserole = own.casserole();
    private final PotMapper pots;
    private final AccountMapper accounts;
    private final TransactionTemplate change;

    KeptBeforeToldTest(PotMapper pots, AccountMapper accounts, PlatformTransactionManager transactions) {
        this.pots = pots;
        this.accounts = accounts;
        this.change = new TransactionTemplate(transactions);
    }

    private long writesOf(Runnable what) {
        long before = TestKitchen.writes(own.id());
        what.run();
        return TestKitchen.writes(own.id()) - before;
    }

    private void find() {
        pots.find(own.id(), casserole.id());
    }

    @Test
    void aChangeThatFoundEverythingMadeIsFollowedByAWrite() {
        assertThat(writesOf(() -> change.executeWithoutResult(status -> find())))
                .isEqualTo(1);
        assertThat(writesOf(() -> change.executeWithoutResult(status -> {
                    accounts.withdraw(own.id(), UUID.randomUUID());
                    find();
                })))
                .isEqualTo(1);
    }

    @Test
    void aStatementThatFoundNothingToChangeIsFollowedByAWrite() {
        assertThat(writesOf(() -> accounts.withdraw(own.id(), UUID.randomUUID())))
                .isEqualTo(1);
    }

    @Test
    void whatWritesItselfAndWhatOnlyLooksHaveNone() {
        long alone = writesOf(() -> pots.update(own.id(), casserole));
        assertThat(writesOf(() -> change.executeWithoutResult(status -> {
                    pots.update(own.id(), casserole);
                    find();
                })))
                .isEqualTo(alone);
        assertThat(writesOf(this::find)).isZero();
        TransactionTemplate look = new TransactionTemplate(change.getTransactionManager());
        look.setReadOnly(true);
        assertThat(writesOf(() -> look.executeWithoutResult(status -> find()))).isZero();
    }

    @Test
    void whatIsGivenUpLeavesNothing() {
        assertThat(writesOf(() -> assertThatThrownBy(() -> change.executeWithoutResult(status -> {
                            find();
                            throw new IllegalStateException("given up");
                        }))
                        .hasMessage("given up")))
                .isZero();
    }
}
