package amberrail.app.review;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.statistics.BiasTest;
import amberrail.core.statistics.Dispersion;
import amberrail.core.statistics.Estimate;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Offset;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.Spread;
import amberrail.core.statistics.SpreadEllipse;

/** Core's statistics as they are sent: a figure that cannot be given is left out and its reason is there. */
public final class Figures {
    private Figures() {}

    /** A share with its interval. */
    public record ShareView(
            int successes,
            int trials,
            @MayBeMissing Double rate,
            double lower,
            double upper,
            @MayBeMissing Reason reason) {
        static ShareView of(Proportion share) {
            return new ShareView(
                    share.successes(),
                    share.trials(),
                    share.rate().value().orElse(null),
                    share.interval().lower(),
                    share.interval().upper(),
                    share.rate().reason().orElse(null));
        }
    }

    /** A range at 95 %. */
    public record IntervalView(double lower, double upper) {
        static IntervalView of(Interval interval) {
            return new IntervalView(interval.lower(), interval.upper());
        }
    }

    /** An ellipse around the mean. */
    public record EllipseView(double semiMajorMillimetres, double semiMinorMillimetres, double angleDegrees) {
        static EllipseView of(SpreadEllipse ellipse) {
            return new EllipseView(
                    ellipse.semiMajorMillimetres(), ellipse.semiMinorMillimetres(), ellipse.angleDegrees());
        }
    }

    /** Mean landing on the cloth, and bias: left out where there is no target. */
    public record OffsetView(
            PointView mean,
            @MayBeMissing Double biasLineMillimetres,
            @MayBeMissing Double biasSpeedMillimetres,
            @MayBeMissing Double radialMeanMillimetres,
            @MayBeMissing Double radialMedianMillimetres) {
        static OffsetView of(boolean hasTarget, Point mean, Offset offset) {
            if (!hasTarget) {
                return new OffsetView(PointView.of(mean), null, null, null, null);
            }
            return new OffsetView(
                    PointView.of(mean),
                    offset.biasLineMillimetres(),
                    offset.biasSpeedMillimetres(),
                    offset.radialMeanMillimetres(),
                    offset.radialMedianMillimetres());
        }
    }

    /** Standard deviations with their intervals. */
    public record SpreadView(
            double sdLineMillimetres,
            double sdSpeedMillimetres,
            @MayBeMissing IntervalView sdLineInterval,
            @MayBeMissing IntervalView sdSpeedInterval,
            IntervalView biasLineInterval,
            IntervalView biasSpeedInterval) {
        static SpreadView of(Spread spread) {
            return new SpreadView(
                    spread.sdLineMillimetres(),
                    spread.sdSpeedMillimetres(),
                    spread.sdLineInterval().map(IntervalView::of).orElse(null),
                    spread.sdSpeedInterval().map(IntervalView::of).orElse(null),
                    IntervalView.of(spread.biasLineInterval()),
                    IntervalView.of(spread.biasSpeedInterval()));
        }
    }

    /** A detail: whether the mean lies off the target, which is no fault of the student's where the stroke itself lands off it. */
    public record OffTargetView(double p, boolean off) {
        static OffTargetView of(BiasTest test) {
            return new OffTargetView(test.p(), test.offTarget());
        }
    }

    /** Everything about where the landings of made pots lie. */
    public record DispersionView(
            int landings,
            @MayBeMissing OffsetView offset,
            @MayBeMissing SpreadView spread,
            @MayBeMissing EllipseView spread50,
            @MayBeMissing EllipseView spread95,
            @MayBeMissing EllipseView meanEllipse,
            @MayBeMissing OffTargetView offTarget,
            @MayBeMissing Reason reason) {
        /**
         * @param dispersion of the landings, each along its own line of arrival
         * @param onTheCloth of the places where they were marked, for what is drawn
         */
        static DispersionView of(ShotLayout layout, Dispersion dispersion, Dispersion onTheCloth) {
            return new DispersionView(
                    dispersion.landings(),
                    orNull(dispersion
                            .offset()
                            .map(offset -> OffsetView.of(
                                    layout.hasTarget(),
                                    onTheCloth.offset().value().orElse(offset).mean(),
                                    offset))),
                    orNull(dispersion.spread().map(SpreadView::of)),
                    orNull(onTheCloth.spread50().map(EllipseView::of)),
                    orNull(onTheCloth.spread95().map(EllipseView::of)),
                    orNull(onTheCloth.meanEllipse().map(EllipseView::of)),
                    layout.hasTarget() ? orNull(dispersion.biasTest().map(OffTargetView::of)) : null,
                    dispersion.reason().orElse(null));
        }
    }

    private static <T> T orNull(Estimate<T> estimate) {
        return estimate.value().orElse(null);
    }
}
