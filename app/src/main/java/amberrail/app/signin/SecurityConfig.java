package amberrail.app.signin;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
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

    @Bean
    SecurityFilterChain security(HttpSecurity http) throws Exception {
        CsrfTokenRequestAttributeHandler csrfHandler = new CsrfTokenRequestAttributeHandler();
        // Loads the token on every request, so that the single-page app always has its cookie.
        csrfHandler.setCsrfRequestAttributeName(null);
        return http.authorizeHttpRequests(requests -> requests.requestMatchers("/api/v1/club", "/api/v1/sign-in")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/v1/club/first-coach")
                        .permitAll()
                        .requestMatchers("/api/v1/invitations/*")
                        .permitAll()
                        .requestMatchers("/api/**", "/v3/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                        .csrfTokenRequestHandler(csrfHandler))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .exceptionHandling(problems -> problems.authenticationEntryPoint((request, response, e) -> write(
                                response,
                                HttpServletResponse.SC_UNAUTHORIZED,
                                "SIGNED_OUT",
                                "You are signed out. Sign in again; nothing you recorded is lost."))
                        .accessDeniedHandler((request, response, e) -> write(
                                response,
                                HttpServletResponse.SC_FORBIDDEN,
                                e instanceof CsrfException ? "STALE_PAGE" : "NOT_ALLOWED",
                                e instanceof CsrfException
                                        ? "This page is out of date. Try again."
                                        : "You may not do this.")))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(
                                referrer -> referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(policy -> policy.policy("camera=(), microphone=(), geolocation=()"))
                        .frameOptions(frame -> frame.deny())
                        .contentTypeOptions(Customizer.withDefaults()))
                .build();
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }

    private static void write(HttpServletResponse response, int status, String code, String sentence)
            throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter()
                .write("{\"type\":\"about:blank\",\"status\":" + status + ",\"code\":\"" + code + "\",\"detail\":\""
                        + sentence + "\"}");
    }
}
