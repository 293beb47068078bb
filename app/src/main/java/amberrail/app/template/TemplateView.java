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
record TemplateView(UUID studentId, String studentName, UUID tableId, TableDrawing table, List<TemplateDay> days) {
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

    record TemplateDay(LocalDate takenOn, List<TipView> tips) {}
}
