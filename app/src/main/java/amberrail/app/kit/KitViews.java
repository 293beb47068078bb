package amberrail.app.kit;

import amberrail.app.web.MayBeMissing;
import amberrail.core.kit.Estimated;
import amberrail.core.kit.TableFigure;
import amberrail.core.kit.TableVerdict;
import amberrail.core.table.TableKind;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What is told of the club's kit. */
public final class KitViews {
    private KitViews() {}

    /** All that the club has. */
    record KitView(List<KitTableRow> tables, List<BallsRow> ballSets, List<CueRow> cues, List<PresetRow> presets) {}

    /** A sort of table that can be added. */
    record PresetRow(String id, TableKind kind, double lengthMillimetres) {}

    /**
     * A table in the list.
     *
     * @param source  where its numbers come from
     * @param since   from when they hold; left out while they are the preset's
     * @param verdict what they mean
     */
    record KitTableRow(
            UUID id,
            String name,
            String presetId,
            TableKind kind,
            boolean archived,
            @MayBeMissing String clothName,
            @MayBeMissing LocalDate clothFittedOn,
            FigureSource source,
            @MayBeMissing Instant since,
            @MayBeMissing Instant lastChecked,
            @MayBeMissing TableVerdict verdict) {}

    /** A ball set. */
    record BallsRow(UUID id, String name, int version, boolean archived, BallsView balls) {}

    /** Sizes (mm) and masses (kg). */
    record BallsView(
            double cueBallDiameterMillimetres,
            double cueBallMassKilograms,
            double objectBallDiameterMillimetres,
            double objectBallMassKilograms) {}

    /**
     * A cue.
     *
     * @param mayChange               whether this person may
     * @param squirtDegrees           by which it sends a pool ball off its line with the tip {@code squirtOffsetMillimetres} off centre
     */
    record CueRow(
            UUID id,
            String name,
            int version,
            boolean archived,
            @MayBeMissing UUID ownerId,
            @MayBeMissing String ownerName,
            boolean mayChange,
            FigureSource source,
            @MayBeMissing Instant since,
            double tipDiameterMillimetres,
            double squirtOffsetMillimetres,
            double squirtDegrees,
            FigureView endMassRatio,
            FigureView elevationDegrees) {}

    /** A number with its 90 % interval. */
    public record FigureView(double figure, double lower, double upper) {
        public static FigureView of(Estimated one) {
            return new FigureView(
                    one.value(), one.interval().lower(), one.interval().upper());
        }
    }

    /**
     * A number of a table beside the preset's.
     *
     * @param now    as the engine has it
     * @param said   the same as a coach would say it: metres from 1 m/s, per cent, mm over one table length
     * @param preset what is usual for its kind, said likewise
     * @param told   whether anybody has measured it
     */
    record NumberRow(TableFigure number, FigureView now, FigureView said, FigureView preset, boolean told) {}

    /** One set of numbers in a table's history, newest first; {@code since} is left out of what held from the beginning. */
    record SetRow(
            UUID id,
            FigureSource source,
            @MayBeMissing Instant since,
            @MayBeMissing String note,
            @MayBeMissing UUID checkId,
            @MayBeMissing String by,
            List<NumberRow> numbers,
            TableVerdict verdict,
            boolean current) {}

    /** A table with all that is known of it. */
    record KitTablePage(
            UUID id,
            String name,
            String presetId,
            int version,
            boolean archived,
            @MayBeMissing String clothName,
            @MayBeMissing LocalDate clothFittedOn,
            @MayBeMissing Nap nap,
            double cornerMouthMillimetres,
            double sideMouthMillimetres,
            double noseHeightMillimetres,
            TableDrawing drawing,
            List<NumberRow> numbers,
            TableVerdict verdict,
            List<SetRow> history) {}

    /**
     * One set of numbers of a cue, newest first; {@code since} is left out of what held from the beginning.
     */
    record CueSetRow(
            FigureSource source,
            @MayBeMissing Instant since,
            @MayBeMissing String by,
            @MayBeMissing UUID checkId,
            double tipDiameterMillimetres,
            FigureView endMassRatio,
            FigureView elevationDegrees) {}

    /** One set of numbers of a ball set, likewise. */
    record BallsSetRow(
            FigureSource source,
            @MayBeMissing Instant since,
            @MayBeMissing String by,
            BallsView balls) {}

    /** What was made or changed. */
    record Made(UUID id) {}
}
