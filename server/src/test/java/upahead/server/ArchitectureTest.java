package upahead.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "upahead.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule SQL_ONLY_IN_STORES = noClasses()
            .that()
            .resideOutsideOfPackages("upahead.server.database..", "upahead.server.sql..")
            .and()
            .haveNameNotMatching(".*Store(\\$.*)?")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.jooq..", "upahead.server.database..");

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
}
