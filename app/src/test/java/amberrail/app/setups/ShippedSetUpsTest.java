package amberrail.app.setups;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.testing.AppTest;
import amberrail.core.drill.Drill;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WorkedSetUp;
import amberrail.core.table.TablePresets;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;

/** What comes with the program: an answer for every shot of every shipped drill on every table it claims, and the one that core gives today. */
class ShippedSetUpsTest extends AppTest {
    private static final int SAMPLE_EVERY = 60;

    @Autowired
    DrillCatalogue catalogue;

    @Autowired
    SetUpStore store;

    @Autowired
    SetUps setUps;

    private List<SetUp> shipped() {
        Set<SetUp> all = new LinkedHashSet<>();
        catalogue.seenBy(club.head()).drills().stream()
                .filter(found -> found.origin() == DrillFromLibrary.Origin.SHIPPED)
                .map(DrillFromLibrary::drill)
                .forEach(drill -> all.addAll(onItsTables(drill)));
        return new ArrayList<>(all);
    }

    private static List<SetUp> onItsTables(Drill drill) {
        return drill.tables().stream()
                .flatMap(table -> SetUps.ofDrill(drill, TablePresets.byId(table)).stream())
                .toList();
    }

    @Test
    @EnabledIfSystemProperty(named = "amber.writeGrades", matches = "true")
    void writeThemAnew() throws IOException {
        TreeMap<String, String> all = new TreeMap<>();
        for (SetUp setUp : shipped()) {
            all.put(SetUpKey.of(setUp).digest(), store.write(WorkedSetUp.of(setUp)));
        }
        Path file = Path.of("src/main/resources" + SetUpStore.SHIPPED);
        Files.createDirectories(file.getParent());
        try (OutputStreamWriter out =
                new OutputStreamWriter(new GZIPOutputStream(Files.newOutputStream(file)), StandardCharsets.UTF_8)) {
            for (var one : all.entrySet()) {
                out.write(one.getKey() + "\t" + one.getValue() + "\n");
            }
        }
        System.out.printf("%d set-ups, %d bytes%n", all.size(), Files.size(file));
    }

    @Test
    void everyShotOfEveryShippedDrillHasOne() {
        List<SetUp> missing = shipped().stream()
                .filter(setUp -> store.find(SetUpKey.of(setUp)).isEmpty())
                .toList();
        assertThat(missing).as("./amber grades writes them anew").isEmpty();
    }

    @Test
    void someWorkedOutAgainAreTheSame() {
        List<SetUp> all = shipped();
        for (int i = 0; i < all.size(); i += SAMPLE_EVERY) {
            SetUp setUp = all.get(i);
            assertThat(setUps.of(setUp)).as(setUp.toString()).isEqualTo(WorkedSetUp.of(setUp));
        }
    }

    @Test
    void whatIsReadBackIsWhatWasWritten() {
        WorkedSetUp worked = setUps.of(shipped().get(0));
        assertThat(store.read(store.write(worked))).isEqualTo(worked);
    }

    @Test
    void everyUsualStrokeHasItsLandingsForEveryBandThatCanDoIt() {
        for (SetUp setUp : shipped()) {
            WorkedSetUp worked = setUps.of(setUp);
            assertThat(worked.usualWay()).as(setUp.toString()).isPresent();
            assertThat(worked.landings()).as(setUp.toString()).isNotEmpty();
            for (var landings : worked.landings()) {
                assertThat(landings.cleanShare()).isBetween(0.02, 1.0);
                assertThat(landings.covariance().minor()).isPositive();
            }
        }
    }
}
