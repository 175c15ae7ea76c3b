package org.handdown.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.handdown", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_NO_FRAMEWORK = noClasses()
            .that()
            .resideInAnyPackage(
                    "org.handdown.measure..", "org.handdown.geometry..", "org.handdown.lay..", "org.handdown.project..")
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
}
