package amberrail.app.storage;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.web.DiskState;
import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Looks at the disk that holds the data: some room is kept free, so that what is under way can always be finished. */
@Component
@Lazy(false)
class DiskWatch implements DiskState {
    private static final Logger LOG = LoggerFactory.getLogger(DiskWatch.class);
    private static final long MOST_KEPT_FREE_BYTES = 200_000_000;
    /** Of a small disk. */
    private static final double SHARE_KEPT_FREE = 0.1;

    private final Path folder;
    private volatile boolean almostFull;

    DiskWatch(AmberRailProperties properties) {
        folder = properties.data();
    }

    @Override
    public boolean isAlmostFull() {
        return almostFull;
    }

    @Scheduled(initialDelay = 0, fixedDelay = 2, timeUnit = TimeUnit.SECONDS)
    void look() {
        if (!Files.isDirectory(folder)) {
            return;
        }
        boolean before = almostFull;
        try {
            FileStore disk = Files.getFileStore(folder);
            long kept = (long) Math.min(MOST_KEPT_FREE_BYTES, disk.getTotalSpace() * SHARE_KEPT_FREE);
            almostFull = disk.getUsableSpace() < kept;
        } catch (IOException e) {
            LOG.warn("the disk of the data folder cannot be asked for its room", e);
            return;
        }
        if (almostFull && !before) {
            LOG.error("the disk of the data folder is almost full: nothing new is stored until there is room again");
        } else if (before && !almostFull) {
            LOG.info("there is room on the disk again: everything is stored as before");
        }
    }
}
