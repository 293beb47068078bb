package amberrail.bare;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Nothing but the starters and one row to store: what start and recording are measured against. */
@SpringBootApplication
public class BareApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(BareApplication.class, arguments);
    }
}
