package strophos.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import strophos.server.access.Anyone;
import strophos.server.access.Needs;

@AnalyzeClasses(packages = "strophos.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    /**
     * The rooms of the server, from the ground up: each knows only those before it, so that there is no circle. The generated tables
     * lie below all, what starts the server above.
     */
    private static final List<String> ROOMS = List.of(
            "digest",
            "problem",
            "settings",
            "contract",
            "sql",
            "load",
            "log",
            "projection",
            "access",
            "live",
            "roster",
            "rules",
            "watch",
            "horse",
            "setup",
            "stair",
            "state",
            "invite",
            "lesson",
            "outing",
            "stride",
            "intake",
            "cue",
            "tack",
            "pair",
            "attachment",
            "photo",
            "library",
            "look",
            "ground",
            "pause",
            "word",
            "homework",
            "plan",
            "rein",
            "ride",
            "contact",
            "debrief",
            "files",
            "demo");

    private static final String ROOT = ArchitectureTest.class.getPackageName();
    private static final String TABLES = "db";

    @ArchTest
    static void eachRoomKnowsOnlyThoseBelow(JavaClasses server) {
        Set<String> there = server.stream()
                .map(c -> room(c.getPackageName()))
                .filter(r -> !r.isEmpty() && !r.equals(TABLES))
                .collect(Collectors.toSet());
        assertThat(there).as("a new room is named here").containsExactlyInAnyOrderElementsOf(ROOMS);
        assertThat(server.stream()
                        .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                        .filter(d -> isUpwards(
                                d.getOriginClass().getPackageName(),
                                d.getTargetClass().getBaseComponentType().getPackageName()))
                        .map(Dependency::getDescription))
                .isEmpty();
    }

    private static boolean isUpwards(String from, String to) {
        String room = room(from);
        String other = room(to);
        return to.startsWith(ROOT)
                && ROOMS.contains(room)
                && !other.equals(TABLES)
                && (other.isEmpty() || ROOMS.indexOf(other) > ROOMS.indexOf(room));
    }

    /** The part of a package's name that says the room; empty for the root. */
    private static String room(String packageName) {
        return packageName.startsWith(ROOT + ".")
                ? packageName.substring(ROOT.length() + 1).replaceFirst("\\..*", "")
                : "";
    }

    /** What a repository gives to others is a type of its feature. */
    @ArchTest
    static void rowsStayPrivateToTheirRepository(JavaClasses server) {
        assertThat(server.stream()
                        .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                        .filter(d -> isRow(d.getTargetClass())
                                && outermost(d.getOriginClass()) != outermost(d.getTargetClass()))
                        .map(Dependency::getDescription))
                .isEmpty();
    }

    private static boolean isRow(JavaClass c) {
        return outermost(c) != c && outermost(c).isAnnotatedWith(Repository.class);
    }

    private static JavaClass outermost(JavaClass c) {
        return c.getEnclosingClass().map(ArchitectureTest::outermost).orElse(c);
    }

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
            .areNotAnnotatedWith(Repository.class)
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
