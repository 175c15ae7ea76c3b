package org.handdown.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.simpleNameEndingWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.handdown", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
    /** Numbers get into words by one door, {@code Wording}; whatever else writes or reads them asks the machine's own language. */
    @ArchTest
    static final ArchRule THE_MACHINES_LANGUAGE_NEVER_SHOWS = noClasses()
            .that()
            .doNotHaveFullyQualifiedName("org.handdown.measure.Wording")
            .should()
            .callMethod(String.class, "formatted", Object[].class)
            .orShould()
            .callMethod(String.class, "format", String.class, Object[].class)
            .orShould()
            .callMethod(String.class, "format", java.util.Locale.class, String.class, Object[].class)
            .orShould()
            .callMethod(String.class, "toLowerCase")
            .orShould()
            .callMethod(String.class, "toUpperCase")
            .orShould()
            .callMethod(java.io.PrintStream.class, "printf", String.class, Object[].class)
            .orShould()
            .callConstructor(java.text.DecimalFormat.class, String.class);

    @ArchTest
    static final ArchRule CORE_KNOWS_NO_FRAMEWORK = noClasses()
            .that()
            .resideInAnyPackage(
                    "org.handdown.measure..",
                    "org.handdown.geometry..",
                    "org.handdown.fit..",
                    "org.handdown.lay..",
                    "org.handdown.project..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..",
                    "com.fasterxml..",
                    "java.sql..",
                    "org.handdown.formats..",
                    "org.handdown.server..");

    @ArchTest
    static final ArchRule FORMATS_KNOW_NO_SERVER = noClasses()
            .that()
            .resideInAPackage("org.handdown.formats..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.handdown.server..");

    @ArchTest
    static final ArchRule MAPPERS_STAY_IN_THEIR_FEATURE = classes()
            .that()
            .haveSimpleNameEndingWith("Mapper")
            .and()
            .resideInAPackage("org.handdown.server..")
            .should()
            .bePackagePrivate();

    /** Core, formats and server: whoever reads a package reads no other that reads it. */
    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("org.handdown.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule CONTROLLERS_ASK_SERVICES = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat(simpleNameEndingWith("Mapper").and(resideInAPackage("org.handdown..")));
}
