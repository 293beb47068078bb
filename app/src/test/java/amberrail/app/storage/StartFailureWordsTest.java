package amberrail.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;

/** Whatever stops a start says what is wrong, that nothing was changed, and what to do, however deep it is wrapped. */
class StartFailureWordsTest {
    private static final Path FOLDER = Path.of("club", "data");
    private static final Path DATABASE = FOLDER.resolve("amber-rail.mv.db");
    private static final Path KEPT = FOLDER.resolve("before-9.mv.db");

    static Stream<Arguments> failures() {
        Exception broken = new SQLException("statement 3 failed");
        return Stream.of(
                Arguments.of(
                        new DataFolderFailure(),
                        new DataFolderException(FOLDER, new IOException("read-only")),
                        FOLDER.toString(),
                        "--data FOLDER"),
                Arguments.of(
                        new DataInUseFailure(),
                        new SQLException("in use", "90020", 90020),
                        "Another Amber Rail is running",
                        "--data"),
                Arguments.of(
                        new DamagedDatabaseFailure(),
                        new UnopenedDatabaseException(DATABASE, new SQLException("file corrupted")),
                        "damaged",
                        "./amber restore FILE"),
                Arguments.of(
                        new ExchangedDatabaseFailure(),
                        new ExchangedDatabaseException(),
                        "was not changed",
                        "Start again"),
                Arguments.of(
                        new MigrationStoppedFailure(),
                        new MigrationStoppedException(DATABASE, KEPT, broken),
                        "cp '" + KEPT + "' '" + DATABASE + "'",
                        "version of Amber Rail that you used before"),
                Arguments.of(
                        new NewerDataFailure(), new NewerDataException(), "Nothing in it was changed", "newer version"),
                Arguments.of(
                        new VanishedDatabaseFailure(),
                        new VanishedDatabaseException(FOLDER, true),
                        "but not the database amber-rail.mv.db",
                        "last backup"),
                Arguments.of(
                        new VanishedDatabaseFailure(),
                        new VanishedDatabaseException(FOLDER, false),
                        DATABASE + " is empty (0 bytes)",
                        "last backup"));
    }

    @ParameterizedTest
    @MethodSource("failures")
    void whatIsWrongAndWhatToDoAreSaid(FailureAnalyzer analyzer, Exception cause, String said, String advice) {
        Throwable wrapped = new IllegalStateException("context", new RuntimeException("bean", cause));
        FailureAnalysis analysis = analyzer.analyze(wrapped);
        assertThat(analysis).isNotNull();
        assertThat(analysis.getDescription())
                .contains(said)
                .endsWith(analysis.getDescription().contains("cp '") ? "'" : ".");
        assertThat(analysis.getAction()).contains(advice);
    }

    @Test
    void aMigrationThatStoppedBeforeItsCopyNamesNoCopy() {
        FailureAnalysis analysis = new MigrationStoppedFailure()
                .analyze(new MigrationStoppedException(DATABASE, null, new IOException("no space left")));
        assertThat(analysis.getDescription())
                .contains("no space left")
                .contains(DATABASE + " was not touched.")
                .doesNotContain("cp ");
    }

    @Test
    void anyOtherDatabaseErrorIsNotTakenForASecondServer() {
        assertThat(new DataInUseFailure().analyze(new SQLException("syntax", "42000", 42000)))
                .isNull();
    }
}
