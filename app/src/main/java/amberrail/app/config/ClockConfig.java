package amberrail.app.config;

import java.time.Clock;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Time comes from one clock, so that a test can stand still; what is done every so often is done by one scheduler. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class ClockConfig {
    /** @param offset for trying out what a server does whose clock is wrong ({@code ./amber audit clocks}) */
    @Bean
    Clock clock(@Value("${amber.clock-offset:PT0S}") Duration offset) {
        return Clock.offset(Clock.systemUTC(), offset);
    }
}
