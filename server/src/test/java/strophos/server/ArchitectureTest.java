package strophos.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import strophos.server.access.Anyone;
import strophos.server.access.Needs;

@AnalyzeClasses(packages = "strophos.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule everyEndpointSaysWhoItIsFor = methods()
            .that()
            .areAnnotatedWith(GetMapping.class)
            .or()
            .areAnnotatedWith(PostMapping.class)
            .or()
            .areAnnotatedWith(org.springframework.web.bind.annotation.PutMapping.class)
            .or()
            .areAnnotatedWith(DeleteMapping.class)
            .should()
            .beAnnotatedWith(Needs.class)
            .orShould()
            .beAnnotatedWith(Anyone.class);

    @ArchTest
    static final ArchRule onlyRepositoriesTouchTheDatabase = noClasses()
            .that()
            .areNotAnnotatedWith(org.springframework.stereotype.Repository.class)
            .and()
            .resideOutsideOfPackage("strophos.server.db..")
            .and()
            .doNotHaveSimpleName("VisiblePairs")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("strophos.server.db..");

    @ArchTest
    static final ArchRule timeIsInjected = noClasses()
            .should()
            .callMethod(Instant.class, "now")
            .orShould()
            .callMethod(Clock.class, "systemDefaultZone");
}
