package strophos.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The core knows the job, and nothing of the machine it runs on. */
@AnalyzeClasses(packages = "strophos.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule knowsOnlyJavaAndArithmetic = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "strophos.core..",
                    "java.lang..",
                    "java.math..",
                    "java.util..",
                    "java.time..",
                    "org.hipparchus..",
                    "org.locationtech.jts..");

    @ArchTest
    static final ArchRule takesNoTimeOrChanceByItself = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .dependOnClassesThat()
            .belongToAnyOf(java.util.Random.class, java.time.Clock.class, java.time.Instant.class)
            .orShould()
            .callMethod(java.time.LocalDate.class, "now");

    @ArchTest
    static final ArchRule hasNoCycles =
            slices().matching("strophos.core.(*)..").should().beFreeOfCycles();
}
