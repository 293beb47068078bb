package amberrail.app.installation;

import amberrail.app.installation.InstallationManifest.TableFile;
import amberrail.app.storage.ForeignKeys;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Base64;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/** Reads an installation's zip into a database without any rows: checked before, counted and held to its own references after. */
final class InstallationReader implements AutoCloseable {
    private static final int A_BATCH = 500;

    private final Path file;
    private final ZipFile zip;

    InstallationReader(Path file) throws InstallationRefused {
        this.file = file;
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException e) {
            throw new InstallationRefused(file + " is no zip, or only part of one.", e);
        } catch (IOException e) {
            throw new InstallationRefused(file + " cannot be read: " + e.getMessage() + ".", e);
        }
    }

    /** What it says of itself, after each of its files has been held to its checksum. */
    InstallationManifest checked() throws InstallationRefused, IOException {
        InstallationManifest manifest = manifest();
        for (TableFile table : manifest.tables()) {
            MessageDigest digest = InstallationZip.digest();
            try (InputStream in = new DigestInputStream(open(table.file()), digest)) {
                in.transferTo(OutputStream.nullOutputStream());
            } catch (ZipException e) {
                throw damaged(table, e);
            }
            if (!HexFormat.of().formatHex(digest.digest()).equals(table.sha256())) {
                throw damaged(table, null);
            }
        }
        return manifest;
    }

    private InstallationRefused damaged(TableFile table, Exception cause) {
        return new InstallationRefused(
                file + " is damaged: " + table.file() + " is not what was written. Use another copy.", cause);
    }

    private InstallationManifest manifest() throws InstallationRefused {
        try (InputStream in = open(InstallationZip.MANIFEST)) {
            InstallationManifest manifest = InstallationZip.JSON.readValue(in, InstallationManifest.class);
            if (!InstallationManifest.FORMAT.equals(manifest.format())) {
                throw new InstallationRefused(file + " is no installation of Amber Rail.", null);
            }
            if (manifest.version() > InstallationManifest.VERSION) {
                throw new InstallationRefused(
                        file + " was written by a newer Amber Rail. Install that version, then read it.", null);
            }
            return manifest;
        } catch (IOException e) {
            throw new InstallationRefused(file + " is no installation of Amber Rail.", e);
        }
    }

    private InputStream open(String name) throws InstallationRefused, IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new InstallationRefused(
                    file + " has no file " + name + ": it is no installation of Amber Rail.", null);
        }
        return zip.getInputStream(entry);
    }

    /** All or nothing is the caller's: it gives a database that is thrown away where this fails. */
    void into(Connection connection, InstallationManifest manifest)
            throws InstallationRefused, IOException, SQLException {
        Map<String, List<String>> known = InstallationTables.of(connection);
        try (Statement statement = connection.createStatement()) {
            statement.execute("set referential_integrity false");
            // What a new schema begins with comes from the file like everything else.
            for (String table : known.keySet()) {
                statement.execute("delete from \"" + table.toUpperCase() + "\"");
            }
        }
        connection.setAutoCommit(false);
        for (TableFile table : manifest.tables()) {
            List<String> columns = known.get(table.table());
            if (columns == null || !columns.containsAll(table.columns())) {
                throw new InstallationRefused(
                        file + " holds " + table.table() + ", which its version of Amber Rail does not have.", null);
            }
            long rows = table(connection, table);
            connection.commit();
            if (rows != table.rows()) {
                throw new InstallationRefused(
                        file + " says " + table.rows() + " lines of " + table.table() + " and has " + rows + ".", null);
            }
        }
        connection.setAutoCommit(true);
        requireWhole(connection);
        try (Statement statement = connection.createStatement()) {
            statement.execute("set referential_integrity true");
        }
    }

    private long table(Connection connection, TableFile table) throws InstallationRefused, IOException, SQLException {
        Map<String, String> types = types(connection, table.table());
        String insert = "insert into \"" + table.table().toUpperCase() + "\" ("
                + table.columns().stream()
                        .map(column -> '"' + column.toUpperCase() + '"')
                        .collect(Collectors.joining(", "))
                + ") overriding system value values ("
                + table.columns().stream().map(column -> "?").collect(Collectors.joining(", ")) + ")";
        long rows = 0;
        try (Reader in = new BufferedReader(new InputStreamReader(open(table.file()), StandardCharsets.UTF_8));
                PreparedStatement statement = connection.prepareStatement(insert)) {
            CsvCells.next(in);
            Optional<List<Optional<String>>> line = CsvCells.next(in);
            while (line.isPresent()) {
                List<Optional<String>> cells = line.get();
                if (cells.size() != table.columns().size()) {
                    throw new InstallationRefused(
                            table.file() + ", line " + (rows + 2) + ": has " + cells.size() + " values, not "
                                    + table.columns().size() + ".",
                            null);
                }
                for (int i = 0; i < cells.size(); i++) {
                    boolean binary = types.get(table.columns().get(i)).startsWith("BINARY");
                    Optional<String> cell = cells.get(i);
                    statement.setObject(
                            i + 1,
                            binary ? cell.map(Base64.getDecoder()::decode).orElse(null) : cell.orElse(null));
                }
                statement.addBatch();
                rows++;
                if (rows % A_BATCH == 0) {
                    statement.executeBatch();
                }
                line = CsvCells.next(in);
            }
            statement.executeBatch();
        }
        return rows;
    }

    private static Map<String, String> types(Connection connection, String table) throws SQLException {
        Map<String, String> types = new HashMap<>();
        try (ResultSet row = connection.getMetaData().getColumns(null, "PUBLIC", table.toUpperCase(), null)) {
            while (row.next()) {
                types.put(row.getString("COLUMN_NAME").toLowerCase(), row.getString("TYPE_NAME"));
            }
        }
        return types;
    }

    /** Nothing refers to what is not there. */
    private void requireWhole(Connection connection) throws InstallationRefused, SQLException {
        Map<String, Long> broken = ForeignKeys.broken(connection);
        if (!broken.isEmpty()) {
            throw new InstallationRefused(
                    file + ": lines refer to what is not in it, "
                            + broken.entrySet().stream()
                                    .map(one -> one.getValue() + " by " + one.getKey())
                                    .collect(Collectors.joining(", "))
                            + ".",
                    null);
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
