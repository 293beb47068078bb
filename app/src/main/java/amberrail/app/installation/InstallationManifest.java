package amberrail.app.installation;

import java.time.Instant;
import java.util.List;

/**
 * What an installation's zip says of itself.
 *
 * @param schema of the database it was written from
 */
record InstallationManifest(String format, int version, int schema, Instant madeAt, List<TableFile> tables) {
    static final String FORMAT = "amber-rail-installation";
    static final int VERSION = 1;

    /**
     * One table.
     *
     * @param file    its CSV within the zip
     * @param columns in the order of the file
     * @param rows    without the heading
     * @param sha256  of the file, hexadecimal
     */
    record TableFile(String table, String file, List<String> columns, long rows, String sha256) {}
}
