package app.gradior;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransactionRollbackException;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * Gives transactions up at their end, as a cluster does to one that met another on a different node: the first of a thread,
 * then the one that follows is let through, and so on.
 */
public final class MetCommits implements BeanPostProcessor {
    /** What MariaDB says then. */
    private static final int DEADLOCK = 1213;

    private static final AtomicInteger MET = new AtomicInteger();
    private static final ThreadLocal<Boolean> GIVEN_UP = ThreadLocal.withInitial(() -> false);
    private static volatile boolean every;

    /** Whether each transaction is given up at its first try, from now on. */
    public static void every(boolean on) {
        every = on;
        MET.set(0);
    }

    /** How many were given up. */
    public static int met() {
        return MET.get();
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? new Meeting(source) : bean;
    }

    private static final class Meeting extends DelegatingDataSource {
        Meeting(DataSource source) {
            super(source);
        }

        @Override
        public Connection getConnection() throws SQLException {
            Connection real = super.getConnection();
            return (Connection) Proxy.newProxyInstance(
                    Connection.class.getClassLoader(),
                    new Class<?>[] {Connection.class},
                    (proxy, method, arguments) -> {
                        if (every && method.getName().equals("commit") && !real.isReadOnly()) {
                            giveUpOrLet(real);
                        }
                        try {
                            return method.invoke(real, arguments);
                        } catch (InvocationTargetException e) {
                            throw e.getCause();
                        }
                    });
        }

        private static void giveUpOrLet(Connection real) throws SQLException {
            GIVEN_UP.set(!GIVEN_UP.get());
            if (GIVEN_UP.get()) {
                real.rollback();
                MET.incrementAndGet();
                throw new SQLTransactionRollbackException("Deadlock found when trying to get lock", "40001", DEADLOCK);
            }
        }
    }
}
