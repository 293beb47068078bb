package amberrail.e2e.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.DataInputStream;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** The archive with which ./amber starts the server. */
class ClassDataArchiveTest {
    /** The first four bytes of an archive made by {@code -Xshare:dump}; one made at the end of a run begins otherwise (JDK 17, cds.h). */
    private static final int MADE_FROM_A_LIST = 0xf00baba2;

    /** Made at the end of a run it would keep methods from ever being compiled (decision 31). */
    @Test
    void itIsMadeFromAListOfClasses() throws IOException {
        try (DataInputStream archive = new DataInputStream(Files.newInputStream(ExtractedJar.archive()))) {
            assertThat(Integer.toHexString(Integer.reverseBytes(archive.readInt())))
                    .isEqualTo(Integer.toHexString(MADE_FROM_A_LIST));
        }
    }

    /** With {@code -Xshare:auto} a server starts without it and says nothing: here it must be taken. */
    @Test
    void javaTakesItWithTheJarThatItIsMadeFor() throws IOException {
        Process java = new ProcessBuilder(
                        ExtractedJar.java(),
                        "-XX:+UseSerialGC",
                        "-Xshare:on",
                        "-XX:SharedArchiveFile=" + ExtractedJar.archive(),
                        "-cp",
                        ExtractedJar.path().toString(),
                        "-version")
                .redirectErrorStream(true)
                .start();
        String said = new String(java.getInputStream().readAllBytes());
        assertThat(java.onExit().join().exitValue()).as(said).isZero();
    }
}
