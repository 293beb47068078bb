package amberrail.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.LoneBall;
import amberrail.core.table.TablePresets;
import amberrail.core.testing.CaseFile;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Tables with hidden numbers and noisy readings of them (kit/README.md, Cases). Another file: {@code -Damber.kitCases=FILE}.
 *
 * <p>Tuned on the public file: the spread of the elevation's prior ({@code CueCheck}), and the thresholds and rarities by which slips of the
 * unit are told ({@code Faults}). What that is worth only a file that was kept back can say.
 */
class KitReferenceTest {
    private static final JsonNode FILE = CaseFile.read("amber.kitCases", "/kit/kit-cases.json");
    private static final double LEAST_COVERAGE = 0.80;
    private static final double MOST_COVERAGE = 0.97;
    private static final double ROOM = 0.05;
    private static final double INCHES_FOR_CENTIMETRES = 2.54;

    private static final List<Checked> CASES = new ArrayList<>();

    /** One case and what was found of it. */
    private record Checked(
            JsonNode one,
            CheckedTable table,
            List<Reading> readings,
            List<SideReading> strokes,
            TableEstimate cloth,
            CueEstimate cue) {
        double truth(String name) {
            return one.at("/truth/" + name).asDouble();
        }
    }

    @BeforeAll
    static void checkAll() {
        List<JsonNode> all = new ArrayList<>();
        FILE.get("cases").forEach(all::add);
        CASES.addAll(all.parallelStream().map(KitReferenceTest::checked).toList());
    }

    private static Checked checked(JsonNode one) {
        CheckedTable table = CheckedTable.of(TablePresets.byId(one.get("preset").asText()));
        List<Reading> readings = new ArrayList<>();
        one.get("measurements").forEach(reading -> readings.add(reading(reading)));
        List<SideReading> strokes = new ArrayList<>();
        one.get("cueMeasurements").forEach(reading -> strokes.add((SideReading) reading(reading)));
        TableEstimate cloth = TableCheck.of(table, readings);
        return new Checked(one, table, readings, strokes, cloth, cue(table, cloth, strokes));
    }

    private static CueEstimate cue(CheckedTable table, TableEstimate cloth, List<SideReading> strokes) {
        double usual = table.spec().kind().usualEndMassRatio();
        return CueCheck.of(table, cloth.posterior(), usual, strokes, ReadingNoise.USUAL);
    }

    private static Reading reading(JsonNode of) {
        double x = of.get("x").asDouble();
        double y = of.get("y").asDouble();
        double direction = of.get("directionDegrees").asDouble();
        ToDoubleFunction<String> value = name -> of.get(name).asDouble();
        return switch (of.get("kind").asText()) {
            case "roll" ->
                new RollReading(
                        x,
                        y,
                        direction,
                        value.applyAsDouble("seconds"),
                        value.applyAsDouble("metres"),
                        value.applyAsDouble("asideMillimetres"));
            case "rebound" ->
                new ReboundReading(
                        x, y, direction, value.applyAsDouble("secondsToCushion"), value.applyAsDouble("metresBack"));
            case "slide" ->
                new SlideReading(
                        x, y, direction, value.applyAsDouble("secondsToCushion"), value.applyAsDouble("metresSliding"));
            case "side" ->
                new SideReading(
                        x,
                        y,
                        direction,
                        value.applyAsDouble("tipSideMillimetres"),
                        value.applyAsDouble("secondsToCushion"),
                        value.applyAsDouble("missLeftMillimetres"));
            default -> throw new IllegalArgumentException("a kind of reading that nobody knows: " + of);
        };
    }

    private static Map<String, ToEstimate> numbers() {
        Map<String, ToEstimate> numbers = new LinkedHashMap<>();
        numbers.put("muRoll", one -> one.cloth.figures().rollingFriction());
        numbers.put("muSlide", one -> one.cloth.figures().slidingFriction());
        numbers.put("cushionRestitution", one -> one.cloth.figures().cushionRestitution());
        numbers.put("driftX", one -> one.cloth.figures().driftX());
        numbers.put("driftY", one -> one.cloth.figures().driftY());
        numbers.put("endMassRatio", one -> one.cue.endMassRatio());
        numbers.put("elevationDegrees", one -> one.cue.elevationDegrees());
        return numbers;
    }

    private interface ToEstimate {
        Estimated of(Checked one);
    }

    /** At a share of 80 % and of 97 % with the room that so many cases leave, 5 % on either side. */
    @Test
    void theIntervalsHoldTheTruthAsOftenAsTheySay() {
        int n = CASES.size();
        int least = new BinomialDistribution(n, LEAST_COVERAGE).inverseCumulativeProbability(ROOM / 2);
        int most = new BinomialDistribution(n, MOST_COVERAGE).inverseCumulativeProbability(1 - ROOM / 2);
        numbers().forEach((name, number) -> {
            long held = CASES.stream()
                    .filter(one -> number.of(one).interval().contains(one.truth(name)))
                    .count();
            assertThat(held).as(name + " held in so many of " + n).isBetween((long) least, (long) most);
        });
    }

    @Test
    void theIntervalsAreAsNarrowAsTheReadingsAllow() {
        assertThat(medianWidth("muRoll", true)).isLessThan(0.09);
        assertThat(medianWidth("cushionRestitution", false)).isLessThan(0.11);
        assertThat(medianWidth("driftY", false)).isLessThan(0.002);
        assertThat(medianWidth("driftX", false)).isLessThan(0.004);
        assertThat(medianWidth("muSlide", true)).isLessThan(0.45);
        assertThat(medianWidth("endMassRatio", true)).isLessThan(0.45);
    }

