package amberrail.app.installation;

import amberrail.app.storage.SchemaVersions;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.BufferedWriter;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Writes every table as a CSV file and, last, a manifest with counts and checksums. One snapshot of all tables: with a weaker isolation each would be
 * as it was when its turn came, and refer to people who were added since.
 */
final class InstallationZip {
    static final String MANIFEST = "manifest.json";
    static final ObjectMapper JSON =
            JsonMapper.builder().addModule(new JavaTimeModule()).build();
    private static final int FETCHED_AT_ONCE = 1_000;

    private InstallationZip() {}

    static InstallationManifest write(Connection connection, Instant now, OutputStream to)
            throws SQLException, IOException {
        int before = connection.getTransactionIsolation();
        connection.setAutoCommit(false);
        try (Statement statement = connection.createStatement()) {
            statement.execute("set session characteristics as transaction isolation level snapshot");
        }
        List<InstallationManifest.TableFile> files = new ArrayList<>();
        try (ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, List<String>> table :
                    InstallationTables.of(connection).entrySet()) {
                files.add(table(connection, zip, table.getKey(), table.getValue()));
            }
            InstallationManifest manifest = new InstallationManifest(
                    InstallationManifest.FORMAT, InstallationManifest.VERSION, SchemaVersions.newest(), now, files);
            zip.putNextEntry(new ZipEntry(MANIFEST));
            zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
            zip.closeEntry();
            return manifest;
        } finally {
            connection.rollback();
            connection.setTransactionIsolation(before);
            connection.setAutoCommit(true);
        }
    }

    private static InstallationManifest.TableFile table(
            Connection connection, ZipOutputStream zip, String name, List<String> columns)
            throws SQLException, IOException {
        String file = "tables/" + name + ".csv";
        zip.putNextEntry(new ZipEntry(file));
        MessageDigest digest = digest();
        long rows = 0;
        // Closed with the zip and not with the table.
        OutputStream kept = new FilterOutputStream(zip) {
            @Override
            public void write(byte[] bytes, int from, int length) throws IOException {
                out.write(bytes, from, length);
            }

            @Override
            public void close() throws IOException {
                flush();
            }
        };
        try (Writer out = new BufferedWriter(
                        new OutputStreamWriter(new DigestOutputStream(kept, digest), StandardCharsets.UTF_8));
                Statement statement = connection.createStatement()) {
            statement.setFetchSize(FETCHED_AT_ONCE);
            out.write(String.join(",", columns) + "\r\n");
            String asked = columns.stream()
                    .map(column -> InstallationTables.BLANK.contains(name + "." + column)
                            ? "cast(null as varchar)"
                            : '"' + column.toUpperCase() + '"')
                    .collect(Collectors.joining(", "));
            try (ResultSet row = statement.executeQuery(
                    "select " + asked + " from \"" + name.toUpperCase() + "\" order by " + inOrder(columns.size()))) {
                while (row.next()) {
                    for (int i = 1; i <= columns.size(); i++) {
                        out.write(CsvCells.of(row.getObject(i)));
                        out.write(i == columns.size() ? "\r\n" : ",");
                    }
                    rows++;
                }
            }
        }
        zip.closeEntry();
        return new InstallationManifest.TableFile(
                name, file, columns, rows, HexFormat.of().formatHex(digest.digest()));
    }

    /** By every column, so that the same club gives the same files. */
    private static String inOrder(int columns) {
        List<String> numbers = new ArrayList<>();
        for (int i = 1; i <= columns; i++) {
            numbers.add(Integer.toString(i));
        }
        return String.join(", ", numbers);
    }

    static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
