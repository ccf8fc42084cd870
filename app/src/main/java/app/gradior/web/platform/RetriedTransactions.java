package app.gradior.web.platform;

import java.lang.reflect.Method;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.aop.Advisor;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.StaticMethodMatcherPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Whatever changes something in a transaction of its own is made once more if another change met it: two at the same row of
 * one database wait for each other and one is given up, on two nodes of a cluster the one that commits later is. Read-only
 * ones meet nobody, and what they have written to an answer can't be taken back.
 */
@Configuration
class RetriedTransactions {
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor retriedTransaction() {
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(new Changing(), new OnceMore());
        // Outside of the transaction itself, which has the last place.
        advisor.setOrder(Ordered.LOWEST_PRECEDENCE - 1);
        return advisor;
    }

    private static final class Changing extends StaticMethodMatcherPointcut {
        @Override
        public boolean matches(Method method, Class<?> of) {
            Transactional said = AnnotatedElementUtils.findMergedAnnotation(method, Transactional.class);
            return said != null && !said.readOnly();
        }
    }

    private static final class OnceMore implements MethodInterceptor {
        @Override
        public Object invoke(MethodInvocation call) throws Throwable {
            // A part of a larger change is made again with all of it.
            if (TransactionSynchronizationManager.isActualTransactionActive()) {
                return call.proceed();
            }
            MethodInvocation again = ((ProxyMethodInvocation) call).invocableClone();
            try {
                return call.proceed();
            } catch (RuntimeException e) {
                if (!met(e)) {
                    throw e;
                }
                return again.proceed();
            }
        }

        /** Whether a change was given up whole for another one, and can be made again. */
        private static boolean met(RuntimeException e) {
            return e instanceof DuplicateKeyException || e instanceof PessimisticLockingFailureException;
        }
    }
}
