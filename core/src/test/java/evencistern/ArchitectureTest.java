package evencistern;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "evencistern", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule arrowsPointDownwardOnly = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("fault")
            .definedBy("evencistern.fault..")
            .layer("units")
            .definedBy("evencistern.units..")
            .layer("table")
            .definedBy("evencistern.table..")
            .layer("working")
            .definedBy("evencistern.working..")
            .layer("chemistry")
            .definedBy("evencistern.chemistry..")
            .layer("solution")
            .definedBy("evencistern.solution..")
            .layer("optimum")
            .definedBy("evencistern.optimum..")
            .layer("blend")
            .definedBy("evencistern.blend..")
            .layer("remedy")
            .definedBy("evencistern.remedy..")
            .layer("tank")
            .definedBy("evencistern.tank..")
            .layer("label")
            .definedBy("evencistern.label..")
            .layer("meter")
            .definedBy("evencistern.meter..")
            .layer("water")
            .definedBy("evencistern.water..")
            .layer("pot")
            .definedBy("evencistern.pot..")
            .layer("climate")
            .definedBy("evencistern.climate..")
            .layer("media")
            .definedBy("evencistern.media..")
            .layer("feed")
            .definedBy("evencistern.feed..")
            .layer("plant")
            .definedBy("evencistern.plant..")
            .layer("caution")
            .definedBy("evencistern.caution..")
            .layer("plan")
            .definedBy("evencistern.plan..")
            .layer("reading")
            .definedBy("evencistern.reading..")
            .layer("wish")
            .definedBy("evencistern.wish..")
            .whereLayer("wish")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("optimum")
            .mayOnlyBeAccessedByLayers("blend", "wish")
            .whereLayer("blend")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("remedy")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("tank")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("wish")
            .whereLayer("reading")
            .mayOnlyBeAccessedByLayers("plan")
            .whereLayer("caution")
            .mayOnlyBeAccessedByLayers("plan", "reading")
            .whereLayer("plant")
            .mayOnlyBeAccessedByLayers("caution", "plan", "reading", "remedy", "wish")
            .whereLayer("feed")
            .mayOnlyBeAccessedByLayers("tank", "blend", "plant", "caution", "plan", "reading")
            .whereLayer("media")
            .mayOnlyBeAccessedByLayers("caution", "plan", "reading", "wish")
            .whereLayer("chemistry")
            .mayOnlyBeAccessedByLayers("solution", "water", "feed", "tank", "blend", "remedy", "media")
            .whereLayer("solution")
            .mayOnlyBeAccessedByLayers("water", "feed")
            .whereLayer("climate")
            .mayOnlyBeAccessedByLayers("plan", "reading")
            .whereLayer("pot")
            .mayOnlyBeAccessedByLayers("media", "caution", "plan", "reading", "wish")
            .whereLayer("meter")
            .mayOnlyBeAccessedByLayers("reading", "plan")
            .whereLayer("water")
            .mayOnlyBeAccessedByLayers("feed", "plant", "caution", "plan", "reading")
            .whereLayer("label")
            .mayOnlyBeAccessedByLayers("feed", "tank", "caution", "plan");

    @ArchTest
    static final ArchRule theCoreKnowsOnlyTheJob = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "evencistern..", "java..", "org.jspecify..", "org.hipparchus..", "org.ojalgo..", "org.shredzone..");

    @ArchTest
    static final ArchRule noClockAndNoChance = noClasses()
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.time.Clock")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(java.util.Random.class)
            .orShould()
            .dependOnClassesThat()
            .resideInAnyPackage("java.sql..", "java.net..");
}
