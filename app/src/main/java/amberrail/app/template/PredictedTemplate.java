package amberrail.app.template;

import amberrail.app.advice.OwnErrorSizes;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.SignedIn;
import amberrail.app.setups.SetUps;
import amberrail.app.template.TemplateMark.Tip;
import amberrail.app.web.Busy;
import amberrail.core.drill.Drill;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.TableSpec;
import amberrail.core.template.CushionMark;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Where a student's three marks should be: the drill's usual stroke at three tip heights, on this table as it is known, with the student's own errors. */
@Component
class PredictedTemplate {
    static final String DRILL = "three-marks";
    /** Above and below the first: half a tip. */
    private static final double HALF_A_TIP = 0.5;

    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final OwnErrorSizes sizes;

    PredictedTemplate(DrillCatalogue drills, SetUps setUps, OwnErrorSizes sizes) {
        this.drills = drills;
        this.setUps = setUps;
        this.sizes = sizes;
    }

    /** By tip; none where the drill is not for this table, or its stroke is still being worked out. */
    Map<Tip, CushionMark> on(SignedIn who, UUID studentId, TableSpec table) {
        Map<Tip, CushionMark> marks = new EnumMap<>(Tip.class);
        Drill drill = drills.find(who, DRILL).drill();
        if (!drill.tables().contains(table.id())) {
            return marks;
        }
        SetUp setUp = SetUp.of(drill, 0, 0, false, table);
        Optional<PlannedStroke> usual =
                setUps.ifKnown(setUp).flatMap(known -> known.usualWay()).map(Recipe::stroke);
        if (usual.isEmpty()) {
            return marks;
        }
        ExecutionErrors errors = sizes.of(who, studentId).inUse();
        for (Tip tip : Tip.values()) {
            stroke(setUp, usual.get(), tip)
                    .flatMap(stroke -> CushionMark.of(setUp.task(), stroke, errors))
                    .ifPresent(mark -> marks.put(tip, mark));
        }
        return marks;
    }

    /** The same stroke with the tip higher or lower, aimed so that it pots. */
    private Optional<PlannedStroke> stroke(SetUp setUp, PlannedStroke usual, Tip tip) {
        double half = HALF_A_TIP * setUp.table().kind().tipDiameterMillimetres();
        double height = usual.tipHeightMillimetres()
                + switch (tip) {
                    case STUN -> 0;
                    case HIGH -> half;
                    case LOW -> -half;
                };
        try {
            return tip == Tip.STUN
                    ? Optional.of(usual)
                    : setUps.called(setUp, usual.paceMetresPerSecond(), height, usual.tipSideMillimetres())
                            .map(Recipe::stroke);
        } catch (Busy notWorkedOutYet) {
            return Optional.empty();
        }
    }
}
