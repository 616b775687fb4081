package evencistern.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

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
import evencistern.testkit.PostgresSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.RequestMapping;

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

    /** What comes and goes is the server's own; of the core only the choices of a list pass, whose names the contract holds. */
    @ArchTest
    static final ArchRule noRecordOfTheCoreGoesOverTheWire = methods()
            .that()
            .areMetaAnnotatedWith(RequestMapping.class)
            .should(new ArchCondition<>("speak in wire records") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                    Set<JavaClass> seen = new HashSet<>();
                    Deque<JavaClass> open =
                            new ArrayDeque<>(method.getReturnType().getAllInvolvedRawTypes());
                    method.getParameters().forEach(p -> open.addAll(p.getType().getAllInvolvedRawTypes()));
                    while (!open.isEmpty()) {
                        JavaClass type = open.pop();
                        boolean ours = type.getPackageName().startsWith("evencistern.");
                        if (!ours || !seen.add(type) || type.isEnum()) {
                            continue;
                        }
                        boolean ok = type.getPackageName().startsWith("evencistern.server.");
                        events.add(new SimpleConditionEvent(
                                method, ok, method.getFullName() + " speaks of " + type.getFullName()));
                        type.getFields().stream()
                                .filter(f -> !f.getModifiers().contains(JavaModifier.STATIC))
                                .forEach(f -> open.addAll(f.getType().getAllInvolvedRawTypes()));
                    }
                }
            });

    @ArchTest
    static final ArchRule paperIsMadeInOneRoom = onlyIn("..exchange.pdf..", "com.lowagie..", "com.google.zxing..");

    @ArchTest
    static final ArchRule calendarsAreMadeInOneRoom = onlyIn("..exchange.ics..", "biweekly..");

    @ArchTest
    static final ArchRule messagesAreReadInOneRoom = noClasses()
            .that()
            .resideOutsideOfPackage("..server.words..")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("com.ibm.icu.text.MessageFormat");

    private static ArchRule onlyIn(String room, String... libraries) {
        return noClasses()
                .that()
                .resideOutsideOfPackage(room)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(libraries);
    }

    private static final Pattern WRITES = Pattern.compile(
            "(?:insert into|delete from|update) ([a-z]+(?:_[a-z]+)*)\\b(?! (?:locked|set \\w+ = excluded))"
                    + "|OwnedTable\\.named\\(\\s*\"(\\w+)\"|\\.rows\\(\\s*\"(\\w+)\"|\\.texts\\(\\s*\"\\w+\", \"(\\w+)\""
                    + "|\"(journal_\\w+)\", \"");
    private static final Set<String> NO_TABLES = Set.of("set", "skip");

    /** The journal's rows of readings are written by the thousand, in a way of their own, and copied as all others are. */
    private static final Set<String> IN_TWO = Set.of("journal_reading");

    /** A table has one writer, but for a garden file, which puts all of a garden back. */
    @Test
    void aTableIsWrittenByOneStore() throws IOException {
        Path sources = PostgresSession.root().resolve("server/src/main/java");
        Map<String, Set<String>> writers = new TreeMap<>();
        try (Stream<Path> all = Files.walk(sources)) {
            for (Path source : all.filter(f -> f.toString().endsWith(".java")).toList()) {
                String name = String.valueOf(source.getFileName());
                Matcher writes = WRITES.matcher(Files.readString(source).replaceAll("\\s+", " "));
                while (writes.find()) {
                    for (int group = 1; group <= writes.groupCount(); group++) {
                        String table = writes.group(group);
                        if (table != null && !NO_TABLES.contains(table)) {
                            writers.computeIfAbsent(table, t -> new TreeSet<>()).add(name);
                        }
                    }
                }
            }
        }
        assertThat(writers).hasSizeGreaterThan(35).containsKeys("lot", "lot_trait", "journal_note", "garden");
        writers.forEach((table, by) -> {
            by.remove("GardenFileStore.java");
            assertThat(by).as(table).allMatch(f -> f.endsWith("Store.java"));
            assertThat(by).as(table).hasSizeLessThanOrEqualTo(IN_TWO.contains(table) ? 2 : 1);
        });
    }
}
