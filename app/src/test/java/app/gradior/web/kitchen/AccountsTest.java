package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(RunningApplication.class)
class AccountsTest {
    /** What a connection says of itself before it is one. */
    private static final String NOT_YET = "Lazy Connection proxy";

    /** Twelve connections, and a tenth of a second each: twenty who sign up at once would keep every page waiting. */
    @Test
    void aPasswordIsHashedWithoutAConnectionInHand(
            AccountMapper mapper,
            PasswordEncoder encoder,
            Clock clock,
            ApplicationEventPublisher opened,
            KitchenRemoval removal,
            ApiTokenMapper tokens,
            DataSource database,
            PlatformTransactionManager transactions) {
        List<String> inHand = new ArrayList<>();
        PasswordEncoder watched = new PasswordEncoder() {
            @Override
            public String encode(CharSequence password) {
                inHand.add(DataSourceUtils.getConnection(database).toString());
                return encoder.encode(password);
            }

            @Override
            public boolean matches(CharSequence password, String hash) {
                return encoder.matches(password, hash);
            }
        };
        Accounts accounts = new Accounts(mapper, watched, clock, opened, removal, tokens);
        TransactionTemplate transaction = new TransactionTemplate(transactions);
        String name = "quick-" + UUID.randomUUID();

        transaction.executeWithoutResult(
                status -> accounts.open(name, "three long words", NewKitchen.called("Quick", ZoneOffset.UTC)));
        KitchenUser user = accounts.loadUserByUsername(name);
        transaction.executeWithoutResult(status -> accounts.changePassword(user, "four rather long words"));

        assertThat(accounts.proves(user, "four rather long words")).isTrue();
        assertThat(inHand).hasSize(2).allSatisfy(it -> assertThat(it).contains(NOT_YET));
    }
}
