package amberrail.app.grades;

import amberrail.app.drills.DrillDraft;
import amberrail.app.drills.DrillLayouts;
import amberrail.app.kit.TableNumbers;
import amberrail.core.drill.Drill;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.TableSpec;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** All that a station's grade depends on, as one short text: shots, table, physics, error sizes, and how it is worked out. */
record GradeQuestion(String digest) {
    /** Raised when engine, recipe solver or grading change what they answer: then every grade is worked out anew. */
    private static final int METHOD = 3;

    static GradeQuestion of(Drill drill, int station, TableSpec table, TableNumbers numbers) {
        String whole = String.join(
                "\n",
                "method " + METHOD,
                DrillDraft.shotsOf(drill, station),
                "side " + drill.sideAllowed(),
                "skill " + drill.primarySkill(),
                "zones " + DrillLayouts.zoneScale(drill, table),
                numbers.write(table),
                TablePhysics.usual(table.kind()).toString(),
                ExecutionErrors.REFERENCE.toString(),
                "strokes " + Grader.STROKES);
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(whole.getBytes(StandardCharsets.UTF_8));
            return new GradeQuestion(HexFormat.of().formatHex(digest));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
