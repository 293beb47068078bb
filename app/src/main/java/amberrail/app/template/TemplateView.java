package amberrail.app.template;

import amberrail.app.kit.PointView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.template.TemplateMark.Tip;
import amberrail.app.web.MayBeMissing;
import amberrail.core.statistics.Reason;
import amberrail.core.table.Cushion;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A student's template on one table, newest day first. */
record TemplateView(
        UUID studentId,
        String studentName,
        UUID tableId,
        TableDrawing table,
        List<PredictedMark> predicted,
        List<TemplateDay> days) {
    /** One mark on the nose of its cushion. */
    record MarkView(UUID id, PointView place) {}

    /**
     * The marks of one tip height.
     *
     * @param cushion         that most of them are on; the figures are of these
     * @param elsewhere       marks on another cushion
     * @param mean            place of the mean mark
     * @param lower           end of the mean's 95 % interval; from three marks on
     * @param sdMillimetres   along the cushion, with its 95 % interval
     */
    record TipView(
            Tip tip,
            Cushion cushion,
            int marks,
            int elsewhere,
            PointView mean,
            @MayBeMissing PointView lower,
            @MayBeMissing PointView upper,
            @MayBeMissing Double sdMillimetres,
            @MayBeMissing Double sdLower,
            @MayBeMissing Double sdUpper,
            @MayBeMissing Reason reason,
            List<MarkView> all) {}

    /**
     * Where one tip's mark should be on this table, with this student's own errors.
     *
     * @param lower end of where nine strokes in ten meet the cushion
     */
    record PredictedMark(Tip tip, Cushion cushion, PointView place, PointView lower, PointView upper) {}

    /** Higher than called where positive (mm); clear where it is beyond what chance does. */
    record TipReading(Tip tip, double higherMillimetres, boolean clear) {}

    /** What a day's marks say: harder than called where positive. */
    record ReadingOfDay(double harderPercent, boolean paceClear, List<TipReading> tips) {}

    record TemplateDay(
            LocalDate takenOn,
            List<TipView> tips,
            @MayBeMissing ReadingOfDay reading) {}
}
