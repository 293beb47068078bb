package amberrail.app.kitcheck;

import amberrail.app.kit.KitViews.FigureView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.kit.CheckPlaces;
import amberrail.core.kit.CheckProgress;
import amberrail.core.kit.KitEffect;
import amberrail.core.kit.TableFigure;
import amberrail.core.kit.TableVerdict;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** What is told of a check. */
final class CheckViews {
    private CheckViews() {}

    /**
     * A slip that would explain a reading.
     *
     * @param field    of the reading
     * @param factor   by which it was wrong
     * @param mended   as it would be right
     */
    record MendView(String field, double factor, double mended) {}

    /**
     * Why somebody is asked about a reading.
     *
     * @param expectedSeconds of a roll over that distance, as the others say
     * @param beyondCushion   whether it is farther than the bed goes on
     */
    record DoubtView(
            double standardDeviations,
            @MayBeMissing MendView mend,
            @MayBeMissing Double expectedSeconds,
            boolean beyondCushion) {}

    /** A reading as it stands; metres from the SW corner. */
    record ReadingView(
            UUID id,
            CheckPlaces.Kind kind,
            double xMetres,
            double yMetres,
            double directionDegrees,
            double seconds,
            @MayBeMissing Double metres,
            @MayBeMissing Double asideMillimetres,
            @MayBeMissing Double tipSideMillimetres,
            boolean confirmed,
            boolean withdrawn,
            @MayBeMissing String by,
            Instant takenAt,
            @MayBeMissing DoubtView doubt) {}

    /** A place to do a try from; {@code aheadMetres} is how far the nose is that the ball goes to. */
    record CheckPlaceView(
            CheckPlaces.Kind kind,
            double alongSights,
            double acrossSights,
            double xMetres,
            double yMetres,
            double directionDegrees,
            double aheadMetres) {}

    /** A number as the check has it so far, as a coach would say it, as everything is predicted with now, and as is usual. */
    record FoundRow(
            TableFigure number,
            FigureView found,
            FigureView said,
            FigureView nowSaid,
            FigureView usualSaid,
            boolean told,
            boolean goodEnough) {}

    /** What to do next on a table. */
    record NextTry(CheckPlaceView place, TableFigure number, CheckProgress.Why why, int moreTries) {}

    /** What a table's check has found. */
    record TableFound(
            List<FoundRow> numbers,
            @MayBeMissing NextTry next,
            boolean anythingTold,
            TableVerdict verdict,
            List<KitEffect> effects) {}

    /** A stroke to make with the cue. */
    record CueStrokeView(double tipSideMillimetres, boolean firm) {}

    /** What a cue's check has found. */
    record CueFound(
            FigureView endMassRatio,
            FigureView elevationDegrees,
            boolean told,
            boolean goodEnough,
            @MayBeMissing CueStrokeView next,
            List<CueStrokeView> strokes) {}

    /**
     * A check.
     *
     * @param thingVersion of the table or the cue, for taking what was found
     * @param people       who has written readings down
     * @param mayTake      whether this person may say that it holds from now on
     */
    record KitCheckView(
            UUID id,
            UUID tableId,
            String tableName,
            @MayBeMissing UUID cueId,
            @MayBeMissing String cueName,
            int thingVersion,
            Instant begunAt,
            @MayBeMissing Instant closedAt,
            boolean taken,
            boolean mayTake,
            List<String> people,
            List<ReadingView> readings,
            List<CheckPlaceView> places,
            @MayBeMissing TableFound table,
            @MayBeMissing CueFound cue) {}

    /** A check in the list of a thing's. */
    record CheckRow(
            UUID id,
            UUID tableId,
            Instant begunAt,
            @MayBeMissing Instant closedAt,
            boolean taken,
            @MayBeMissing String by,
            long readings) {}
}
