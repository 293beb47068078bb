package amberrail.app;

import amberrail.app.config.AmberRailProperties;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/** The one runnable: web, storage and sign-in around the core. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@EnableConfigurationProperties(AmberRailProperties.class)
public class AmberRailApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(AmberRailApplication.class, arguments);
    }
}
