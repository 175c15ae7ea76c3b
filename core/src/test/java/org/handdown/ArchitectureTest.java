package org.handdown;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.handdown.geometry.FlatRegion;
import org.handdown.geometry.NoFitPolygon;

/** A later group of the work may use an earlier one, never the reverse; the core knows no framework; the checker not the fitter. */
@AnalyzeClasses(packages = "org.handdown", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final String[] GROUPS = {
        "measure",
        "geometry",
        "fit",
        "cloth",
        "assembly",
        "source",
        "unpick",
        "alter",
        "panel",
        "body",
        "pattern",
        "reuse",
        "lay",
        "stash",
        "make",
        "project",
        "shortage",
        "shopping",
        "idea"
    };

    @ArchTest
    static final ArchRule GROUPS_FOLLOW_THE_WORK = groupsFollowTheWork();

    @ArchTest
    static final ArchRule NO_FRAMEWORK = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "com.fasterxml..", "java.sql..", "java.net..", "java.nio.file..");

    /** The wall between judge and search: a mistake of the one cannot hide in the other. */
    @ArchTest
    static final ArchRule THE_CHECKER_SHARES_NOTHING_WITH_THE_FITTER = noClasses()
            .that()
            .resideInAPackage("org.handdown.fit.check..")
            .should()
            .dependOnClassesThat(resideInAnyPackage("org.handdown.fit.room..", "org.handdown.fit.search..")
                    .or(belongToAnyOf(NoFitPolygon.class, FlatRegion.class)));

    /** What is laid out and how is one thing, how it is searched another; the engine knows plane geometry and how refusals are worded. */
    @ArchTest
    static final ArchRule THE_ENGINE_CAN_BE_LIFTED_OUT = noClasses()
            .that()
            .resideInAPackage("org.handdown.fit..")
            .should()
            .dependOnClassesThat(resideInAPackage("org.handdown..")
                    .and(not(resideInAnyPackage(
                            "org.handdown.fit..", "org.handdown.geometry..", "org.handdown.measure.."))));

    @ArchTest
    static final ArchRule ROOMS_OF_THE_ENGINE = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("format")
            .definedBy("org.handdown.fit")
            .layer("check")
            .definedBy("org.handdown.fit.check")
            .layer("remnant")
            .definedBy("org.handdown.fit.remnant")
            .layer("room")
            .definedBy("org.handdown.fit.room")
            .layer("search")
            .definedBy("org.handdown.fit.search")
            .whereLayer("search")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("room")
            .mayOnlyBeAccessedByLayers("search")
            .whereLayer("remnant")
            .mayOnlyBeAccessedByLayers("room", "search")
            .whereLayer("check")
            .mayOnlyBeAccessedByLayers("room", "search");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("org.handdown.(**)").should().beFreeOfCycles();

    private static ArchRule groupsFollowTheWork() {
        var layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String group : GROUPS) {
            layers = layers.layer(group).definedBy("org.handdown." + group + "..");
        }
        for (int i = 0; i < GROUPS.length; i++) {
            String[] later = java.util.Arrays.copyOfRange(GROUPS, i + 1, GROUPS.length);
            layers = later.length == 0
                    ? layers.whereLayer(GROUPS[i]).mayNotBeAccessedByAnyLayer()
                    : layers.whereLayer(GROUPS[i]).mayOnlyBeAccessedByLayers(later);
        }
        return layers;
    }
}
