package amberrail.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;

/** Core knows no framework, no files, no clock; its packages depend one way. */
@AnalyzeClasses(packages = "amberrail.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {

    @ArchTest
    static final ArchRule onlyJavaCoreAndTheNumericsLibrary = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java.lang..", "java.util..", "java.math..", "java.time..", "amberrail.core..", "org.hipparchus..");

    /** An attempt carries when it was played; what time it is now, only the caller knows. */
    @ArchTest
    static final ArchRule noClock = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(Instant.class, "now")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class);

    @ArchTest
    static final ArchRule packagesDependOneWay =
            slices().matching("amberrail.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule statisticsKnowNoDrill = noClasses()
            .that()
            .resideInAPackage("..core.statistics..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..core.drill..", "..core.attempt..", "..core.table..");

    @ArchTest
    static final ArchRule tablesKnowNoDrill = noClasses()
            .that()
            .resideInAnyPackage("..core.table..", "..core.geometry..", "..core.aiming..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..core.drill..", "..core.attempt..");
}
