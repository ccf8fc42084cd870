package app.gradior.web.kitchen;

import java.lang.reflect.InvocationTargetException;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.springframework.stereotype.Component;

/** A request that has changed something counts its kitchen's changes anew. */
@Component
@Intercepts(
        @Signature(
                type = Executor.class,
                method = "update",
                args = {MappedStatement.class, Object.class}))
class ChangesOfRequest implements Interceptor {
    @Override
    public Object intercept(Invocation statement) throws InvocationTargetException, IllegalAccessException {
        try {
            return statement.proceed();
        } finally {
            CurrentKitchen.changed();
        }
    }
}
