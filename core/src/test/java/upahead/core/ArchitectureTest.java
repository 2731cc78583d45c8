package upahead.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "upahead.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule NOTHING_BUT_THE_JDK_AND_THREETEN = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("upahead.core..", "java..", "org.threeten.extra..");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("upahead.core.(*)..").should().beFreeOfCycles();
}
