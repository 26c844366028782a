package honeylamp;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaCodeUnit;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Elements;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The floors of the house: a package uses only those above it. */
class FloorsTest {
    private static final List<String> FLOORS = List.of(
            "units",
            "geometry",
            "geometry.space",
            "plan",
            "underlay",
            "tracing",
            "lettering",
            "derive",
            "derive.walls",
            "derive.openings",
            "derive.fixed",
            "derive.rooms",
            "derive.light",
            "derive.roof",
            "derive.storeys",
            "derive.lighting",
            "derive.pointing",
            "derive.own",
            "derive.runs",
            "derive.traced",
            "derive.tiers",
            "derive.listing",
            "derive.schemes",
            "derive.snags",
            "edit",
            "catalogue.symbol",
            "catalogue.pattern",
            "catalogue.piece",
            "catalogue",
            "takeoff.tiles",
            "takeoff.fit",
            "takeoff.way",
            "takeoff.lived",
            "takeoff.bought",
            "takeoff.lighting",
            "takeoff.brightness",
            "takeoff",
            "takeoff.key",
            "body",
            "raised",
            "raised.traced",
            "survey.reading",
            "survey",
            "model",
            "drawing.ink",
            "drawing",
            "illustrate.paper",
            "illustrate.pen",
            "illustrate.shade",
            "illustrate.ground",
            "illustrate.building",
            "illustrate.furniture",
            "illustrate.fitting",
            "illustrate.words",
            "illustrate.elevation",
            "illustrate.raised",
            "illustrate.sketch",
            "illustrate",
            "sheet",
            "output",
            "pack",
            "store",
            "pack.run",
            "guide",
            "demo.place",
            "demo.gallery",
            "demo");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("honeylamp");

    @Test
    void everyPackageUsesOnlyThoseAboveIt() {
        assertThat(CORE.stream()
                        .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                        .filter(d -> floor(d.getTargetClass()) > floor(d.getOriginClass()))
                        .map(Dependency::getDescription))
                .isEmpty();
    }

    /** How far down a class lives; what is not ours lies above all. */
    private static int floor(JavaClass type) {
        return FLOORS.indexOf(type.getBaseComponentType().getPackageName().replaceFirst("^honeylamp\\.", ""));
    }

    @Test
    void everyPackageIsAFloor() {
        assertThat(CORE.stream()
                        .map(JavaClass::getPackageName)
                        .map(p -> p.replaceFirst("^honeylamp\\.", ""))
                        .collect(Collectors.toSet()))
                .isEqualTo(Set.copyOf(FLOORS));
    }

    /** What cannot be done is an outcome; an exception is a mistake in the program, and nobody takes it for an answer. */
    @Test
    void noEditTakesAMistakeForAnAnswer() {
        assertThat(CORE.stream()
                        .filter(c -> c.getPackageName().matches("honeylamp\\.(plan|derive|edit|illustrate|sheet).*"))
                        .flatMap(c -> c.getCodeUnits().stream())
                        .filter(u -> u.getTryCatchBlocks().stream()
                                .flatMap(t -> t.getCaughtThrowables().stream())
                                .anyMatch(t -> t.isAssignableTo(RuntimeException.class)))
                        .map(JavaCodeUnit::getFullName))
                .isEmpty();
    }

    /** What the window and the command line may call on: public types, nested ones too, in packages that are exported. */
    @Test
    void notMuchMoreThanHalfOfTheTypesAreSeenFromOutside() throws IOException {
        var exported = Files.readAllLines(Path.of("src/main/java/module-info.java")).stream()
                .map(String::strip)
                .filter(line -> line.startsWith("exports "))
                .map(line -> line.substring("exports ".length(), line.length() - 1))
                .collect(Collectors.toSet());
        var written = CORE.stream()
                .filter(c -> !c.isAnonymousClass() && !c.isLocalClass())
                .filter(c -> !c.getSimpleName().equals("package-info"))
                .filter(c -> !c.getSourceCodeLocation().toString().contains("Builder.java"))
                .toList();
        var seen = written.stream()
                .filter(c -> exported.contains(c.getPackageName()))
                .filter(FloorsTest::isPublic)
                .count();
        assertThat(exported).isNotEmpty();
        assertThat(100.0 * seen / written.size())
                .as(seen + " of " + written.size() + " types")
                .isLessThanOrEqualTo(55);
    }

    private static boolean isPublic(JavaClass type) {
        return type.getModifiers().contains(JavaModifier.PUBLIC)
                && type.getEnclosingClass().map(FloorsTest::isPublic).orElse(true);
    }

    @Test
    void thereAreNoCycles() {
        slices().matching("honeylamp.(**)").should().beFreeOfCycles().check(CORE);
    }

    /** The plan with its copies in is derived from, and never edited: only what derives may have it. */
    @Test
    void onlyWhatDerivesKnowsThePlanWithItsCopies() {
        noClasses()
                .that()
                .resideOutsideOfPackage("honeylamp.derive..")
                .should()
                .callMethod(LaidPlan.class, "whole")
                .check(CORE);
    }

    @Test
    void coreKnowsNoWindowToolkit() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "javax.swing..", "honeylamp.desktop..", "honeylamp.cli..")
                .check(CORE);
    }

    @Test
    void onlyGeometryKnowsJts() {
        noClasses()
                .that()
                .resideOutsideOfPackage("honeylamp.geometry")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.locationtech..")
                .check(CORE);
    }

    @Test
    void onlyTheStoreKnowsJson() {
        noClasses()
                .that()
                .resideOutsideOfPackage("honeylamp.store..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("tools.jackson..")
                .check(CORE);
    }

    @Test
    void thePlanIsRecordsEnumsAndInterfaces() {
        classes()
                .that()
                .belongToAnyOf(Elements.class) // the one collection, as good as a record
                .should()
                .haveOnlyFinalFields()
                .check(CORE);
        classes()
                .that()
                .resideInAPackage("honeylamp.plan")
                .and()
                .areTopLevelClasses()
                .and()
                .doNotHaveSimpleName("package-info")
                .and()
                .doNotHaveSimpleName("Elements")
                .and()
                // What the compiler makes for records that are copied with a part changed.
                .haveSimpleNameNotEndingWith("Builder")
                .should()
                .beRecords()
                .orShould()
                .beInterfaces()
                .orShould()
                .beEnums()
                .check(CORE);
    }

    /** A point before decimals on every machine: only these ask for a format, and they say the root's. */
    @Test
    void numbersAreWrittenAlikeOnEveryMachine() {
        noClasses()
                .should()
                .callMethod(String.class, "formatted", Object[].class)
                .orShould()
                .callMethod(String.class, "format", String.class, Object[].class)
                .check(CORE);
    }

    @Test
    void everyPackageHasASign() throws IOException {
        var root = Path.of("src/main/java/honeylamp");
        for (var floor : FLOORS) {
            var sign = root.resolve(floor.replace('.', '/')).resolve("package-info.java");
            assertThat(sign).exists();
            assertThat(Files.readString(sign)).contains("@NullMarked", "<b>Holds</b>");
        }
    }
}
