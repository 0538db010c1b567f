package org.etui.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Declared edges: the store and the paper know no web, packages no circles, controllers no tables. */
@AnalyzeClasses(packages = "org.etui.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
    @ArchTest
    static final ArchRule STORE_AND_PRINT_KNOW_NO_WEB = noClasses()
            .that()
            .resideInAnyPackage("..store..", "..print..", "..contract..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..server.api..");

    @ArchTest
    static final ArchRule CONTROLLERS_LEAVE_SQL_TO_THE_STORE = noClasses()
            .that()
            .resideInAPackage("..api..")
            .should()
            .dependOnClassesThat()
            .haveNameMatching(".*\\.store\\..*Mapper");

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("org.etui.server.(*)..").should().beFreeOfCycles();
}
