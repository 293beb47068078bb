package amberrail.app.report;

import amberrail.app.kit.PointView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.paper.Canvas.Ink;
import amberrail.app.paper.Canvas.Stroke;
import amberrail.app.paper.PaperSize;
import amberrail.app.paper.PaperText;
import amberrail.app.paper.PaperType;
import amberrail.app.paper.PdfCanvas;
import amberrail.app.progress.NextStationsView;
import amberrail.app.progress.ProgressView;
import amberrail.app.progress.ProgressView.AbilityPoint;
import amberrail.app.progress.ProgressView.SkillProgress;
import amberrail.app.progress.ProgressView.StationProgress;
import amberrail.app.racks.RackSummary;
import amberrail.app.review.ReviewView;
import amberrail.core.grading.Band;
import amberrail.core.statistics.GradeScale;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The report: abilities, maps of the newest practice, what next, the coach's note; on a second page the stations. */
final class StudentReport {
    private static final double TITLE_POINTS = 20;
    private static final double HEAD_POINTS = 12;
    private static final double TEXT_POINTS = 9.5;
    private static final double NAME_SHARE = 0.13;
    private static final double SCALE_SHARE = 0.42;
    private static final double ROW_MILLIMETRES = 7.5;
    private static final double GAP_MILLIMETRES = 6;
    private static final int MOST_NEXT = 4;
    private static final int MOST_STATIONS = 30;
    private static final double WOOD_MILLIMETRES = 90;

    private final ReportWords words;
    private final PaperSize paper;
    private final double left;
    private final double width;

    /** All that is printed. */
    record Contents(
            ProgressView progress,
            NextStationsView next,
            List<ReviewView> maps,
            Optional<RackSummary.Line> racks,
            String coachNote,
            String coachName,
            LocalDate today) {}

    StudentReport(ReportWords words, PaperSize paper) {
        this.words = words;
        this.paper = paper;
        left = PaperSize.MARGIN_MILLIMETRES + 2;
        width = paper.widthMillimetres - 2 * left;
    }

