package amberrail.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import amberrail.core.drill.Drill;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** Features meet through services; nobody reaches into another's insides. */
@AnalyzeClasses(
        packages = "amberrail.app",
        importOptions = {ImportOption.DoNotIncludeTests.class, ArchitectureTest.WrittenByPeople.class})
class ArchitectureTest {
    /** Bean definitions that the build works out (docs/decisions/0009) know every feature by their nature. */
    static final class WrittenByPeople implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("__") && !location.contains("$$");
        }
    }

    @ArchTest
    static final ArchRule featuresDependOneWay =
            slices().matching("amberrail.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule entitiesStayAtHome =
            classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule repositoriesStayAtHome =
            classes().that().areAssignableTo(Repository.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule controllersStayAtHome =
            classes().that().areAnnotatedWith(RestController.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule controllersDoNotTouchTheDatabase = noClasses()
            .that()
            .areAnnotatedWith(RestController.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Repository.class)
            .orShould()
            .dependOnClassesThat()
            .areAnnotatedWith(Entity.class);

    @ArchTest
    static final ArchRule controllersAnswerViewsAndNotEntities = methods()
            .that()
            .areDeclaredInClassesThat()
            .areAnnotatedWith(RestController.class)
            .should()
            .notHaveRawReturnType(Drill.class);

    @ArchTest
    static final ArchRule nothingNeedsTheDemo = noClasses()
            .that()
            .resideOutsideOfPackage("amberrail.app.demo")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("amberrail.app.demo");
}
