package app.gradior.web.kitchen;

import java.lang.reflect.InvocationTargetException;
import java.sql.SQLException;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.jdbc.support.SQLExceptionSubclassTranslator;
import org.springframework.jdbc.support.SQLExceptionTranslator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Whatever is told to be kept is on the disk. What another request has committed can be read before it is there: a change
 * that finds all of it made already, as a form sent again does, writes nothing that would follow it. Such a change gets a
 * write of its own here, once whose commit is through, everything before it is on the disk too.
 */
@Component
@Intercepts({
    @Signature(
            type = Executor.class,
            method = "update",
            args = {MappedStatement.class, Object.class}),
    @Signature(
            type = Executor.class,
            method = "query",
            args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class})
})
class KeptBeforeTold implements Interceptor {
    private static final SQLExceptionTranslator MEANINGS = new SQLExceptionSubclassTranslator();
    private static final String WRITE = AccountMapper.class.getName() + ".hold";

    @Override
    public Object intercept(Invocation statement)
            throws InvocationTargetException, IllegalAccessException, SQLException {
        Object answer = statement.proceed();
        boolean wrote = answer instanceof Integer rows && rows != 0;
        Optional<Place> place = place(statement);
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            if (answer instanceof Integer && !wrote && place.isPresent()) {
                place.get().write();
            }
        } else if (TransactionSynchronizationManager.isSynchronizationActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            Change.underWay().goesOn(wrote, place);
        }
        return answer;
    }

    private static Optional<Place> place(Invocation statement) {
        Object parameters = statement.getArgs()[1];
        return parameters instanceof Map<?, ?> named
                        && named.containsKey("kitchen")
                        && named.get("kitchen") instanceof UUID kitchen
                ? Optional.of(new Place(
                        kitchen,
                        (Executor) statement.getTarget(),
                        ((MappedStatement) statement.getArgs()[0]).getConfiguration()))
                : Optional.empty();
    }

    /** Where a write of a kitchen can go, on the connection that its change is made on. */
    private record Place(UUID kitchen, Executor executor, Configuration statements) {
        void write() throws SQLException {
            try {
                executor.update(statements.getMappedStatement(WRITE), Map.of("kitchen", kitchen));
            } finally {
                CurrentKitchen.changed();
            }
        }
    }

    /** What a transaction has done so far. */
    private static final class Change implements TransactionSynchronization {
        private boolean wrote;
        private Optional<Place> place = Optional.empty();

        static Change underWay() {
            return TransactionSynchronizationManager.getSynchronizations().stream()
                    .filter(Change.class::isInstance)
                    .map(Change.class::cast)
                    .findAny()
                    .orElseGet(() -> {
                        Change begun = new Change();
                        TransactionSynchronizationManager.registerSynchronization(begun);
                        return begun;
                    });
        }

        void goesOn(boolean wroteNow, Optional<Place> placeNow) {
            wrote = wrote || wroteNow;
            place = placeNow.isPresent() ? placeNow : place;
        }

        @Override
        public void beforeCommit(boolean readOnly) {
            if (wrote || place.isEmpty()) {
                return;
            }
            try {
                place.get().write();
            } catch (SQLException e) {
                // As any other statement's: one that met another change is made once more with all of its transaction.
                throw Objects.requireNonNullElseGet(
                        MEANINGS.translate("follow to the disk", null, e),
                        () -> new UncategorizedSQLException("follow to the disk", null, e));
            }
        }

        /** Before the session of these statements is closed to any more. */
        @Override
        public int getOrder() {
            return HIGHEST_PRECEDENCE;
        }
    }
}
