package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.table.Cushion;
import amberrail.core.table.SightPosition;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Turns the engine's arrays into the values that others read. */
final class RecordReader {
    private final ShotLoop loop;
    private final ShotLog log;
    private final TableContacts table;
    private final List<TableBall> balls;

    private RecordReader(ShotLoop loop, ShotLog log, TableContacts table, List<TableBall> balls) {
        this.loop = loop;
        this.log = log;
        this.table = table;
        this.balls = balls;
    }

    static ShotRecord read(
            ShotLoop loop,
            ShotLog log,
            TableContacts table,
            Physics physics,
            List<TableBall> balls,
            Optional<String> struck) {
        RecordReader reader = new RecordReader(loop, log, table, balls);
        List<ShotEvent> events = new ArrayList<>();
        struck.ifPresent(id -> events.add(new ShotEvent.Struck(0, id, reader.stateOf(id))));
        for (int e = 0; e < log.events; e++) {
            events.add(reader.event(e));
        }
        double end = loop.endSeconds();
        List<BallTrack> tracks = new ArrayList<>();
        for (int i = 0; i < balls.size(); i++) {
            tracks.add(reader.track(i, end, physics));
        }
        return new ShotRecord(events, tracks, end);
    }

    private BallState stateOf(String id) {
        return balls.stream()
                .filter(ball -> ball.id().equals(id))
                .findFirst()
                .orElseThrow()
                .state();
    }

    private ShotEvent event(int e) {
        double time = log.time[e];
        String ball = id(log.ball[e]);
        int place = log.place[e];
        BallState before = state(e, 0);
        BallState after = state(e, 1);
        return switch (log.kind[e]) {
            case ShotLoop.ENDS_SLIDING -> new ShotEvent.StartsRolling(time, ball, after);
            case ShotLoop.STOPS -> new ShotEvent.Stops(time, ball, after);
            case ShotLoop.BALLS_MEET, ShotLoop.TOUCH_IN_GROUP ->
                new ShotEvent.BallsMeet(
                        time,
                        ball,
                        id(log.other[e]),
                        before,
                        after,
                        state(e, 2),
                        state(e, 3),
                        log.kind[e] == ShotLoop.TOUCH_IN_GROUP);
            case ShotLoop.BALLS_PRESS -> press(time, place);
            case ShotLoop.MEETS_NOSE -> cushion(time, ball, log.ball[e], place, before, after);
            case ShotLoop.MEETS_FACING ->
                jaw(
                        time,
                        ball,
                        log.ball[e],
                        table.normalX[place],
                        table.normalY[place],
                        place,
                        ShotEvent.MeetsJaw.Part.FACING,
                        before,
                        after);
            case ShotLoop.MEETS_ARC -> {
                double dx = before.x() - table.arcX[place];
                double dy = before.y() - table.arcY[place];
                double distance = Math.hypot(dx, dy);
                yield jaw(
                        time,
                        ball,
                        log.ball[e],
                        dx / distance,
                        dy / distance,
                        place,
                        ShotEvent.MeetsJaw.Part.ARC,
                        before,
                        after);
            }
            case ShotLoop.POTS ->
                new ShotEvent.Potted(time, ball, table.pocket(place).orElseThrow(), before);
            default -> throw new IllegalStateException("unknown event kind " + log.kind[e]);
        };
    }

    private ShotEvent press(double time, int press) {
        List<ShotEvent.Pressed> members = new ArrayList<>();
        for (int row = log.pressFrom[press]; row < log.pressFrom[press + 1]; row++) {
            members.add(new ShotEvent.Pressed(
                    id(log.memberBall[row]), state(log.memberStates, 2 * row), state(log.memberStates, 2 * row + 1)));
        }
        return new ShotEvent.BallsPress(time, log.pressSeconds[press], members);
    }

    private ShotEvent cushion(double time, String ball, int index, int nose, BallState before, BallState after) {
        double c = loop.balls.noseDistance[index];
        double noseX = before.x() - c * table.normalX[nose];
        double noseY = before.y() - c * table.normalY[nose];
        Cushion cushion = table.cushion(nose);
        boolean isLong = cushion == Cushion.S || cushion == Cushion.N;
        double sights = isLong
                ? noseX / table.lengthMetres * SightPosition.SIGHTS_ALONG
                : noseY / table.widthMetres * SightPosition.SIGHTS_ACROSS;
        return new ShotEvent.MeetsCushion(time, ball, cushion, noseX, noseY, sights, before, after);
    }

    private ShotEvent jaw(
            double time,
            String ball,
            int index,
            double normalX,
            double normalY,
            int place,
            ShotEvent.MeetsJaw.Part part,
            BallState before,
            BallState after) {
        double c = loop.balls.noseDistance[index];
        var pocket = part == ShotEvent.MeetsJaw.Part.ARC ? table.pocketOfArc(place) : table.pocketOfStraight(place);
        return new ShotEvent.MeetsJaw(
                time, ball, pocket, part, before.x() - c * normalX, before.y() - c * normalY, before, after);
    }

    private BallTrack track(int ball, double end, Physics physics) {
        List<PathSegment> segments = new ArrayList<>();
        int last = -1;
        for (int p = 0; p < log.pieces; p++) {
            if (log.pieceBall[p] != ball) {
                continue;
            }
            if (last >= 0) {
                addSegment(segments, last, log.piece[p * ShotLog.PIECE_VALUES], physics);
            }
            last = p;
        }
        addSegment(segments, last, Math.max(end, log.piece[last * ShotLog.PIECE_VALUES]), physics);
        return new BallTrack(
                id(ball), segments, segments.get(segments.size() - 1).at(end), table.pocket(loop.balls.pocket[ball]));
    }

    /** A piece cut short by an impact at its very beginning is no stretch of path. */
    private void addSegment(List<PathSegment> segments, int piece, double end, Physics physics) {
        int at = piece * ShotLog.PIECE_VALUES;
        double[] v = log.piece;
        double begin = v[at];
        boolean potted = log.piecePhase[piece] == ShotWorkspace.POTTED;
        if (end <= begin && !potted && !segments.isEmpty() && end < loop.endSeconds()) {
            return;
        }
        segments.add(new PathSegment(
                phase(log.piecePhase[piece]),
                begin,
                end,
                new BallState(v[at + 2], v[at + 3], v[at + 4], v[at + 5], v[at + 6], v[at + 7], v[at + 8]),
                v[at + 9],
                v[at + 10],
                v[at + 11],
                v[at + 12],
                loop.balls.radius[log.pieceBall[piece]],
                physics.spinDeceleration()));
    }

    private static PathSegment.Phase phase(int code) {
        return switch (code) {
            case ShotWorkspace.SLIDING -> PathSegment.Phase.SLIDING;
            case ShotWorkspace.ROLLING -> PathSegment.Phase.ROLLING;
            case ShotWorkspace.POTTED -> PathSegment.Phase.POTTED;
            default -> PathSegment.Phase.RESTING;
        };
    }

    private BallState state(int event, int slot) {
        return state(log.states, 4 * event + slot);
    }

    private static BallState state(double[] s, int slot) {
        int at = slot * ShotLog.VALUES;
        return new BallState(s[at], s[at + 1], s[at + 2], s[at + 3], s[at + 4], s[at + 5], s[at + 6]);
    }

    private String id(int ball) {
        return balls.get(ball).id();
    }
}
