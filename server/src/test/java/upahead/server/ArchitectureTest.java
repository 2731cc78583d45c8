package upahead.server;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ExecutorService;
import java.util.stream.Stream;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.scheduling.annotation.Scheduled;

@AnalyzeClasses(packages = "upahead.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final String SERVER = "upahead.server.";
    private static final String TABLES = "upahead.server.database";

    @ArchTest
    static final ArchRule SQL_ONLY_IN_STORES = noClasses()
            .that()
            .resideOutsideOfPackages("upahead.server.database..", "upahead.server.platform.sql..")
            .and()
            .haveNameNotMatching(".*(Store|Joined)(\\$.*)?")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.jooq..", "upahead.server.database..");

    /** An interrupted thread closes the file of the database that it reads from, for everybody. */
    @ArchTest
    static final ArchRule NOBODY_IS_INTERRUPTED = noClasses().should().callMethod(ExecutorService.class, "shutdownNow");

    /** A database server alone knows the small letters of ASCII only. */
    @ArchTest
    static final ArchRule TEXTS_OF_ANY_CASE_ARE_COMPARED_IN_ONE_PLACE = noClasses()
            .that()
            .doNotHaveSimpleName("AnyCase")
            .should()
            .callMethodWhere(target(nameMatching("containsIgnoreCase|equalIgnoreCase|likeIgnoreCase")))
            .orShould()
            .callMethod(DSL.class, "lower", Field.class);

    /** They are looked for on the class itself at each start. */
    @ArchTest
    static final ArchRule WORK_AT_SET_TIMES_STANDS_ON_ITS_CLASS = noMethods()
            .that()
            .areAnnotatedWith(Scheduled.class)
            .should()
            .beDeclaredInClassesThat()
            .haveModifier(JavaModifier.ABSTRACT);

    @ArchTest
    static final ArchRule CONTROLLERS_DO_NOT_REACH_STORES = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .haveSimpleNameEndingWith("Store");

    @ArchTest
    static final ArchRule FEATURES_MEET_IN_ONE_DIRECTION =
            slices().matching("upahead.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule PARTS_OF_A_FEATURE_MEET_IN_ONE_DIRECTION =
            slices().matching("upahead.server.(*).(*)..").should().beFreeOfCycles();

    @ArchTest
    static void eachPackageUsesWhatItSays(JavaClasses classes) {
        Map<String, Set<String>> used = new TreeMap<>();
        classes.stream()
                .filter(each -> !each.getPackageName().startsWith(TABLES)
                        && !part(each.getPackageName()).isEmpty())
                .forEach(each -> each.getDirectDependenciesFromSelf().forEach(dependency -> used.computeIfAbsent(
                                part(each.getPackageName()), unknown -> new TreeSet<>())
                        .add(asUsed(
                                part(each.getPackageName()),
                                part(dependency.getTargetClass().getPackageName())))));
        assertThat(used).hasSizeGreaterThan(20).allSatisfy((name, others) -> {
            List.of(name, "", "database").forEach(others::remove);
            assertThat(others)
                    .as(name + " uses")
                    .containsExactly(classes.getPackage("upahead.server." + name)
                            .getAnnotationOfType(Uses.class)
                            .value());
        });
    }

    /** The part of the server that a package is, such as {@code facts.hours}; empty for all others. */
    private static String part(String packageName) {
        return packageName.startsWith(SERVER) ? packageName.substring(SERVER.length()) : "";
    }

    /** Parts of the same feature are named one by one, all others by their feature. */
    private static String asUsed(String user, String used) {
        return feature(user).equals(feature(used)) ? used : feature(used);
    }

    private static String feature(String part) {
        return part.replaceAll("\\..*", "");
    }

    /** Others ask its service, or join it with the pieces of SQL that its owner offers. */
    @ArchTest
    static void eachTableIsReadAndWrittenByOnePackage(JavaClasses classes) {
        Map<String, Set<String>> packagesByTable = new TreeMap<>();
        classes.stream()
                .filter(each -> !each.getPackageName().startsWith(TABLES))
                .forEach(each -> tables(each).forEach(table -> packagesByTable
                        .computeIfAbsent(table, unknown -> new TreeSet<>())
                        .add(each.getPackageName())));
        assertThat(packagesByTable)
                .hasSizeGreaterThan(20)
                .allSatisfy((table, packages) -> assertThat(packages).as(table).hasSize(1));
    }

    private static Stream<String> tables(JavaClass user) {
        return Stream.concat(
                        user.getFieldAccessesFromSelf().stream()
                                .map(access -> access.getTargetOwner().getName().equals(TABLES + ".Tables")
                                        ? access.getTarget().getName()
                                        : table(access.getTargetOwner())),
                        user.getDirectDependenciesFromSelf().stream()
                                .map(dependency -> table(dependency.getTargetClass())))
                .filter(name -> !name.isEmpty())
                .map(name -> name.replace("_", "").toLowerCase(Locale.ROOT));
    }

    /** The table that a generated class stands for; empty for all others. */
    private static String table(JavaClass generated) {
        return generated.getPackageName().startsWith(TABLES + ".tables")
                ? generated.getSimpleName().replaceAll("(Record|Path)$", "")
                : "";
    }
}
