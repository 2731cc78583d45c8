package upahead.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

@AnalyzeClasses(packages = "upahead.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final String CORE = "upahead.core.";

    @ArchTest
    static final ArchRule NOTHING_BUT_THE_JDK_AND_THREETEN = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("upahead.core..", "java..", "org.threeten.extra..");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("upahead.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static void eachPackageUsesWhatItSays(JavaClasses classes) {
        Map<String, Set<String>> used = new TreeMap<>();
        classes.forEach(each -> each.getDirectDependenciesFromSelf()
                .forEach(dependency -> used.computeIfAbsent(name(each.getPackageName()), unknown -> new TreeSet<>())
                        .add(name(dependency.getTargetClass().getPackageName()))));
        used.remove("");
        assertThat(used).hasSize(13).allSatisfy((name, others) -> {
            List.of(name, "").forEach(others::remove);
            assertThat(others)
                    .as(name + " uses")
                    .containsExactly(classes.getPackage(CORE + name)
                            .getAnnotationOfType(Uses.class)
                            .value());
        });
    }

    private static String name(String packageName) {
        return packageName.startsWith(CORE) ? packageName.substring(CORE.length()) : "";
    }
}
