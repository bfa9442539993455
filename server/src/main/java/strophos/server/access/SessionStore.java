package strophos.server.access;

import jakarta.servlet.ServletRequestEvent;
import jakarta.servlet.ServletRequestListener;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.ServletListenerRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** Where sessions are kept, and what they cost. */
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

    /** The framework's own stays within ours: were ours a bean beside it, the framework would make none. */
    @Bean
    static BeanPostProcessor sessions() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository stored ? new Sessions<>(stored) : bean;
            }
        };
    }

    @Bean
    ServletListenerRegistrationBean<ServletRequestListener> nothingIsRemembered(SessionRepository<?> sessions) {
        return new ServletListenerRegistrationBean<>(new ServletRequestListener() {
            @Override
            public void requestInitialized(ServletRequestEvent event) {
                ((Sessions<?>) sessions).beginRequest();
            }
        });
    }
}
