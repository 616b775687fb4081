package evencistern.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import evencistern.server.history.Keeping;
import evencistern.server.history.OwnedTable;
import org.springframework.jdbc.core.simple.JdbcClient;

@AnalyzeClasses(packages = "evencistern.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule allSqlIsInStores = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Store")
            .and()
            .areNotAssignableTo(OwnedTable.class)
            .and()
            .areNotAssignableTo(OwnedTable.Builder.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(JdbcClient.class);

    /** A thing that a person may edit is added and written over in one way: its version counts, and nothing is lost. */
    @ArchTest
    static final ArchRule whatHasVersionsIsWrittenByOneMechanism = classes()
            .that()
            .implement(Keeping.class)
            .should()
            .be(OwnedTable.class)
            .orShould()
            .haveFullyQualifiedName("evencistern.server.garden.GardenStore$Settings");

    @ArchTest
    static final ArchRule everyStoreMethodIsAskedForAGardenFirst = methods()
            .that()
            .areDeclaredInClassesThat()
            .haveSimpleNameEndingWith("Store")
            .and()
            .areNotStatic()
            .and()
            .areNotPrivate()
            .and()
            .haveNameNotMatching("(list|mark)Garden\\w*")
            .and()
            .haveRawReturnType(DescribedPredicate.not(JavaClass.Predicates.assignableTo(Keeping.class)))
            .should(new ArchCondition<>("take a GardenId first") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                    boolean ok = method.getModifiers().contains(JavaModifier.SYNTHETIC)
                            || (!method.getRawParameterTypes().isEmpty()
                                    && method.getRawParameterTypes().get(0).isEquivalentTo(GardenId.class));
                    events.add(new SimpleConditionEvent(method, ok, method.getFullName()));
                }
            });

    @ArchTest
    static final ArchRule featuresFormNoCircle =
            slices().matching("evencistern.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule oneClock = noClasses()
            .that()
            .resideOutsideOfPackage("evencistern.server.clock..")
            .should()
            .callMethod(java.time.Clock.class, "systemUTC")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now");

    @ArchTest
    static final ArchRule controllersKeepToThemselves =
            classes().that().haveSimpleNameEndingWith("Controller").should().bePackagePrivate();
}
