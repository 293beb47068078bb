package amberrail.app.trail;

import amberrail.app.people.Concerned;
import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.UUID;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** After every request that was answered: who asked, about whom, and whether they looked or changed something. One's own data leave no trail. */
@Configuration(proxyBeanMethods = false)
class TrailNotes implements WebMvcConfigurer, HandlerInterceptor {
    private final Concerned concerned;
    private final TrailKeeper keeper;
    private final Clock clock;

    TrailNotes(Concerned concerned, TrailKeeper keeper, Clock clock) {
        this.concerned = concerned;
        this.keeper = keeper;
        this.clock = clock;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, Exception e) {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        boolean answered = e == null && response.getStatus() < HttpStatus.BAD_REQUEST.value();
        if (!answered
                || !(handler instanceof HandlerMethod method)
                || known == null
                || !(known.getPrincipal() instanceof SignedIn who)) {
            return;
        }
        Instant now = Instant.now(clock);
        LocalDate day = LocalDate.ofInstant(now, ZoneOffset.UTC);
        String area = area(method);
        Deed deed = deed(request, method);
        for (UUID person : concerned.now()) {
            if (!person.equals(who.accountId())) {
                keeper.note(new Trace(day, who.accountId(), person, deed, area), now);
            }
        }
    }

    private static Deed deed(HttpServletRequest request, HandlerMethod method) {
        boolean looks = HttpMethod.GET.matches(request.getMethod())
                || HttpMethod.HEAD.matches(request.getMethod())
                || method.hasMethodAnnotation(ChangesNothing.class);
        return looks ? Deed.SAW : Deed.CHANGED;
    }

    static String area(HandlerMethod method) {
        String name = method.getBeanType().getPackageName();
        return name.substring(name.lastIndexOf('.') + 1);
    }
}
