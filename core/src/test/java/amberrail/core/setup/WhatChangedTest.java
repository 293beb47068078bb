package amberrail.core.setup;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.Skill;
import amberrail.core.drill.ZonePlan;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WhatChangedTest {
    private static final TableSpec TABLE = TablePresets.POOL_9FT;

    private static SetUp setUp(double objectAlong, double ringAlong, double radius, boolean more) {
        List<Demand> demands = new ArrayList<>(List.of(
                Demand.PotBall.of("1", PocketName.NE),
                new Demand.Land(
                        "cue", new ZonePlan.CircleZone(new Position.AtSights(ringAlong, 2), radius, List.of()))));
        if (more) {
            demands.add(new Demand.CushionsFirst(1));
        }
        Shot shot = new Shot(
                List.of(
                        new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(objectAlong, 3)),
                        new BallPlacement("cue", BallPlacement.Role.CUE, new Position.AtSights(4, 2))),
                demands,
                ArrivalLine.NATURAL_ROLL);
        return new SetUp(shot, false, TABLE, 1, false, Skill.POSITION);
    }

    private static final SetUp FIRST = setUp(6, 5, 200, false);

    private static Set<WhatChanged> from(SetUp other) {
        return WhatChanged.between(FIRST.drawn(), other.drawn());
    }

    @Test
    void theSameAsksTheSame() {
        assertThat(from(setUp(6, 5, 200, false))).isEmpty();
        assertThat(WhatChanged.successComparable(from(FIRST))).isTrue();
    }

    @Test
    void aSmallerRingLeavesDistancesToCompareAndNoSuccesses() {
        var changed = from(setUp(6, 5, 120, false));
        assertThat(changed).containsExactly(WhatChanged.TARGET_SIZE);
        assertThat(WhatChanged.successComparable(changed)).isFalse();
        assertThat(WhatChanged.distanceComparable(changed)).isTrue();
    }

    @Test
    void aRingInAnotherPlaceLeavesPotting() {
        var changed = from(setUp(6, 5.5, 200, false));
        assertThat(changed).containsExactly(WhatChanged.TARGET_PLACE);
        assertThat(WhatChanged.distanceComparable(changed)).isFalse();
        assertThat(WhatChanged.pottingComparable(changed)).isTrue();
    }

    @Test
    void anotherDemandLeavesDistances() {
        var changed = from(setUp(6, 5, 200, true));
        assertThat(changed).containsExactly(WhatChanged.OTHER_DEMANDS);
        assertThat(WhatChanged.successComparable(changed)).isFalse();
        assertThat(WhatChanged.distanceComparable(changed)).isTrue();
    }

    @Test
    void anotherPlaceOfABallIsAnotherShot() {
        var changed = from(setUp(6.2, 5, 200, false));
        assertThat(changed).containsExactly(WhatChanged.THE_SHOT);
        assertThat(WhatChanged.pottingComparable(changed)).isFalse();
    }
}
