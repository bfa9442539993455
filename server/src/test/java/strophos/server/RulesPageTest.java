package strophos.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.core.judgement.Rule;

/** docs/rules.md names every rule with its class, and what of core is reached by nothing: no more and no less. */
class RulesPageTest {

    private static final String CORE = "strophos.core.";
    private static final String IDLE = "## Computed, but not on a screen yet";
    private static final Pattern CLASS = Pattern.compile("`([A-Z]\\w+)`");
    private static final Pattern OF_PACKAGE = Pattern.compile("`([a-z]+)`:((?: `[A-Z]\\w+`)+)");

    private static JavaClasses all;
    private static String page;

    @BeforeAll
    static void read() throws IOException {
        all = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("strophos.core", "strophos.catalogue", "strophos.server");
        page = Files.readString(Path.of(System.getProperty("strophos.root"), "docs/rules.md"));
    }

    private static Set<String> inCore() {
        return all.stream()
                .filter(c -> c.getName().startsWith(CORE) && c.isTopLevelClass())
                .filter(c -> !c.getSimpleName().equals("package-info"))
                .map(JavaClass::getName)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** What catalogue and server lead to, however far. */
    private static Set<String> reached() {
        Deque<JavaClass> next = new ArrayDeque<>(
                all.stream().filter(c -> !c.getName().startsWith(CORE)).toList());
        Set<String> reached = new HashSet<>();
        while (!next.isEmpty()) {
            JavaClass from = next.pop();
            Stream.concat(
                            from.getDirectDependenciesFromSelf().stream()
                                    .map(d -> d.getTargetClass().getBaseComponentType()),
                            membersOfClosedFamily(from))
                    .map(RulesPageTest::outermost)
                    .filter(c -> c.getName().startsWith(CORE) && reached.add(c.getName()))
                    .forEach(c -> next.addAll(all.stream()
                            .filter(inner -> outermost(inner).equals(c))
                            .toList()));
        }
        return reached;
    }

    /** Read and written by their family's name, without being named. */
    private static Stream<JavaClass> membersOfClosedFamily(JavaClass family) {
        Class<?>[] members = family.reflect().getPermittedSubclasses();
        return members == null ? Stream.of() : Stream.of(members).map(m -> all.get(m.getName()));
    }

    private static JavaClass outermost(JavaClass of) {
        return of.getEnclosingClass().map(RulesPageTest::outermost).orElse(of);
    }

    @Test
    void whatNothingReachesIsNamed() {
        Set<String> idle = inCore();
        idle.removeAll(reached());
        // the compiler writes constants where they are used: nothing leads to their class
        idle.removeIf(c -> !all.get(c).isInterface() && all.get(c).getMethods().isEmpty());
        Set<String> named = new TreeSet<>();
        Matcher packages = OF_PACKAGE.matcher(page.substring(page.indexOf(IDLE)));
        while (packages.find()) {
            Matcher classes = CLASS.matcher(packages.group(2));
            while (classes.find()) {
                named.add(CORE + packages.group(1) + "." + classes.group(1));
            }
        }
        assertThat(named).isEqualTo(idle);
    }

    @Test
    void everyClassOnThePageIsThere() {
        Set<String> simple =
                inCore().stream().map(c -> c.substring(c.lastIndexOf('.') + 1)).collect(Collectors.toSet());
        Matcher classes = CLASS.matcher(page);
        Set<String> gone = new TreeSet<>();
        while (classes.find()) {
            if (!simple.contains(classes.group(1))) {
                gone.add(classes.group(1));
            }
        }
        assertThat(gone).isEmpty();
    }

    @Test
    void everyRuleIsOnThePage() {
        Set<String> rules = all.stream()
                .filter(c -> c.isAssignableTo(Rule.class))
                .filter(c -> !c.isInterface() && !c.getModifiers().contains(JavaModifier.ABSTRACT))
                .map(JavaClass::getSimpleName)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(rules).isNotEmpty().allSatisfy(rule -> assertThat(page).contains("`" + rule + "`"));
    }
}
