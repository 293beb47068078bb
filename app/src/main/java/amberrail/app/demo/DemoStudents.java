package amberrail.app.demo;

import amberrail.app.demo.DemoProgramme.Room;
import amberrail.core.simulation.ExecutionErrors;
import java.util.List;

/** The made-up students of the Lantern Street Cue Room and the truth about them (docs/demo-data.md says the same). */
final class DemoStudents {
    static final int WEEKS = 12;

    private DemoStudents() {}

    /**
     * A student whose ability moves evenly from the first week to the last.
     *
     * @param abilityFirst  in logits; 0 is the reference student of grading.md
     * @param room          where they are at home
     * @param aimFactor     their aim error over that of the ability; so for pace and tip
     */
    record DemoStudent(
            String name,
            String signInName,
            Room room,
            double abilityFirst,
            double abilityLast,
            double aimFactor,
            double paceFactor,
            double tipFactor) {
        /** In logits, in a week from 0 to 11. */
        double ability(int week) {
            return abilityFirst + (abilityLast - abilityFirst) * week / (WEEKS - 1);
        }

        ExecutionErrors errors(int week) {
            ExecutionErrors of = ExecutionErrors.ofAbility(ability(week));
            return new ExecutionErrors(
                    aimFactor * of.aimMilliradians(),
                    paceFactor * of.paceFraction(),
                    tipFactor * of.tipHeightMillimetres(),
                    tipFactor * of.tipSideMillimetres());
        }
    }

    /** Sabela is the one who truly does not improve. */
    static final List<DemoStudent> ALL = List.of(
            new DemoStudent("Tamsin Vale", "tamsin", Room.MAIN, -0.3, 1.3, 1.0, 1.0, 1.0),
            new DemoStudent("Odo Brandt", "odo", Room.MAIN, -1.6, -0.9, 1.0, 1.0, 1.0),
            new DemoStudent("Wren Castellane", "wren", Room.ALL_POOL_TABLES, 1.7, 2.5, 1.0, 1.0, 1.0),
            new DemoStudent("Jory Pell", "jory", Room.MAIN, -2.3, -1.5, 1.0, 1.0, 1.0),
            new DemoStudent("Sabela Quint", "sabela", Room.MAIN, -0.1, -0.1, 1.0, 1.0, 1.0),
            new DemoStudent("Halvard Moss", "halvard", Room.SNOOKER, -0.9, -0.4, 0.9, 1.1, 1.0),
            new DemoStudent("Ines Tarrow", "ines", Room.SNOOKER, 0.9, 1.8, 1.1, 0.9, 1.0),
            new DemoStudent("Bertram Oakhollow-Whitcombe", "bertram", Room.PUB, -3.0, -2.3, 1.0, 1.0, 1.0));
}
