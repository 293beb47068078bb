package amberrail.app.demo;

import amberrail.app.demo.DemoStudents.DemoStudent;
import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackKeeper;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.MadeUpBreak;
import amberrail.core.rack.RackGame;
import amberrail.core.rack.RackGames;
import amberrail.core.rack.RackLayout;
import amberrail.core.rack.RackStudent;
import amberrail.core.rack.RackTable;
import amberrail.core.rack.SimulatedRack;
import amberrail.core.rack.StandardLayouts;
import amberrail.core.simulation.ExecutionErrors;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Racks of four of the demo's students, played by the simulator with their true errors; what docs/demo-data.md says of them. */
@Component
@Lazy
class DemoRacks {
    private static final long SEED = 77_000;
    private static final int EACH = 10;
    private static final int WEEKS_BACK = 12;

    /** By the student's sign-in name: the game they play, and by how much their pace error is larger in racks than anything else of theirs. */
    private static final Map<String, Played> PLAYED = Map.of(
            "tamsin", new Played("anyOrder-5", 1),
            "odo", new Played("anyOrder-4", 1),
            "wren", new Played("numberOrder-9", 2.5),
            "ines", new Played("coloursOnly", 1));

    private final RackKeeper racks;

    DemoRacks(RackKeeper racks) {
        this.racks = racks;
    }

    private record Played(String game, double paceFactor) {}

    /** @param weeks of practice that the demo is filled with; racks are as many in proportion */
    void fill(SignedIn coach, UUID studentId, DemoStudent student, UUID tableId, Instant today, int weeks) {
        Played played = PLAYED.get(student.signInName());
        if (played == null) {
            return;
        }
        Random random = new Random(SEED + student.name().hashCode());
        RackGame game = RackGames.byKey(played.game());
        RackTable table = racks.table(tableId);
        int count = Math.max(1, EACH * weeks / WEEKS_BACK);
        for (int i = 0; i < count; i++) {
            int week = DemoStudents.WEEKS - 1 - (count - 1 - i) * DemoStudents.WEEKS / EACH;
            RackStudent believed =
                    new RackStudent(ExecutionErrors.ofAbility(student.ability(Math.max(0, week))), HouseRules.USUAL);
            ExecutionErrors of = student.errors(Math.max(0, week));
            ExecutionErrors truth = new ExecutionErrors(
                    of.aimMilliradians(),
                    of.paceFraction() * played.paceFactor(),
                    of.tipHeightMillimetres(),
                    of.tipSideMillimetres());
            long seed = random.nextLong();
            RackLayout layout = StandardLayouts.has(game)
                    ? StandardLayouts.of(game, table)
                    : MadeUpBreak.of(game, table, believed, seed);
            SimulatedRack rack = SimulatedRack.play(layout, table, believed, truth, seed);
            Instant at = today.minus(Duration.ofDays(4 + 7L * (count - 1 - i)));
            racks.keep(coach, studentId, tableId, HouseRules.USUAL, rack, at, random);
        }
    }
}
