package amberrail.app.backup;

import org.springframework.boot.SpringApplication;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;

/** Ends the server so that whoever started it starts it again: {@code ./amber serve} and the systemd unit do at this code. */
@Component
class Restart {
    /** As EX_TEMPFAIL of sysexits.h: try again. */
    static final int CODE = 75;

    /** The answer to whoever asked is to be through by then. */
    private static final long AFTER_MILLISECONDS = 700;

    private final ApplicationContext context;

    Restart(ApplicationContext context) {
        this.context = context;
    }

    void soon() {
        Thread thread = new Thread(this::now, "restart");
        thread.setDaemon(false);
        thread.start();
    }

    private void now() {
        try {
            Thread.sleep(AFTER_MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        System.exit(SpringApplication.exit(context, () -> CODE));
    }
}
