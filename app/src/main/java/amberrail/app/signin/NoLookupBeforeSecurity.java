package amberrail.app.signin;

import jakarta.servlet.Filter;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.ApplicationContext;
import org.springframework.web.servlet.handler.HandlerMappingIntrospector;

/**
 * Spring Security has each request's endpoint looked for before its own filters, twice, for matchers that ask Spring MVC. Ours read the path themselves
 * ({@link SecurityConfig}), and those two lookups were a twentieth of what a recorded shot costs.
 */
final class NoLookupBeforeSecurity implements BeanPostProcessor {
    private final ApplicationContext context;

    NoLookupBeforeSecurity(ApplicationContext context) {
        this.context = context;
    }

    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (!(bean instanceof HandlerMappingIntrospector)) {
            return bean;
        }
        HandlerMappingIntrospector quiet = new HandlerMappingIntrospector() {
            @Override
            public Filter createCacheFilter() {
                return (request, response, chain) -> chain.doFilter(request, response);
            }
        };
        quiet.setApplicationContext(context);
        return quiet;
    }
}
