package strophos.server.access;

import jakarta.servlet.ServletRequestEvent;
import jakarta.servlet.ServletRequestListener;
import javax.sql.DataSource;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.framework.ProxyFactory;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.ServletListenerRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.session.Session;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** What a session costs each request: one read, one write. */
@Configuration
class SessionStore {

    /** Sessions lie outside the yards: their transactions set none. */
    @Bean("springSessionTransactionOperations")
    TransactionOperations sessionTransactions(DataSource source) {
        TransactionTemplate template = new TransactionTemplate(new JdbcTransactionManager(source));
        template.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return template;
    }

    /** That of everything else: the framework makes none where there is one already. */
    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager transactions) {
        return new TransactionTemplate(transactions);
    }

    /** The session that this thread's request has just saved. */
    private static final ThreadLocal<Session> SAVED = new ThreadLocal<>();

    /** As a request ends, its session is saved, and was then read once more only to see whether it is still there. */
    @Bean
    static BeanPostProcessor savedSessionIsNotReadAgain() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository repository ? remembering(repository) : bean;
            }
        };
    }

    /** A request knows nothing of the one that its thread answered before: that one's session may have ended. */
    @Bean
    ServletListenerRegistrationBean<ServletRequestListener> nothingIsRemembered() {
        return new ServletListenerRegistrationBean<>(new ServletRequestListener() {
            @Override
            public void requestInitialized(ServletRequestEvent event) {
                SAVED.remove();
            }
        });
    }

    private static Object remembering(JdbcIndexedSessionRepository repository) {
        ProxyFactory factory = new ProxyFactory(repository);
        factory.setProxyTargetClass(true);
        factory.addAdvice((MethodInterceptor) call -> {
            String method = call.getMethod().getName();
            if (method.equals("save")) {
                Object result = call.proceed();
                SAVED.set((Session) call.getArguments()[0]);
                return result;
            }
            Session known = SAVED.get();
            SAVED.remove();
            return method.equals("findById") && known != null && known.getId().equals(call.getArguments()[0])
                    ? known
                    : call.proceed();
        });
        return factory.getProxy();
    }
}
