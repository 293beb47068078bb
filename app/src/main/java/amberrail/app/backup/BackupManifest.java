package amberrail.app.backup;

import java.time.Instant;
import java.util.Map;

/**
 * What a backup says of itself.
 *
 * @param format  {@value #FORMAT}
 * @param version of the format
 * @param schema  version of the database's schema
 * @param sha256  of the database file, in hexadecimal
 * @param counts  how many there are of what, as {@link RecordCounts} counts
 */
record BackupManifest(String format, int version, int schema, Instant madeAt, String sha256, Map<String, Long> counts) {
    static final String FORMAT = "amber-rail-backup";
    static final int VERSION = 1;
}
