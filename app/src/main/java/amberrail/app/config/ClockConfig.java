package amberrail.app.config;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Time comes from one clock, so that a test can stand still; what is done every so often is done by one scheduler. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class ClockConfig {
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
