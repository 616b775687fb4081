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
            .layer("solver")
            .definedBy("evencistern.solver..")
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
            .layer("watering")
            .definedBy("evencistern.watering..")
            .layer("need")
            .definedBy("evencistern.need..")
            .layer("food")
            .definedBy("evencistern.food..")
            .layer("round")
            .definedBy("evencistern.round..")
            .layer("plan")
            .definedBy("evencistern.plan..")
            .layer("salt")
            .definedBy("evencistern.salt..")
            .layer("mixlife")
            .definedBy("evencistern.mixlife..")
            .layer("chore")
            .definedBy("evencistern.chore..")
            .layer("lot")
            .definedBy("evencistern.lot..")
            .layer("reading")
            .definedBy("evencistern.reading..")
            .layer("wish")
            .definedBy("evencistern.wish..")
            .layer("ailment")
            .definedBy("evencistern.ailment..")
            .whereLayer("ailment")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("wish")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("solver")
            .mayOnlyBeAccessedByLayers("blend", "wish")
            .whereLayer("blend")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("remedy")
            .mayOnlyBeAccessedByLayers("ailment")
            .whereLayer("tank")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("lot", "salt")
            .whereLayer("need")
            .mayOnlyBeAccessedByLayers("ailment", "chore", "food", "lot", "mixlife", "plan", "remedy", "round", "salt")
            .whereLayer("watering")
            .mayOnlyBeAccessedByLayers("caution", "food", "need", "plan", "round")
            .whereLayer("food")
            .mayOnlyBeAccessedByLayers("ailment", "lot", "plan", "remedy", "salt")
            .whereLayer("round")
            .mayOnlyBeAccessedByLayers("plan")
            .whereLayer("salt")
            .mayOnlyBeAccessedByLayers("lot")
            .whereLayer("mixlife")
            .mayOnlyBeAccessedByLayers("wish")
            .whereLayer("chore")
            .mayOnlyBeAccessedByLayers("lot")
            .whereLayer("lot")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("reading")
            .mayOnlyBeAccessedByLayers("ailment", "lot", "remedy")
            .whereLayer("caution")
            .mayOnlyBeAccessedByLayers("chore", "plan", "remedy")
            .whereLayer("plant")
            .mayOnlyBeAccessedByLayers(
                    "ailment",
                    "caution",
                    "chore",
                    "food",
                    "mixlife",
                    "need",
                    "plan",
                    "reading",
                    "remedy",
                    "watering",
                    "wish")
            .whereLayer("feed")
            .mayOnlyBeAccessedByLayers(
                    "ailment", "blend", "food", "mixlife", "need", "plan", "plant", "reading", "remedy", "salt", "tank")
            .whereLayer("media")
            .mayOnlyBeAccessedByLayers(
                    "ailment", "caution", "chore", "lot", "mixlife", "need", "plan", "reading", "remedy", "salt",
                    "wish")
            .whereLayer("chemistry")
            .mayOnlyBeAccessedByLayers("solution", "water", "feed", "tank", "blend", "remedy", "media")
            .whereLayer("solution")
            .mayOnlyBeAccessedByLayers("water", "feed")
            .whereLayer("climate")
            .mayOnlyBeAccessedByLayers("ailment", "chore", "food", "mixlife", "need", "plan", "remedy", "salt")
            .whereLayer("pot")
            .mayOnlyBeAccessedByLayers("caution", "food", "media", "mixlife", "need", "plan", "watering", "wish")
            .whereLayer("meter")
            .mayOnlyBeAccessedByLayers("lot")
            .whereLayer("water")
            .mayOnlyBeAccessedByLayers("ailment", "caution", "feed", "plan", "plant", "reading")
            .whereLayer("label")
            .mayOnlyBeAccessedByLayers("caution", "feed", "food", "need", "plan", "remedy", "salt", "tank");

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
