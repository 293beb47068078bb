package amberrail.app.grades;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.testing.AppTest;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.grading.Band;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;

/** The grades that come with the program: there for every shipped station, rising, and what the grader says today. */
class ShippedGradesTest extends AppTest {
    private static final String WRITE = "amber.writeGrades";
    /** Every so many stations one is worked out anew. */
    private static final int SAMPLE_EVERY = 40;

    @Autowired
    DrillCatalogue catalogue;

    @Autowired
    GradeStore store;

    @Autowired
    Grader grader;

    private List<Drill> shipped() {
        return catalogue.seenBy(club.head()).drills().stream()
                .filter(found -> found.origin() == DrillFromLibrary.Origin.SHIPPED)
                .map(DrillFromLibrary::drill)
                .toList();
    }

    private static TableSpec home(Drill drill) {
        return TablePresets.byId(drill.tables().get(0));
    }

    private GradeView grade(Drill drill, int station) {
        return store.find(GradeQuestion.of(drill, station, home(drill))).orElse(GradeView.UNKNOWN);
    }

    @Test
    @EnabledIfSystemProperty(named = WRITE, matches = "true")
    void writeThemAnew() throws Exception {
        long begin = System.nanoTime();
        Map<String, GradeView> all = new TreeMap<>();
        for (Drill drill : shipped()) {
            for (int station = 0; station < drill.stations().size(); station++) {
                all.put(
                        GradeQuestion.of(drill, station, home(drill)).digest(),
                        grader.grade(drill, station, home(drill), guess -> {}, () -> false));
            }
        }
        System.out.printf("%d stations graded in %.1f s%n", all.size(), (System.nanoTime() - begin) / 1e9);
        Path file = Path.of("src/main/resources" + GradeStore.SHIPPED);
        Files.createDirectories(file.getParent());
        Files.writeString(file, json.writer(SerializationFeature.INDENT_OUTPUT).writeValueAsString(all) + "\n");
    }

    @Test
    void everyStationHasOneAndTheyRise() {
        List<String> wrong = new ArrayList<>();
        for (Drill drill : shipped()) {
            double last = Double.NEGATIVE_INFINITY;
            for (int station = 0; station < drill.stations().size(); station++) {
                GradeView grade = grade(drill, station);
                if (grade.grade() == null) {
                    wrong.add(drill.id() + " " + station + ": " + grade.state());
                } else if (drill.explore().isEmpty() && grade.grade() <= last) {
                    wrong.add(drill.id() + " " + station + ": " + grade.grade() + " after " + last);
                }
                last = grade.grade() == null ? last : grade.grade();
            }
        }
        assertThat(wrong).as("./amber grades writes them anew").isEmpty();
    }

    @Test
    void eachSkillSpansThreeBandsAtLeast() {
        Map<Skill, Set<Band>> bands = new EnumMap<>(Skill.class);
        for (Drill drill : shipped()) {
            for (int station = 0; station < drill.stations().size(); station++) {
                GradeView grade = grade(drill, station);
                if (grade.band() != null) {
                    bands.computeIfAbsent(drill.primarySkill(), skill -> EnumSet.noneOf(Band.class))
                            .add(grade.band());
                }
            }
        }
        assertThat(bands).hasSize(Skill.values().length);
        assertThat(bands.values()).as("%s", bands).allMatch(found -> found.size() >= 3);
    }

    @Test
    void theGradersOwnErrorIsUnderTenPoints() {
        for (Drill drill : shipped()) {
            for (int station = 0; station < drill.stations().size(); station++) {
                GradeView grade = grade(drill, station);
                if (grade.state() == GradeView.State.DONE) {
                    assertThat(grade.standardError()).as(drill.id()).isLessThan(10);
                }
            }
        }
    }

    @Test
    void workedOutAnewTheyAreTheSame() {
        int at = 0;
        for (Drill drill : shipped()) {
            for (int station = 0; station < drill.stations().size(); station++) {
                if (at++ % SAMPLE_EVERY == 7) {
                    GradeView anew = grader.grade(drill, station, home(drill), guess -> {}, () -> false);
                    assertThat(anew.grade())
                            .as(drill.id())
                            .isEqualTo(grade(drill, station).grade());
                }
            }
        }
        assertThat(at).isGreaterThan(100);
    }
}
