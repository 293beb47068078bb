package amberrail.app.kit;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.core.kit.Estimated;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.statistics.Interval;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the club's ball sets and cues, and the cues that students have of their own. */
@Service
@Transactional
public class ClubGear {
    private static final int MOST = 200;
    private static final double SMALLEST_BALL = 40;
    private static final double LARGEST_BALL = 70;
    private static final double LIGHTEST_BALL = 0.05;
    private static final double HEAVIEST_BALL = 0.3;
    private static final double SMALLEST_TIP = 7;
    private static final double LARGEST_TIP = 15;
    /** model.md, section 8. */
    private static final double LOWEST_RATIO = 10;

    private static final double HIGHEST_RATIO = 60;
    private static final double STEEPEST_DEGREES = 30;
    /** Of a number that somebody typed from a maker's word, as a share of it: an assumption. */
    private static final double TYPED_SHARE = 0.2;

    private final BallSetRepository ballSets;
    private final CueRepository cues;
    private final KitHistory history;
    private final CueRights rights;
    private final Access access;

    ClubGear(BallSetRepository ballSets, CueRepository cues, KitHistory history, CueRights rights, Access access) {
        this.ballSets = ballSets;
        this.cues = cues;
        this.history = history;
        this.rights = rights;
        this.access = access;
    }

    /** A cue as somebody describes it (mm, degrees). */
    record Cue(
            String name,
            double tipDiameterMillimetres,
            double endMassRatio,
            double elevationDegrees,
            Optional<UUID> ownerId) {}

    UUID addBalls(SignedIn who, String name, BallSet balls) {
        access.requireCoach(who);
        requireRoom(ballSets.count());
        requireFreeName(null, name);
        return ballSets.save(BallSetEntity.of(name.strip(), plausible(balls))).id;
    }

    void changeBalls(SignedIn who, UUID id, int version, String name, BallSet balls) {
        access.requireCoach(who);
        BallSetEntity set = ballSets.findToChange(id).orElseThrow(() -> new Missing("ball set"));
        requireVersion(set.version, version);
        requireFreeName(id, name);
        begin(KitThing.BALLS, id, set.version, set.toBallSet());
        set.version++;
        set.name = name.strip();
        if (!plausible(balls).equals(set.toBallSet())) {
            set.fill(balls);
            keep(who, KitThing.BALLS, id, set.version, FigureSource.TYPED, balls);
        }
    }

    void archiveBalls(SignedIn who, UUID id, boolean archived) {
        access.requireCoach(who);
        ballSets.findToChange(id).orElseThrow(() -> new Missing("ball set")).archived = archived;
    }

    UUID addCue(SignedIn who, Cue wanted) {
        requireMayOwn(who, wanted.ownerId());
        requireRoom(cues.count());
        requireFreeName(null, wanted);
        CueEntity cue = new CueEntity();
        cue.id = UUID.randomUUID();
        cue.version = 1;
        fill(cue, wanted);
        return cues.save(cue).id;
    }

    /** {@code newTip}: what was measured with the old one no longer holds. */
    void changeCue(SignedIn who, UUID id, int version, Cue wanted, boolean newTip) {
        CueEntity cue = cueToChange(who, id, version);
        requireMayOwn(who, wanted.ownerId());
        requireFreeName(id, wanted);
        CueFigures known = figures(cue);
        fill(cue, wanted);
        CueFigures now = newTip ? typed(cue) : typedOver(known, cue);
        if (newTip || !now.equals(known)) {
            keep(who, KitThing.CUE, id, cue.version, newTip ? FigureSource.RENEWED : FigureSource.TYPED, now);
        }
    }

    void archiveCue(SignedIn who, UUID id, boolean archived) {
        CueEntity cue = cues.findToChange(id).orElseThrow(() -> new Missing("cue"));
        rights.requireMayChange(who, cue);
        cue.archived = archived;
    }

    /** From now on the cue is predicted with what a check has found. */
    public void takeCheck(
            SignedIn who, UUID id, int version, UUID checkId, Estimated endMassRatio, Estimated elevation) {
        CueEntity cue = cueToChange(who, id, version);
        cue.endMassRatio = endMassRatio.value();
        cue.elevationDegrees = elevation.value();
        history.keep(
                new KitHistory.Owner(KitThing.CUE, id, cue.version),
                new KitHistory.Origin(FigureSource.CHECK, Optional.of(checkId), Optional.empty(), who.accountId()),
                new CueFigures(cue.tipDiameterMillimetres, endMassRatio, elevation));
    }

