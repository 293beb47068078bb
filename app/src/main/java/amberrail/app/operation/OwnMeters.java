package amberrail.app.operation;

import amberrail.app.backup.Backups;
import amberrail.app.config.AmberRailProperties;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** How old the newest backup is, and how much room is left on the disk of the data. No name and no id is in any of them. */
@Component
class OwnMeters implements MeterBinder {
    private final Backups backups;
    private final AmberRailProperties properties;
    private final Clock clock;

    OwnMeters(Backups backups, AmberRailProperties properties, Clock clock) {
        this.backups = backups;
        this.properties = properties;
        this.clock = clock;
    }

    @Override
    public void bindTo(MeterRegistry registry) {
        Gauge.builder("amber.backup.age", this, OwnMeters::backupAgeSeconds)
                .baseUnit("seconds")
                .description("since the newest good backup; NaN where there is none")
                .register(registry);
        Gauge.builder("amber.disk.free", this, OwnMeters::freeBytes)
                .baseUnit("bytes")
                .description("on the disk of the data folder")
                .register(registry);
    }

    private double backupAgeSeconds() {
        return backups.newest()
                .map(madeAt ->
                        (double) Duration.between(madeAt, Instant.now(clock)).toSeconds())
                .orElse(Double.NaN);
    }

    private double freeBytes() {
        return properties.data().toFile().getUsableSpace();
    }
}
