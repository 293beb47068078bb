package amberrail.app.signin;

import amberrail.app.people.SignedIn;
import amberrail.app.tokens.TokenFilter;
import amberrail.app.web.ProblemWriter;
import java.util.function.Supplier;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.observation.SecurityObservationSettings;
import org.springframework.security.config.web.PathPatternRequestMatcherBuilderFactoryBean;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

/** Everything under /api and the API's description needs a sign-in, save what makes signing in possible. */
@Configuration(proxyBeanMethods = false)
@EnableWebSecurity
class SecurityConfig {
    /** Inline styles are the component library's; docs/decisions/0005-content-security-policy.md. */
    private static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self'; "
            + "style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; "
            + "manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** The check of a table listens for tip and cushion where one asks it to; what it hears stays in the page. */
    private static final String PERMISSIONS = "camera=(), microphone=(self), geolocation=()";

    /** Each filter and each decision would be measured on its own, which every request would pay for and nobody reads. */
    @Bean
    SecurityObservationSettings requestsAreMeasuredWhole() {
        return SecurityObservationSettings.noObservations();
    }

    /** Reads a request's path once and compares patterns with that. */
    @Bean
    PathPatternRequestMatcherBuilderFactoryBean pathPatterns() {
        return new PathPatternRequestMatcherBuilderFactoryBean();
    }

    @Bean
    static NoLookupBeforeSecurity noLookupBeforeSecurity(ApplicationContext context) {
        return new NoLookupBeforeSecurity(context);
    }

    @Bean
    @Order(1)
    SecurityFilterChain security(HttpSecurity http, TokenFilter tokens) throws Exception {
        CsrfTokenRequestAttributeHandler csrfHandler = new CsrfTokenRequestAttributeHandler();
        // Loads the token on every request, so that the single-page app always has its cookie.
        csrfHandler.setCsrfRequestAttributeName(null);
        return headers(http)
                .securityMatcher("/api/**", "/v3/**", "/error", "/actuator/**")
                .authorizeHttpRequests(requests -> requests.requestMatchers("/api/v1/club", "/api/v1/sign-in")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/v1/club/first-coach")
                        .permitAll()
                        .requestMatchers(
                                "/api/v1/invitations/*", "/api/v1/calendar-feeds/*", "/api/v1/shared-reports/*")
                        .permitAll()
                        .requestMatchers("/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/actuator/**")
                        .access(SecurityConfig::isHeadCoach)
                        .requestMatchers("/api/**", "/v3/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                        .csrfTokenRequestHandler(csrfHandler)
                        .ignoringRequestMatchers(TokenFilter::hasToken))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .exceptionHandling(problems -> problems.authenticationEntryPoint(
                                (request, response, e) -> ProblemWriter.write(
                                        response,
                                        HttpStatus.UNAUTHORIZED,
                                        "SIGNED_OUT",
                                        "You are signed out. Sign in again; nothing you recorded is lost."))
                        .accessDeniedHandler((request, response, e) -> ProblemWriter.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                e instanceof CsrfException ? "STALE_PAGE" : "NOT_ALLOWED",
                                e instanceof CsrfException
                                        ? "This page is out of date. Try again."
                                        : "You may not do this.")))
                .addFilterBefore(tokens, AnonymousAuthenticationFilter.class)
                .addFilterAfter(new SameAccountFilter(), AuthorizationFilter.class)
                .build();
    }

    private static AuthorizationDecision isHeadCoach(
            Supplier<Authentication> known, RequestAuthorizationContext request) {
        return new AuthorizationDecision(known.get().getPrincipal() instanceof SignedIn who && who.headCoach());
    }

    /** The packed front end: nothing of it needs a sign-in, and none of its answers sets a cookie. */
    @Bean
    @Order(Ordered.LOWEST_PRECEDENCE)
    SecurityFilterChain packedFiles(HttpSecurity http) throws Exception {
        return headers(http)
                .csrf(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .securityContext(AbstractHttpConfigurer::disable)
                .sessionManagement(AbstractHttpConfigurer::disable)
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .build();
    }

    private static HttpSecurity headers(HttpSecurity http) throws Exception {
        return http.headers(headers -> headers.contentSecurityPolicy(
                        csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.NO_REFERRER))
                .permissionsPolicyHeader(policy -> policy.policy(PERMISSIONS))
                .frameOptions(frame -> frame.deny())
                .contentTypeOptions(Customizer.withDefaults()));
    }

    /** It stands in the chain above and nowhere else. */
    @Bean
    FilterRegistrationBean<TokenFilter> onlyInTheChain(TokenFilter tokens) {
        FilterRegistrationBean<TokenFilter> registration = new FilterRegistrationBean<>(tokens);
        registration.setEnabled(false);
        return registration;
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }
}
