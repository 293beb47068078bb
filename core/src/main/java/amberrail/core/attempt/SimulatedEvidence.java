package amberrail.core.attempt;

import amberrail.core.drill.Condition;
import amberrail.core.drill.ShotLayout;
import amberrail.core.simulation.PlayedPath;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.table.PocketHalf;

/** What the simulator's events say; everything is seen, nobody calls a foul. */
final class SimulatedEvidence implements Evidence {
    private final Questions questions;
    private final PlayedShot shot;

    private SimulatedEvidence(Questions questions, PlayedShot shot) {
        this.questions = questions;
        this.shot = shot;
    }

    static SimulatedEvidence of(ShotLayout asked, PlayedShot shot) {
        return new SimulatedEvidence(new Questions(asked), shot);
    }

    @Override
    public boolean foul() {
        return false;
    }

    @Override
    public boolean cueBallDropped() {
        return questions.cueBallDropped(shot);
    }

    @Override
    public Verdict pot(int index, Condition.Pot pot) {
        return verdict(questions.met(index, shot));
    }

    @Override
    public boolean contactAsAsked() {
        return questions.contactAsAsked(shot);
    }

    @Override
    public boolean knowsPlace(int index, int ball) {
        return !shot.isPotted(ball);
    }

    @Override
    public double xMillimetres(int index, int ball) {
        return shot.xMillimetres(ball);
    }

    @Override
    public double yMillimetres(int index, int ball) {
        return shot.yMillimetres(ball);
    }

    @Override
    public Verdict fact(int index, Condition condition) {
        return verdict(questions.met(index, shot));
    }

    private static Verdict verdict(boolean met) {
        return met ? Verdict.MET : Verdict.NOT_MET;
    }

    /** The conditions of one layout, asked of shot after shot. Stateless once made, save the scratch of a line of sight per thread. */
    static final class Questions {
        private final ShotLayout asked;
        private final Condition[] conditions;
        private final int cue;
        private final ThreadLocal<LineOfSight> sight = ThreadLocal.withInitial(LineOfSight::new);

        Questions(ShotLayout asked) {
            this.asked = asked;
            conditions = asked.conditions().toArray(new Condition[0]);
            cue = asked.cueIndex();
        }

        int count() {
            return conditions.length;
        }

        boolean cueBallDropped(PlayedShot shot) {
            return shot.isPotted(cue);
        }

        /** Where balls are to be touched in order their condition says the rest; else any ball will do. */
        boolean contactAsAsked(PlayedShot shot) {
            return shot.firstMeeting(cue) >= 0;
        }

        boolean met(int index, PlayedShot shot) {
            Condition condition = conditions[index];
            if (condition instanceof Condition.Pot pot) {
                return potted(pot, shot);
            }
            if (condition instanceof Condition.Landing landing) {
                return !shot.isPotted(landing.ball())
                        && landing.zone()
                                .contains(shot.xMillimetres(landing.ball()), shot.yMillimetres(landing.ball()));
            }
            if (condition instanceof Condition.Touch touch) {
                return touched(touch, shot);
            }
            if (condition instanceof Condition.CushionPoint point) {
                int e = nextCushion(shot, firstMeetingOrStart(shot));
                return e >= 0
                        && shot.cushion(e) == point.cushion()
                        && Math.abs(shot.sights(e) - point.sightsAlong()) <= point.toleranceSights();
            }
            if (condition instanceof Condition.CueBallDrops drops) {
                return shot.isPottedIn(cue, drops.pocket());
            }
            if (condition instanceof Condition.Untouched untouched) {
                return untouched(untouched, shot);
            }
            if (condition instanceof Condition.LineUncrossed line) {
                return !PlayedPath.crosses(
                        shot,
                        cue,
                        line.from().xMillimetres(),
                        line.from().yMillimetres(),
                        line.to().xMillimetres(),
                        line.to().yMillimetres());
            }
            if (condition instanceof Condition.Inside inside) {
                return PlayedPath.staysIn(shot, cue, inside.area(), firstMeetingSeconds(shot));
            }
            if (condition instanceof Condition.Cushions cushions) {
                return cushionsBegin(cushions, shot);
            }
            if (condition instanceof Condition.CushionsBefore before) {
                return cushionsBefore(before, shot);
            }
            return hidden((Condition.Hidden) condition, shot);
        }

        private boolean potted(Condition.Pot pot, PlayedShot shot) {
            if (!shot.isPottedIn(pot.ball(), pot.pocket())) {
                return false;
            }
            return (pot.half() == PocketHalf.ANY || inHalf(pot, shot))
                    && (pot.via().isEmpty() || via(pot, shot));
        }

