package amberrail.app.template;

import amberrail.app.template.TemplateMark.Tip;
import amberrail.app.template.TemplateView.ReadingOfDay;
import amberrail.app.template.TemplateView.TipReading;
import amberrail.core.table.Cushion;
import amberrail.core.table.SightPosition;
import amberrail.core.table.TableSpec;
import amberrail.core.template.CushionMark;
import amberrail.core.template.MarkReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a day's marks say of tip and pace, next to where they should be. */
final class TemplateReadings {
    /** A finger puts a mark no more exactly than this (mm). */
    private static final double PLACING_MILLIMETRES = 8;

    private TemplateReadings() {}

    /** Empty where no mark lies on the cushion that its prediction meets. */
    static Optional<ReadingOfDay> of(List<TemplateMark> marks, Map<Tip, CushionMark> predicted, TableSpec table) {
        List<Tip> tips = new ArrayList<>();
        List<MarkReading.Observed> observed = new ArrayList<>();
        predicted.forEach((tip, mark) -> {
            List<Double> sights = marks.stream()
                    .filter(one -> one.tip() == tip && one.cushion() == mark.cushion())
                    .map(one -> sights(one.cushion(), one.alongMillimetres(), table))
                    .toList();
            if (!sights.isEmpty()) {
                tips.add(tip);
                double mean = sights.stream().mapToDouble(x -> x).average().orElseThrow();
                double placing = sights(mark.cushion(), PLACING_MILLIMETRES, table);
                double standardError = Math.hypot(mark.spreadSights(), placing) / Math.sqrt(sights.size());
                observed.add(new MarkReading.Observed(mark, mean - mark.sights(), standardError));
            }
        });
        if (observed.isEmpty()) {
            return Optional.empty();
        }
        MarkReading reading = MarkReading.of(observed);
        List<TipReading> readings = new ArrayList<>();
        for (int i = 0; i < tips.size(); i++) {
            MarkReading.Deviation tip = reading.tips().get(i);
            readings.add(new TipReading(tips.get(i), tip.amount(), tip.isClear()));
        }
        return Optional.of(new ReadingOfDay(
                reading.pacePercent().amount(), reading.pacePercent().isClear(), readings));
    }

    private static double sights(Cushion cushion, double alongMillimetres, TableSpec table) {
        return cushion.isLong()
                ? alongMillimetres / table.lengthMillimetres() * SightPosition.SIGHTS_ALONG
                : alongMillimetres / table.widthMillimetres() * SightPosition.SIGHTS_ACROSS;
    }
}
