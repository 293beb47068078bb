package amberrail.app.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.setups.SetUps;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.diagnosis.StrokeExpectation;
import amberrail.core.drill.Drill;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TablePresets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What is kept of a student's usual landings follows their sizes, and belongs to one set-up. */
class StrokeExpectationsTest extends AppTest {
    private static final UUID STUDENT = UUID.randomUUID();

    @Autowired
    SetUps setUps;

    @Autowired
    DrillCatalogue drills;

    private final OwnErrorSizes sizes = mock(OwnErrorSizes.class);

    private void are(double logits) {
        when(sizes.of(any(), any())).thenReturn(OwnErrors.ofAbility(new OwnErrors.Ability(logits, 0.5), 0));
    }

    private static double spread(StrokeExpectation one) {
        return one.covariance().first() + one.covariance().second();
    }

    @Test
    void whatIsKeptFollowsTheSizesAndTheSide() {
        StrokeExpectations expectations = new StrokeExpectations(setUps, new PlayedTables(), sizes);
        Drill drill = drills.version(Club.DRILL, 1);
        SetUp original =
                SetUp.of(drill, 0, 0, false, TablePresets.byId(drill.tables().get(0)));
        are(-1);
        StrokeExpectation weak = expectations.of(null, STUDENT, original).orElseThrow();
        are(3);
        StrokeExpectation strong = expectations.of(null, STUDENT, original).orElseThrow();
        assertThat(spread(strong)).isLessThan(spread(weak) / 2);
        assertThat(expectations
                        .of(null, STUDENT, original.onSide(true))
                        .orElseThrow()
                        .mean()
                        .yMillimetres())
                .isNotCloseTo(strong.mean().yMillimetres(), within(1.0));
        are(-1);
        assertThat(expectations.of(null, STUDENT, original)).contains(weak);
    }
}
