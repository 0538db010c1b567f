package org.etui.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Arrays;
import java.util.stream.Stream;

/** Declared edges: the core knows no framework, its packages no circles, its values no setters. */
@AnalyzeClasses(packages = "org.etui.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final String[] CORE = {"org.etui.core..", "java..", "org.hipparchus..", "org.locationtech.jts.."};

    @ArchTest
    static final ArchRule CORE_KNOWS_NO_FRAMEWORK = classes()
            .that()
            .resideOutsideOfPackages("org.etui.core.photo", "org.etui.core.cutting", "org.etui.core.price")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(CORE);

    /** Pictures are looked at in one package, with a library of its own. */
    @ArchTest
    static final ArchRule PICTURES_ARE_LOOKED_AT_IN_ONE_PLACE = classes()
            .that()
            .resideInAPackage("org.etui.core.photo")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(Stream.concat(
                            Arrays.stream(CORE),
                            Stream.of("boofcv..", "georegression..", "org.ejml..", "org.ddogleg.."))
                    .toArray(String[]::new));

    /** Linear programmes are solved in one package, with a library of its own. */
    @ArchTest
    static final ArchRule CUTS_ARE_PLANNED_IN_ONE_PLACE = classes()
            .that()
            .resideInAPackage("org.etui.core.cutting")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(Stream.concat(Arrays.stream(CORE), Stream.of("org.ojalgo.."))
                    .toArray(String[]::new));

    /** Money is counted in one package, with a library of its own. */
    @ArchTest
    static final ArchRule MONEY_IS_COUNTED_IN_ONE_PLACE = classes()
            .that()
            .resideInAPackage("org.etui.core.price")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(Stream.concat(Arrays.stream(CORE), Stream.of("org.joda.money.."))
                    .toArray(String[]::new));

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("org.etui.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_SETTERS = methods().should().haveNameNotMatching("set[A-Z].*");
}
