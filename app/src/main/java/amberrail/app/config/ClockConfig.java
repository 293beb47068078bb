package amberrail.app.config;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Time comes from one clock, so that a test can stand still. */
@Configuration(proxyBeanMethods = false)
class ClockConfig {
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