    private CueEntity cueToChange(SignedIn who, UUID id, int version) {
        CueEntity cue = cues.findToChange(id).orElseThrow(() -> new Missing("cue"));
        rights.requireMayChange(who, cue);
        requireVersion(cue.version, version);
        begin(KitThing.CUE, id, cue.version, typed(cue));
        cue.version++;
        return cue;
    }

    private static void fill(CueEntity cue, Cue wanted) {
        cue.name = wanted.name().strip();
        cue.tipDiameterMillimetres =
                Require.between("tipDiameterMillimetres", wanted.tipDiameterMillimetres(), SMALLEST_TIP, LARGEST_TIP);
        cue.endMassRatio = Require.between("endMassRatio", wanted.endMassRatio(), LOWEST_RATIO, HIGHEST_RATIO);
        cue.elevationDegrees = Require.between("elevationDegrees", wanted.elevationDegrees(), 0, STEEPEST_DEGREES);
        cue.ownerId = wanted.ownerId().orElse(null);
    }

    /** As the last set has it. */
    private CueFigures figures(CueEntity cue) {
        return history.latest(cue.id)
                .map(row -> history.read(row, CueFigures.class))
                .orElseGet(() -> typed(cue));
    }

    /** A number that nobody typed anew stays as well known as it was. */
    private static CueFigures typedOver(CueFigures known, CueEntity cue) {
        return new CueFigures(
                cue.tipDiameterMillimetres,
                known.endMassRatio().value() == cue.endMassRatio ? known.endMassRatio() : about(cue.endMassRatio),
                known.elevationDegrees().value() == cue.elevationDegrees
                        ? known.elevationDegrees()
                        : about(cue.elevationDegrees));
    }

    static CueFigures typed(CueEntity cue) {
        return new CueFigures(cue.tipDiameterMillimetres, about(cue.endMassRatio), about(cue.elevationDegrees));
    }

    static Estimated about(double value) {
        return new Estimated(value, Interval.around(value, TYPED_SHARE * value));
    }

    private void begin(KitThing thing, UUID id, int version, Object figures) {
        if (history.latest(id).isEmpty()) {
            history.keep(
                    new KitHistory.Owner(thing, id, version),
                    new KitHistory.Origin(FigureSource.PRESET, Optional.empty(), Optional.empty(), null),
                    figures);
        }
    }

    private void keep(SignedIn who, KitThing thing, UUID id, int version, FigureSource source, Object figures) {
        history.keep(
                new KitHistory.Owner(thing, id, version),
                new KitHistory.Origin(source, Optional.empty(), Optional.empty(), who.accountId()),
                figures);
    }

    /** A student has a cue of their own; the club's and other people's are the coaches'. */
    private void requireMayOwn(SignedIn who, Optional<UUID> owner) {
        if (owner.isPresent()) {
            access.requireStudent(who, owner.get());
        } else {
            access.requireCoach(who);
        }
    }

    private static BallSet plausible(BallSet balls) {
        plausible("cueBall", balls.cueBall());
        plausible("objectBall", balls.objectBall());
        return balls;
    }

    private static void plausible(String which, BallSpec ball) {
        Require.between(which + ".diameterMillimetres", ball.diameterMillimetres(), SMALLEST_BALL, LARGEST_BALL);
        Require.between(which + ".massKilograms", ball.massKilograms(), LIGHTEST_BALL, HEAVIEST_BALL);
    }

    private static void requireVersion(int now, int asked) {
        if (now != asked) {
            throw new Conflict("KIT_CHANGED", "Somebody has changed this in the meantime: look at it again.", now);
        }
    }

    private static void requireRoom(long count) {
        if (count >= MOST) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "name", count, "must not be one more than " + MOST);
        }
    }

    private void requireFreeName(UUID id, String name) {
        requireFree(
                name,
                ballSets.findAll().stream()
                        .anyMatch(one -> !one.id.equals(id) && one.name.equalsIgnoreCase(name.strip())));
    }

    /** Two students may both have called theirs the same. */
    private void requireFreeName(UUID id, Cue wanted) {
        requireFree(
                wanted.name(),
                cues.findAll().stream()
                        .anyMatch(one -> !one.id.equals(id)
                                && one.name.equalsIgnoreCase(wanted.name().strip())
                                && Objects.equals(one.ownerId, wanted.ownerId().orElse(null))));
    }

    private static void requireFree(String name, boolean taken) {
        if (taken) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "name", name, "must be another: this name is taken");
        }
    }
}