    byte[] pdf(Contents contents) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation()
                    .setTitle(words.of("title", contents.progress().studentName()));
            PaperType type = PaperType.in(document);
            firstPage(document, type, contents);
            if (!contents.progress().stations().isEmpty()) {
                secondPage(document, type, contents);
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private void firstPage(PDDocument document, PaperType type, Contents contents) throws IOException {
        try (PDPageContentStream stream = page(document)) {
            PaperText text = new PaperText(type, stream);
            ProgressView progress = contents.progress();
            double y = paper.heightMillimetres - PaperSize.MARGIN_MILLIMETRES - 9;
            text.line(text.bold, TITLE_POINTS, left, y, progress.studentName());
            y = text.paragraph(text.plain, TEXT_POINTS, left, y - 7, width, words.heading(progress, contents.today()));
            if (progress.overall() != null) {
                y = text.paragraph(text.bold, HEAD_POINTS, left, y - 3, width, words.overall(progress.overall()));
            }
            // What matters first: the coach's own words, then what to do.
            if (!contents.coachNote().isBlank()) {
                text.line(text.bold, HEAD_POINTS, left, y - 3, words.of("from", contents.coachName()));
                y = text.paragraph(text.plain, TEXT_POINTS + 0.5, left, y - 9, width, contents.coachNote());
            }
            if (contents.racks().isPresent()) {
                y = text.paragraph(
                        text.plain,
                        TEXT_POINTS,
                        left,
                        y - 3,
                        width,
                        words.racks(contents.racks().get()));
            }
            y = next(text, contents.next(), y - 4);
            y = abilities(stream, text, progress.skills(), y - 1);
            maps(stream, text, contents.maps(), y - 3);
        }
    }

    private PDPageContentStream page(PDDocument document) throws IOException {
        PDPage page = new PDPage(paper.rectangle());
        document.addPage(page);
        return new PDPageContentStream(document, page);
    }

    private double abilities(PDPageContentStream stream, PaperText text, List<SkillProgress> skills, double top)
            throws IOException {
        if (skills.isEmpty()) {
            return top;
        }
        double y = top;
        text.line(text.bold, HEAD_POINTS, left, y, words.say("ability"));
        y -= 6;
        PdfCanvas canvas = new PdfCanvas(stream, text.plain, 0, 0, 1);
        double from = left + NAME_SHARE * width;
        double scale = SCALE_SHARE * width;
        for (Band band : Band.values()) {
            double x = from + scale * band.from() / GradeScale.HIGHEST;
            text.line(text.plain, TEXT_POINTS - 2.5, x, y, words.band(band));
            canvas.line(
                    List.of(new PointView(x, y - 1.5), new PointView(x, y - 1.5 - ROW_MILLIMETRES * skills.size())),
                    false,
                    Stroke.solid(Ink.GREY, 0.15));
        }
        y -= 6;
        for (SkillProgress skill : skills) {
            ability(canvas, text, skill, from, scale, y);
            y -= ROW_MILLIMETRES;
        }
        return y;
    }

    private void ability(PdfCanvas canvas, PaperText text, SkillProgress skill, double from, double scale, double y)
            throws IOException {
        text.line(text.plain, TEXT_POINTS, left, y, words.skill(skill.skill()));
        if (skill.points().isEmpty()) {
            return;
        }
        AbilityPoint now = skill.points().get(skill.points().size() - 1);
        double middle = y + 1.1;
        double low =
                from + scale * Math.max(GradeScale.LOWEST, now.grade() - 1.96 * now.gradeSe()) / GradeScale.HIGHEST;
        double high =
                from + scale * Math.min(GradeScale.HIGHEST, now.grade() + 1.96 * now.gradeSe()) / GradeScale.HIGHEST;
        canvas.line(
                List.of(new PointView(low, middle), new PointView(high, middle)), false, Stroke.solid(Ink.BLACK, 0.4));
        canvas.circle(new PointView(from + scale * now.grade() / GradeScale.HIGHEST, middle), 1.3, Ink.BLACK, null);
        double x = from + scale + 3;
        text.line(
                text.bold,
                TEXT_POINTS,
                x,
                y + 1.6,
                ReportWords.whole(now.grade()) + " ± " + ReportWords.whole(1.96 * now.gradeSe()));
        text.line(text.plain, TEXT_POINTS - 2, x, y - 1.8, words.change(skill));
    }

    private void maps(PDPageContentStream stream, PaperText text, List<ReviewView> maps, double top)
            throws IOException {
        if (maps.isEmpty()) {
            return;
        }
        text.line(text.bold, HEAD_POINTS, left, top, words.say("maps"));
        int columns = Math.max(2, maps.size());
        double each = (width - (columns - 1) * GAP_MILLIMETRES) / columns;
        double lowest = top;
        for (int i = 0; i < maps.size(); i++) {
            ReviewView map = maps.get(i);
            TableDrawing table = map.table();
            double x = left + i * (each + GAP_MILLIMETRES);
            double margin = table.cushionDepthMillimetres() + WOOD_MILLIMETRES;
            double scale = each / (table.lengthMillimetres() + 2 * margin);
            double height = scale * (table.widthMillimetres() + 2 * margin);
            double y = top - 4 - height;
            ReportMap.draw(new PdfCanvas(stream, text.bold, x + scale * margin, y + scale * margin, scale), map);
            y = caption(text, map, x, each, y - 4);
            lowest = Math.min(lowest, y);
        }
        text.paragraph(text.plain, TEXT_POINTS - 2, left, lowest, width, words.say("mapMarks"));
    }

    private double caption(PaperText text, ReviewView map, double x, double each, double top) throws IOException {
        double y = text.paragraph(text.bold, TEXT_POINTS - 1, x, top, each, words.map(title(map), map));
        StringBuilder figures = new StringBuilder(words.share("potted", map.potted()));
        if (map.inZone() != null) {
            figures.append("; ").append(words.share("inZone", map.inZone()));
        }
        figures.append(". ");
        // Strokes that differ on purpose have no spread and no bias of their own.
        if (map.explored() != null) {
            return text.paragraph(text.plain, TEXT_POINTS - 1, x, y, each, figures.toString());
        }
        if (map.dispersion().spread() != null) {
            figures.append(words.spread(map.dispersion().spread())).append(" ");
        }
        if (map.findings().against() != null && map.findings().against().real()) {
            figures.append(words.bias(map.findings().against()));
        }
        return text.paragraph(text.plain, TEXT_POINTS - 1, x, y, each, figures.toString());
    }

    private static String title(ReviewView map) {
        return map.session().drills().stream()
                .filter(drill -> drill.id().equals(map.drillId()))
                .findFirst()
                .orElseThrow()
                .title();
    }

    private double next(PaperText text, NextStationsView next, double top) throws IOException {
        boolean anyTried = next.stations().stream().anyMatch(one -> !one.skillUntried());
        List<String> steps = next.stations().stream()
                .filter(one -> one.inBand() && (!one.skillUntried() || !anyTried))
                .sorted(Comparator.comparing((NextStationsView.NextStationView one) -> one.studentTries() == 0)
                        .thenComparing(one -> -one.studentTries()))
                .limit(MOST_NEXT)
                .map(words::next)
                .toList();
        if (steps.isEmpty()) {
            return top;
        }
        text.line(text.bold, HEAD_POINTS, left, top, words.say("next"));
        double y = top - 6;
        for (String step : steps) {
            y = text.paragraph(text.plain, TEXT_POINTS, left, y, width, "· " + step);
        }
        return y - 3;
    }

    private void secondPage(PDDocument document, PaperType type, Contents contents) throws IOException {
        try (PDPageContentStream stream = page(document)) {
            PaperText text = new PaperText(type, stream);
            double y = paper.heightMillimetres - PaperSize.MARGIN_MILLIMETRES - 9;
            text.line(
                    text.bold,
                    HEAD_POINTS,
                    left,
                    y,
                    words.of("stations", contents.progress().studentName()));
            y -= 8;
            List<StationProgress> stations = contents.progress().stations();
            for (StationProgress one : stations.subList(0, Math.min(MOST_STATIONS, stations.size()))) {
                text.line(text.bold, TEXT_POINTS, left, y, words.stationName(one));
                text.line(text.plain, TEXT_POINTS, left + 0.55 * width, y, words.trend(one));
                y -= ROW_MILLIMETRES;
            }
            if (stations.size() > MOST_STATIONS) {
                text.line(text.plain, TEXT_POINTS, left, y, words.more(stations.size() - MOST_STATIONS));
                y -= ROW_MILLIMETRES;
            }
            text.paragraph(text.plain, TEXT_POINTS - 2, left, y, width, words.say("manyVerdicts"));
        }
    }
}
