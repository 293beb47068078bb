package amberrail.app.template;

import amberrail.app.kit.KitService;
import amberrail.app.kit.PointView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.template.TemplateMark.Tip;
import amberrail.app.template.TemplateView.MarkView;
import amberrail.app.template.TemplateView.PredictedMark;
import amberrail.app.template.TemplateView.ReadingOfDay;
import amberrail.app.template.TemplateView.TemplateDay;
import amberrail.app.template.TemplateView.TipReading;
import amberrail.app.template.TemplateView.TipView;
import amberrail.app.web.Missing;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.MeanAndSpread;
import amberrail.core.statistics.Proportion;
import amberrail.core.table.Cushion;
import amberrail.core.table.SightPosition;
import amberrail.core.table.TableSpec;
import amberrail.core.template.CushionMark;
import amberrail.core.template.MarkReading;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes marks and says where each stroke meets the cushion on average, and how surely. */
@Service
@Transactional
class TemplateService {
    /** A tap further from every cushion than this is no mark on one. */
    private static final double REACH_MILLIMETRES = 200;

    private static final int MOST_MARKS_A_DAY = 300;
    /** Standard deviations to either side that hold nine in ten. */
    private static final double NINE_IN_TEN = 1.645;

    private final TemplateMarks marks;
    private final KitService kit;
    private final PeopleService people;
    private final Access access;
    private final Clock clock;

    TemplateService(TemplateMarks marks, KitService kit, PeopleService people, Access access, Clock clock) {
        this.marks = marks;
        this.kit = kit;
        this.people = people;
        this.access = access;
        this.clock = clock;
    }

    /** The table that was asked for, else that of the newest marks. */
    @Transactional(readOnly = true)
    public KitService.ClubTable tableFor(SignedIn who, UUID studentId, Optional<UUID> tableId) {
        access.requireStudent(who, studentId);
        return tableId.or(() ->
                        marks.of(studentId).stream().map(TemplateMark::tableId).findFirst())
                .map(kit::table)
                .orElseGet(() -> kit.tables().get(0));
    }

    /** {@code predicted}: where the marks should be on that table. */
    @Transactional(readOnly = true)
    public TemplateView of(SignedIn who, UUID studentId, KitService.ClubTable table, Map<Tip, CushionMark> predicted) {
        access.requireStudent(who, studentId);
        List<TemplateMark> all = marks.of(studentId);
        Map<LocalDate, List<TemplateMark>> days = new LinkedHashMap<>();
        all.stream()
                .filter(mark -> mark.tableId().equals(table.id()))
                .forEach(mark -> days.computeIfAbsent(mark.takenOn(), k -> new ArrayList<>())
                        .add(mark));
        return new TemplateView(
                studentId,
                people.person(studentId).name(),
                table.id(),
                TableDrawing.of(table.spec()),
                predicted.entrySet().stream()
                        .map(mark -> view(mark.getKey(), mark.getValue(), table.spec()))
                        .toList(),
                days.entrySet().stream()
                        .map(day -> new TemplateDay(
                                day.getKey(),
                                tips(day.getValue(), table.spec()),
                                reading(day.getValue(), predicted, table.spec())))
                        .toList());
    }

    /** The tap's nearest cushion takes the mark, today. */
    public void add(SignedIn who, UUID studentId, UUID tableId, Tip tip, Point tapped) {
        access.requireStudent(who, studentId);
        TableSpec table = kit.table(tableId).spec();
        Cushion nearest = Stream.of(Cushion.values())
                .min(Comparator.comparing(cushion -> Math.abs(cushion.distanceMillimetres(tapped, table))))
                .orElseThrow();
        boolean isLong = nearest.isLong();
        double along = isLong ? tapped.xMillimetres() : tapped.yMillimetres();
        double length = isLong ? table.lengthMillimetres() : table.widthMillimetres();
        boolean near = Math.abs(nearest.distanceMillimetres(tapped, table)) <= REACH_MILLIMETRES;
        if (!near || along < 0 || along > length) {
            throw new InvalidInputException(
                    ProblemCode.OFF_THE_TABLE,
                    "place",
                    "(" + Math.round(tapped.xMillimetres()) + ", " + Math.round(tapped.yMillimetres()) + ") mm",
                    "must be at a cushion");
        }
        LocalDate today = LocalDate.ofInstant(Instant.now(clock), ZoneOffset.UTC);
        long before = marks.of(studentId).stream()
                .filter(mark -> mark.takenOn().equals(today))
                .count();
        Require.between("marks", (int) before + 1, 1, MOST_MARKS_A_DAY);
        marks.add(studentId, new TemplateMark(UUID.randomUUID(), tableId, today, tip, nearest, along), who.accountId());
    }

