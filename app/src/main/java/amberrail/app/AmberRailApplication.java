package amberrail.app;

import amberrail.app.backup.RestoreCommand;
import amberrail.app.config.AmberRailProperties;
import amberrail.app.doctor.DoctorCommand;
import amberrail.app.installation.TakeInCommand;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/** The one runnable: web, storage and sign-in around the core. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@EnableConfigurationProperties(AmberRailProperties.class)
public class AmberRailApplication {
    public static void main(String[] arguments) {
        if (arguments.length > 0 && arguments[0].equals("restore")) {
            List<String> rest = List.of(arguments).subList(1, arguments.length);
            System.exit(RestoreCommand.run(rest, System.out));
        }
        if (arguments.length > 0 && arguments[0].equals("take-in")) {
            List<String> rest = List.of(arguments).subList(1, arguments.length);
            System.exit(TakeInCommand.run(rest, System.out));
        }
        if (arguments.length > 0 && arguments[0].equals("doctor")) {
            List<String> rest = List.of(arguments).subList(1, arguments.length);
            System.exit(DoctorCommand.run(rest, System.out));
        }
        SpringApplication.run(AmberRailApplication.class, arguments);
    }
}