        /** Left of the pocket's axis, seen looking in, at the moment it dropped. */
        private boolean inHalf(Condition.Pot pot, PlayedShot shot) {
            double aside = shot.dropsLeftOfAxisMetres(pot.ball());
            return pot.half() == PocketHalf.LEFT ? aside >= 0 : aside <= 0;
        }

        private static boolean via(Condition.Pot pot, PlayedShot shot) {
            int next = 0;
            for (int e = 0; e < shot.events(); e++) {
                if (shot.kind(e) == PlayedShot.Kind.MEETS_CUSHION && shot.ball(e) == pot.ball()) {
                    if (next == pot.via().size() || shot.cushion(e) != pot.via().get(next)) {
                        return false;
                    }
                    next++;
                }
            }
            return next == pot.via().size();
        }

        private boolean touched(Condition.Touch touch, PlayedShot shot) {
            int next = 0;
            int found = 0;
            for (int e = 0; e < shot.events() && next < touch.balls().size(); e++) {
                if (shot.kind(e) != PlayedShot.Kind.BALLS_MEET || !shot.involves(e, cue)) {
                    continue;
                }
                int other = shot.ball(e) == cue ? shot.other(e) : shot.ball(e);
                if (!touch.inOrder()) {
                    int place = touch.balls().indexOf(other);
                    found |= place < 0 ? 0 : 1 << place;
                } else if (other == touch.balls().get(next)) {
                    next++;
                } else if (next == 0 || other != touch.balls().get(next - 1)) {
                    // Meeting the last one again is no wrong ball; any other is.
                    return false;
                }
            }
            return touch.inOrder()
                    ? next == touch.balls().size()
                    : found == (1 << touch.balls().size()) - 1;
        }

        private static boolean untouched(Condition.Untouched condition, PlayedShot shot) {
            for (int e = 0; e < shot.events(); e++) {
                if (shot.kind(e) == PlayedShot.Kind.BALLS_MEET
                        && (condition.balls().contains(shot.ball(e))
                                || condition.balls().contains(shot.other(e)))) {
                    return false;
                }
            }
            return true;
        }

        private int firstMeetingOrStart(PlayedShot shot) {
            return shot.firstMeeting(cue) + 1;
        }

        private double firstMeetingSeconds(PlayedShot shot) {
            int meeting = shot.firstMeeting(cue);
            return meeting < 0 ? 0 : shot.seconds(meeting);
        }

        private int nextCushion(PlayedShot shot, int from) {
            for (int e = from; e < shot.events(); e++) {
                if (shot.kind(e) == PlayedShot.Kind.MEETS_CUSHION && shot.ball(e) == cue) {
                    return e;
                }
            }
            return -1;
        }

        private boolean cushionsBegin(Condition.Cushions condition, PlayedShot shot) {
            int e = firstMeetingOrStart(shot) - 1;
            for (int i = 0; i < condition.order().size(); i++) {
                e = nextCushion(shot, e + 1);
                if (e < 0 || shot.cushion(e) != condition.order().get(i)) {
                    return false;
                }
            }
            return true;
        }

        private boolean cushionsBefore(Condition.CushionsBefore condition, PlayedShot shot) {
            int meeting = shot.firstMeeting(cue);
            int count = 0;
            for (int e = 0; e < meeting; e++) {
                count += shot.kind(e) == PlayedShot.Kind.MEETS_CUSHION && shot.ball(e) == cue ? 1 : 0;
            }
            return meeting >= 0 && count >= condition.least();
        }

        private boolean hidden(Condition.Hidden condition, PlayedShot shot) {
            if (shot.isPotted(cue) || shot.isPotted(condition.ball())) {
                return false;
            }
            LineOfSight line = sight.get();
            line.clear();
            for (int i = 0; i < shot.balls(); i++) {
                if (i != cue && i != condition.ball() && !shot.isPotted(i)) {
                    line.blocker(
                            shot.xMillimetres(i),
                            shot.yMillimetres(i),
                            asked.balls().get(i).spec().radiusMillimetres());
                }
            }
            return line.hides(
                    shot.xMillimetres(cue),
                    shot.yMillimetres(cue),
                    asked.cueBall().spec().radiusMillimetres(),
                    shot.xMillimetres(condition.ball()),
                    shot.yMillimetres(condition.ball()),
                    asked.balls().get(condition.ball()).spec().radiusMillimetres());
        }
    }
}