    public void remove(SignedIn who, UUID studentId, UUID id) {
        access.requireStudent(who, studentId);
        if (!marks.remove(studentId, id)) {
            throw new Missing("mark");
        }
    }

    private static List<TipView> tips(List<TemplateMark> ofDay, TableSpec table) {
        Map<Tip, List<TemplateMark>> byTip = new EnumMap<>(Tip.class);
        ofDay.forEach(mark ->
                byTip.computeIfAbsent(mark.tip(), k -> new ArrayList<>()).add(mark));
        return byTip.entrySet().stream()
                .map(one -> tip(one.getKey(), one.getValue(), table))
                .toList();
    }

    private static TipView tip(Tip tip, List<TemplateMark> ofTip, TableSpec table) {
        Map<Cushion, List<TemplateMark>> byCushion = new EnumMap<>(Cushion.class);
        ofTip.forEach(mark -> byCushion
                .computeIfAbsent(mark.cushion(), k -> new ArrayList<>())
                .add(mark));
        Map.Entry<Cushion, List<TemplateMark>> most = byCushion.entrySet().stream()
                .max(Comparator.comparing(one -> one.getValue().size()))
                .orElseThrow();
        Cushion cushion = most.getKey();
        MeanAndSpread along = MeanAndSpread.of(
                most.getValue().stream().map(TemplateMark::alongMillimetres).toList(), Proportion.DEFAULT_LEVEL);
        Optional<Interval> mean = along.meanInterval();
        return new TipView(
                tip,
                cushion,
                along.n(),
                ofTip.size() - along.n(),
                place(cushion, along.mean().orElseThrow(), table),
                mean.map(x -> place(cushion, x.lower(), table)).orElse(null),
                mean.map(x -> place(cushion, x.upper(), table)).orElse(null),
                along.sd().orElse(null),
                along.sdInterval().map(Interval::lower).orElse(null),
                along.sdInterval().map(Interval::upper).orElse(null),
                along.reason().orElse(null),
                ofTip.stream()
                        .map(mark -> new MarkView(mark.id(), place(mark.cushion(), mark.alongMillimetres(), table)))
                        .toList());
    }

    /** What a day's marks say of tip and pace; null where nothing is predicted for them. */
    private static ReadingOfDay reading(List<TemplateMark> ofDay, Map<Tip, CushionMark> predicted, TableSpec table) {
        return MarkReading.of(
                        ofDay.stream()
                                .map(mark ->
                                        new MarkReading.Mark<>(mark.tip(), mark.cushion(), mark.alongMillimetres()))
                                .toList(),
                        predicted,
                        table)
                .map(of -> new ReadingOfDay(
                        of.pacePercent().amount(),
                        of.pacePercent().isClear(),
                        of.tips().entrySet().stream()
                                .map(tip -> new TipReading(
                                        tip.getKey(),
                                        tip.getValue().amount(),
                                        tip.getValue().isClear()))
                                .toList()))
                .orElse(null);
    }

    private static PredictedMark view(Tip tip, CushionMark mark, TableSpec table) {
        double half = NINE_IN_TEN * mark.spreadSights();
        return new PredictedMark(
                tip,
                mark.cushion(),
                PointView.of(mark.cushion().nosePoint(mark.sights(), table)),
                PointView.of(mark.cushion().nosePoint(mark.sights() - half, table)),
                PointView.of(mark.cushion().nosePoint(mark.sights() + half, table)));
    }

    private static PointView place(Cushion cushion, double alongMillimetres, TableSpec table) {
        boolean isLong = cushion.isLong();
        double sights = isLong
                ? alongMillimetres / table.lengthMillimetres() * SightPosition.SIGHTS_ALONG
                : alongMillimetres / table.widthMillimetres() * SightPosition.SIGHTS_ACROSS;
        return PointView.of(cushion.nosePoint(sights, table));
    }
}
