package amberrail.app.shots;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.AimInterval;
import amberrail.core.simulation.BallTrack;
import amberrail.core.simulation.PathSampler;
import amberrail.core.simulation.PathSegment;
import amberrail.core.simulation.ShotEvent;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the engine says, ready to draw (mm, degrees, s). */
public final class ShotAnswers {
    private ShotAnswers() {}

    /** One stretch of a path: points to join by straight lines. */
    public record StretchView(PathSegment.Phase phase, List<PointView> points) {}

    /** One ball's way. */
    public record TrackView(
            String ball,
            List<StretchView> stretches,
            PointView end,
            @MayBeMissing PocketName pocket) {}

    /** Where a ball met a ball, a cushion or a jaw: its centre at that moment. */
    public record ContactView(Kind kind, String ball, PointView place, double seconds) {
        /** What was met. */
        public enum Kind {
            BALL,
            CUSHION,
            JAW
        }
    }

    /** The launch directions that pot, where a pot was asked. */
    public record AimView(double lowerDegrees, double upperDegrees, double halfWidthMilliradians) {
        public static AimView of(AimInterval aim) {
            return new AimView(aim.lowerDegrees(), aim.upperDegrees(), aim.halfWidthMilliradians());
        }
    }

    /** A whole shot. */
    public record ShotPathView(
            List<TrackView> tracks,
            List<ContactView> contacts,
            double launchDegrees,
            @MayBeMissing AimView aim,
            double endSeconds) {
        public static ShotPathView of(ShotRecord record, double launchDegrees, AimView aim) {
            return new ShotPathView(
                    record.tracks().stream().map(ShotAnswers::track).toList(),
                    record.events().stream()
                            .flatMap(event -> contact(event).stream())
                            .toList(),
                    launchDegrees,
                    aim,
                    record.endSeconds());
        }
    }

    /** How often it worked in simulation, with its standard error. */
    public record SuccessView(int shots, int successes, double probability, double standardError) {
        public static SuccessView of(SuccessRate rate) {
            return new SuccessView(rate.shots(), rate.successes(), rate.probability(), rate.standardError());
        }
    }

    private static TrackView track(BallTrack track) {
        List<StretchView> stretches = new ArrayList<>();
        for (PathSegment segment : track.segments()) {
            boolean moves =
                    segment.phase() == PathSegment.Phase.SLIDING || segment.phase() == PathSegment.Phase.ROLLING;
            if (moves && segment.toSeconds() > segment.fromSeconds()) {
                stretches.add(new StretchView(
                        segment.phase(),
                        PathSampler.points(segment).stream().map(PointView::of).toList()));
            }
        }
        PointView end = PointView.of(Point.ofMetres(track.end().x(), track.end().y()));
        return new TrackView(track.ball(), stretches, end, track.pocket().orElse(null));
    }

    private static Optional<ContactView> contact(ShotEvent event) {
        if (event instanceof ShotEvent.BallsMeet meet) {
            return Optional.of(view(
                    ContactView.Kind.BALL,
                    meet.ball(),
                    meet.before().x(),
                    meet.before().y(),
                    event));
        }
        if (event instanceof ShotEvent.MeetsCushion meet) {
            return Optional.of(view(
                    ContactView.Kind.CUSHION,
                    meet.ball(),
                    meet.before().x(),
                    meet.before().y(),
                    event));
        }
        if (event instanceof ShotEvent.MeetsJaw meet) {
            return Optional.of(view(
                    ContactView.Kind.JAW,
                    meet.ball(),
                    meet.before().x(),
                    meet.before().y(),
                    event));
        }
        return Optional.empty();
    }

    private static ContactView view(ContactView.Kind kind, String ball, double x, double y, ShotEvent event) {
        return new ContactView(kind, ball, PointView.of(Point.ofMetres(x, y)), event.seconds());
    }
}
