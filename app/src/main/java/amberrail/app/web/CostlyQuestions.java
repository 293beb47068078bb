package amberrail.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Keeps costly questions from taking all workers and all processors: whoever records goes first. */
@Configuration(proxyBeanMethods = false)
class CostlyQuestions implements WebMvcConfigurer, HandlerInterceptor {
    /** All processors but one, and one at least. */
    private static final int AT_ONCE = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);

    private static final int MOST_WAITING = 16;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(8);
    private static final Duration COME_BACK_IN = Duration.ofSeconds(3);
    private static final String HAS_PLACE = CostlyQuestions.class.getName();

    private final Semaphore places = new Semaphore(AT_ONCE, true);

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws InterruptedException {
        if (!isCostly(handler)) {
            return true;
        }
        boolean hasPlace = places.getQueueLength() < MOST_WAITING
                && places.tryAcquire(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS);
        if (!hasPlace) {
            throw new Busy(COME_BACK_IN);
        }
        request.setAttribute(HAS_PLACE, true);
        return true;
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, Exception e) {
        if (request.getAttribute(HAS_PLACE) != null) {
            request.removeAttribute(HAS_PLACE);
            places.release();
        }
    }

    private static boolean isCostly(Object handler) {
        return handler instanceof HandlerMethod method
                && (method.hasMethodAnnotation(Costly.class)
                        || method.getBeanType().isAnnotationPresent(Costly.class));
    }
}
