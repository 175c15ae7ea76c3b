package org.handdown;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** A later group of the work may use an earlier one, never the reverse; the core knows no framework; the checker not the fitter. */
@AnalyzeClasses(packages = "org.handdown", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final String[] GROUPS = {
        "measure",
        "geometry",
        "cloth",
        "source",
        "unpick",
        "alter",
        "panel",
        "body",
        "pattern",
        "reuse",
        "lay",
        "make",
        "project",
        "shortage"
    };

    @ArchTest
    static final ArchRule GROUPS_FOLLOW_THE_WORK = groupsFollowTheWork();

    @ArchTest
    static final ArchRule NO_FRAMEWORK = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "com.fasterxml..", "java.sql..", "java.net..", "java.nio.file..");

    @ArchTest
    static final ArchRule THE_CHECKER_SHARES_NOTHING_WITH_THE_FITTER = noClasses()
            .that()
            .haveSimpleName("RuleChecker")
            .should()
            .dependOnClassesThat()
            .haveNameMatching(
                    ".*\\.(NoFitPolygon|Convolution|Clearances|Search|Spots|Shape|ShapeBook|FlatRegion|GrainTurns|Stripes)");

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