    private static double medianWidth(String name, boolean relative) {
        ToEstimate number = numbers().get(name);
        return median(CASES.stream().mapToDouble(one -> {
            Estimated found = number.of(one);
            double width = found.interval().upper() - found.interval().lower();
            return relative ? width / found.value() : width;
        }));
    }

    private static double median(DoubleStream values) {
        double[] sorted = values.sorted().toArray();
        return sorted[sorted.length / 2];
    }

    @Test
    void afterTheCheckStrokesRoundThreeCushionsEndThreeTimesNearer() {
        double before = median(CASES.stream().flatMapToDouble(one -> misses(one, one.table.preset())));
        double after = median(CASES.stream()
                .flatMapToDouble(one -> misses(one, one.cloth.figures().on(one.table.preset()))));
        assertThat(after).isLessThanOrEqualTo(before / 3);
    }

    /** How far from where they end the probes are predicted (metres). */
    private static DoubleStream misses(Checked of, Physics physics) {
        LoneBall ball = of.table.newBall();
        List<Double> misses = new ArrayList<>();
        for (JsonNode probe : of.one.get("probes")) {
            CueStrike strike = new CueStrike(
                    probe.get("speedMetresPerSecond").asDouble(),
                    probe.get("azimuthDegrees").asDouble(),
                    0,
                    probe.get("heightOfRadius").asDouble(),
                    0,
                    OptionalDouble.empty());
            ball.release(
                    strike.launch(
                            probe.get("x").asDouble(), probe.get("y").asDouble(), of.table.radiusMetres(), physics),
                    physics);
            misses.add(Math.hypot(
                    ball.restX() - probe.get("restX").asDouble(),
                    ball.restY() - probe.get("restY").asDouble()));
        }
        return misses.stream().mapToDouble(miss -> miss);
    }

    /** Inches typed for centimetres in one reading of each kind: each is named, and mended it is as if nothing had been wrong. */
    @Test
    void readingsInTheWrongUnitAreNamedAndMended() {
        List<String> wrong = Collections.synchronizedList(new ArrayList<>());
        CASES.parallelStream().forEach(one -> {
            List<Reading> faulty = new ArrayList<>(one.readings);
            List<Integer> places = List.of(
                    longest(faulty, RollReading.class),
                    longest(faulty, ReboundReading.class),
                    longest(faulty, SlideReading.class));
            places.forEach(at -> faulty.set(at, slipped(faulty.get(at))));
            TableEstimate found = TableCheck.of(one.table, faulty);
            List<Reading> mended = mended(faulty, found.suspicions());
            if (!found.suspicions().stream().map(Suspicion::reading).toList().containsAll(places)) {
                wrong.add(one.one.get("id").asText() + " names " + found.suspicions());
            } else if (!same(mended, one.readings, places)) {
                wrong.add(one.one.get("id").asText() + " mends " + found.suspicions());
            } else {
                TableEstimate after = TableCheck.of(one.table, mended);
                assertThat(after.figures().rollingFriction().value())
                        .isCloseTo(one.cloth.figures().rollingFriction().value(), withPercentage(0.1));
            }
        });
        assertThat(wrong).isEmpty();
    }

    @Test
    void aStrokeWithSideInTheWrongUnitIsNamed() {
        List<String> wrong = Collections.synchronizedList(new ArrayList<>());
        CASES.parallelStream().forEach(one -> {
            List<SideReading> faulty = new ArrayList<>(one.strokes);
            // The one that went farthest aside: of a few millimetres nobody can tell inches from centimetres.
            int at = faulty.indexOf(faulty.stream()
                    .max(Comparator.comparing(stroke -> Math.abs(stroke.missLeftMillimetres())))
                    .orElseThrow());
            faulty.set(at, (SideReading) slipped(faulty.get(at)));
            CueEstimate found = cue(one.table, one.cloth, faulty);
            if (found.suspicions().stream().noneMatch(suspicion -> suspicion.reading() == at)) {
                wrong.add(one.one.get("id").asText() + " " + faulty.get(at) + " " + found.suspicions());
            }
        });
        assertThat(wrong).isEmpty();
    }

    private static Reading slipped(Reading reading) {
        String field = reading.fields().get(1);
        return reading.with(field, reading.value(field) * INCHES_FOR_CENTIMETRES);
    }

    /** Of the shortest slides, with a decimetre's error, nobody can tell inches from centimetres. */
    private static int longest(List<Reading> among, Class<? extends Reading> kind) {
        return among.indexOf(among.stream()
                .filter(kind::isInstance)
                .max(Comparator.comparing(one -> one.value(one.fields().get(1))))
                .orElseThrow());
    }

    private static List<Reading> mended(List<Reading> faulty, List<Suspicion> suspicions) {
        List<Reading> mended = new ArrayList<>(faulty);
        for (Suspicion one : suspicions) {
            one.mend()
                    .ifPresent(mend ->
                            mended.set(one.reading(), mended.get(one.reading()).with(mend.field(), mend.value())));
        }
        return mended;
    }

    private static boolean same(List<Reading> mended, List<Reading> readings, List<Integer> places) {
        return places.stream().allMatch(at -> {
            String field = readings.get(at).fields().get(1);
            return Math.abs(mended.get(at).value(field) - readings.get(at).value(field)) < 1e-9;
        });
    }
}
