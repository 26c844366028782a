package honeylamp.desktop;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The floors of the window: a package uses only those above it. */
class DesktopFloorsTest {
    private static final List<String> FLOORS = List.of(
            "gesture",
            "gesture.draw",
            "gesture.pick",
            "gesture.place",
            "gesture.trace",
            "gesture.look",
            "meter",
            "workspace",
            "command",
            "picture",
            "panel.part",
            "panel.card",
            "panel.tray",
            "panel.guide",
            "panel",
            "files");

    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("honeylamp.desktop");

    @Test
    void everyPackageUsesOnlyThoseAboveIt() {
        assertThat(DESKTOP.stream()
                        .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                        .filter(d -> floor(d.getTargetClass()) > floor(d.getOriginClass()))
                        .map(Dependency::getDescription))
                .isEmpty();
    }

    /** How far down a class lives; the window itself lies below all, and what is not the window's above all. */
    private static int floor(JavaClass type) {
        var name = type.getBaseComponentType().getPackageName();
        return name.equals("honeylamp.desktop")
                ? FLOORS.size()
                : FLOORS.indexOf(name.replaceFirst("^honeylamp\\.desktop\\.", ""));
    }

    @Test
    void everyPackageIsAFloor() {
        assertThat(DESKTOP.stream()
                        .map(JavaClass::getPackageName)
                        .map(p -> p.replaceFirst("^honeylamp\\.desktop\\.?", ""))
                        .collect(Collectors.toSet()))
                .isSubsetOf(withRoot());
    }

    private static Set<String> withRoot() {
        var out = FLOORS.stream().collect(Collectors.toSet());
        out.add("");
        return out;
    }

    @Test
    void thereAreNoCycles() {
        slices().matching("honeylamp.desktop.(**)").should().beFreeOfCycles().check(DESKTOP);
    }

    /** A door of core that neither the window nor the command line goes through is a wall. */
    @Test
    void everyDoorOfCoreIsUsed() throws IOException {
        var used = new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("honeylamp.desktop", "honeylamp.cli")
                        .stream()
                        .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                        .map(d -> d.getTargetClass().getBaseComponentType().getPackageName())
                        .collect(Collectors.toSet());
        assertThat(Files.readString(Path.of("../core/src/main/java/module-info.java"))
                        .lines()
                        .map(String::strip)
                        .filter(l -> l.startsWith("exports "))
                        .map(l -> l.replaceAll("exports |;", "")))
                .isNotEmpty()
                .allMatch(used::contains);
    }

    /** What a person asks for and cannot have is an outcome; an exception is a mistake and is met in one place. */
    @Test
    void noGestureAndNoPanelTakesAMistakeForAnAnswer() {
        var catching = DESKTOP.stream()
                .flatMap(c -> c.getCodeUnits().stream())
                .filter(u -> u.getTryCatchBlocks().stream()
                        .flatMap(t -> t.getCaughtThrowables().stream())
                        .anyMatch(t -> RuntimeException.class.isAssignableFrom(t.reflect())
                                && !t.getName().equals("java.nio.file.DirectoryIteratorException")
                                && !t.getName().equals("java.io.UncheckedIOException")))
                .map(u -> u.getOwner().getSimpleName())
                .distinct()
                .toList();
        // the one place that meets mistakes, a settings file somebody wrote by hand, pictures without room to unpack
        assertThat(catching).containsExactlyInAnyOrder("Mishaps", "WindowState", "PictureStore");
    }
}
