package grimygasket.server.accounts.sessions;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/** Puts {@link SparingSessions} before the sessions in the database. */
@Configuration(proxyBeanMethods = false)
class SessionConfig {
    @Bean
    static BeanPostProcessor sparing() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository sessions ? new SparingSessions<>(sessions) : bean;
            }
        };
    }
}
