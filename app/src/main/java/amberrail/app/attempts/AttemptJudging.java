package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.setups.SetUps;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.Judgement;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.attempt.StationCount;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Direction;
import amberrail.core.setup.SetUp;
import amberrail.core.statistics.ArrivalError;
import amberrail.core.table.TableSpec;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What a stored attempt comes to: the judge's word and where it lay against its target. */
@Component
class AttemptJudging {
    private final DrillCatalogue drills;
    private final SetUps setUps;

    AttemptJudging(DrillCatalogue drills, SetUps setUps) {
        this.drills = drills;
        this.setUps = setUps;
    }

    RecordedAttempt recorded(TableSpec table, AttemptEntity row) {
        return recorded(asked(table, row), row);
    }

    /** The same at once: where it lay against its target is left out as long as the line of arrival is not known. */
    RecordedAttempt recordedNow(TableSpec table, AttemptEntity row) {
        SetUp setUp = setUp(table, row);
        Optional<ShotLayout> known = setUps.layoutIfKnown(setUp).filter(layout -> !row.arrivalPending);
        return known.map(planned -> recorded(arriving(planned, row), row)).orElseGet(() -> {
            RecordedAttempt judged = recorded(setUps.drawn(setUp), row);
            return new RecordedAttempt(
                    judged.id(),
                    judged.played(),
                    judged.writing(),
                    judged.late(),
                    judged.judgement(),
                    Optional.empty());
        });
    }

    /** Many at once: attempts at the same shot share its layout, which is not looked for again and again. */
    List<RecordedAttempt> recorded(TableSpec table, List<AttemptEntity> rows) {
        Map<List<Object>, ShotLayout> planned = new HashMap<>();
        return rows.stream()
                .map(row -> recorded(
                        arriving(
                                planned.computeIfAbsent(
                                        List.of(row.drillId, row.drillVersion, row.station, row.shot, row.mirrored),
                                        k -> planned(table, row)),
                                row),
                        row))
                .toList();
    }

    /** For a count by station. */
    StationCount.Counted counted(TableSpec table, AttemptEntity row) {
        ShotLayout asked = asked(table, row);
        RecordedAttempt one = recorded(asked, row);
        return new StationCount.Counted(
                row.tryId,
                row.shot,
                row.mirrored,
                Judge.sides(asked) != PotOutcome.Sides.NO_POT,
                row.outcome,
                one.judgement(),
                one.arrivalError());
    }

    private ShotLayout asked(TableSpec table, AttemptEntity row) {
        return arriving(planned(table, row), row);
    }

    private ShotLayout planned(TableSpec table, AttemptEntity row) {
        return setUps.layout(setUp(table, row));
    }

    private SetUp setUp(TableSpec table, AttemptEntity row) {
        return SetUp.of(drill(row), row.station, row.shot, row.mirrored, table);
    }

    /** In a pattern the line of arrival is that of where the cue ball really lay. */
    private static ShotLayout arriving(ShotLayout planned, AttemptEntity row) {
        return row.arrivalDegrees == null ? planned : planned.arriving(Direction.ofDegrees(row.arrivalDegrees));
    }

    private static RecordedAttempt recorded(ShotLayout asked, AttemptEntity row) {
        PlayedAttempt played = AttemptMapping.played(row);
        Judgement judgement = Judge.judge(asked, played.seen());
        boolean tells = asked.hasTarget() && !row.arrivalPending && !row.foul && !row.inOff;
        Optional<ArrivalError> error = !tells
                ? Optional.empty()
                : played.seen().landing().map(l -> ArrivalError.of(asked.target(), asked.arrival(), l.place()));
        return new RecordedAttempt(row.id, played, AttemptMapping.writing(row), row.late, judgement, error);
    }

    Drill drill(AttemptEntity row) {
        return drills.version(row.drillId, row.drillVersion);
    }
}
