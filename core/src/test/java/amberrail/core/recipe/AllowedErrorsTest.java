package amberrail.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.recipe.AllowedErrors.Fault;
import amberrail.core.recipe.AllowedErrors.Room;
import amberrail.core.simulation.ExecutionErrors;
import org.junit.jupiter.api.Test;

class AllowedErrorsTest {
    private static final Room WIDE = new Room(4, 6);

    @Test
    void aWayWhoseRoomRoundsToNothingLeavesNone() {
        assertThat(new AllowedErrors(WIDE, WIDE, WIDE).leaveRoom()).isTrue();
        assertThat(new AllowedErrors(WIDE, WIDE, new Room(0.04, 0.049)).leaveRoom())
                .isFalse();
        assertThat(new AllowedErrors(new Room(0, 0), WIDE, WIDE).leaveRoom()).isFalse();
        assertThat(new AllowedErrors(WIDE, new Room(0, 0.05), WIDE).leaveRoom())
                .as("to one side is room enough")
                .isTrue();
    }

    @Test
    void whatGoesWrongFirstIsMeasuredInTheStudentsOwnErrors() {
        // 4 % softer is 0.62 deviations of a Slate student, 1 mm lower only half of one.
        AllowedErrors allowed = new AllowedErrors(WIDE, new Room(1, 9), new Room(9, 9));
        assertThat(allowed.firstToGoWrong(ExecutionErrors.REFERENCE)).isEqualTo(Fault.TOO_LOW);
        assertThat(allowed.firstToGoWrong(new ExecutionErrors(2, 0.2, 0.5, 1))).isEqualTo(Fault.TOO_SOFT);
    }

    @Test
    void onTheOtherSideOnlyTheAimTurnsRound() {
        assertThat(Fault.AIMED_LEFT.mirrored()).isEqualTo(Fault.AIMED_RIGHT);
        assertThat(Fault.AIMED_RIGHT.mirrored()).isEqualTo(Fault.AIMED_LEFT);
        assertThat(Fault.TOO_LOW.mirrored()).isEqualTo(Fault.TOO_LOW);
    }
}
