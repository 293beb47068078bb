package amberrail.app.signin;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.core.serializer.support.SerializingConverter;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;

/** Sign-ins live in the database, so that a restart signs nobody out (docs/decisions/0006-sessions-in-the-database.md). */
@Configuration(proxyBeanMethods = false)
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = SessionStore.TWELVE_HOURS)
class SessionStore {
    /** A tablet lies on its stool from the first lesson to the last. */
    static final int TWELVE_HOURS = 12 * 3600;

    @Bean
    @Primary
    QuietSessions<? extends Session> quietSessions(JdbcIndexedSessionRepository stored) {
        return quiet(stored);
    }

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> whoseTheyAreIsRemembered() {
        GenericConversionService conversions = new GenericConversionService();
        conversions.addConverter(Object.class, byte[].class, new SerializingConverter());
        conversions.addConverter(byte[].class, Object.class, new StoredSignIns(SessionStore.class.getClassLoader()));
        return stored -> stored.setConversionService(conversions);
    }

    private static <S extends Session> QuietSessions<S> quiet(FindByIndexNameSessionRepository<S> stored) {
        return new QuietSessions<>(stored);
    }
}
