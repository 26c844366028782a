package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.demo.Gallery;
import honeylamp.desktop.files.TemplateFolder;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.Showing.Kind;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Where work begins: new plans, templates, recent plans, demos; and what a plan is called. */
class StartWindowTest {
    private static boolean open(WindowDriver w) throws Exception {
        return w.node("start-empty") != null
                && WindowDriver.<Boolean>onScreen(
                        () -> w.window().scene().lookup("#start-view").isVisible());
    }

    private static String title(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.window().title().get());
    }

    @Test
    void aPlanBeginsWithItsNameUnitsAndPaper() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
            assertThat(open(w)).isTrue();
            w.write("Net loft"); // the name has the keys
            w.press("start-units-in");
            w.press("start-paper-Letter");
            w.press("start-way-Portrait");
            w.press("start-empty");
            assertThat(open(w)).isFalse();
            assertThat(w.plan().name()).isEqualTo("Net loft");
            assertThat(w.plan().units()).isEqualTo(UnitSystem.FEET_INCHES);
            var sheet = WindowDriver.firstPage(w.plan()).page().sheet();
            assertThat(sheet.paper()).isEqualTo(Paper.LETTER);
            assertThat(sheet.way()).isEqualTo(Way.PORTRAIT);
            assertThat(title(w)).startsWith("Net loft \u2013 in no file yet");
        }
    }

    @Test
    void escapeGoesBackAndNothingHasChanged() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var before = w.plan();
            w.press("start");
            w.key(KeyCode.ESCAPE);
            assertThat(open(w)).isFalse();
            assertThat(w.plan()).isSameAs(before);
        }
    }

    @Test
    void aPlanWithoutANamePrintsNoneAndIsCalledLikeItsFile(@TempDir Path folder) throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            assertThat(w.plan().name()).isEmpty();
            assertThat(title(w)).startsWith("A plan without a name");
            w.answers.plan = Optional.of(folder.resolve("harbour street.honeylamp"));
            w.key(KeyCode.CONTROL, KeyCode.S);
            w.settle();
            assertThat(w.plan().name()).isEqualTo("harbour street");
            assertThat(title(w)).startsWith("harbour street \u2013 harbour street.honeylamp, saved");
            w.fill("plan-name", "Harbour Street 4");
            assertThat(w.plan().name()).isEqualTo("Harbour Street 4");
            assertThat(title(w)).contains("not saved yet");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().name()).isEqualTo("harbour street");
            TextField field = w.node("plan-name");
            assertThat(WindowDriver.<String>onScreen(field::getText)).isEqualTo("harbour street");
        }
    }

    @Test
    void recentPlansAreOfferedAndOneThatIsGoneSaysSo(@TempDir Path folder) throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var file = folder.resolve("yard.honeylamp");
            w.answers.plan = Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.S);
            w.settle();
            w.press("new");
            w.press("start");
            w.press("start-recent-0");
            w.settle();
            assertThat(w.plan().name()).isEqualTo("Sailcloth Yard");
            assertThat(WindowDriver.<Optional<Path>>onScreen(
                            () -> w.model().now().file()))
                    .contains(file);
            Files.delete(file);
            w.press("start");
            Labeled gone = w.node("start-recent-0");
            assertThat(WindowDriver.<String>onScreen(gone::getAccessibleText)).contains("no longer in");
            w.press("start-recent-0");
            w.settle();
            assertThat(w.message()).contains("no such file");
            w.press("start");
            w.press("start-recent-off-0");
            w.settle();
            Node left = w.node("start-recent-0");
            assertThat(left).isNull();
        }
    }

    @Test
    void aTemplateKeepsWhatIsAroundAPlanAndNothingThatStandsInIt() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            WindowDriver.onScreen(() -> {
                w.window().actions().commands().of("keep-template").action().run();
                return null;
            });
            w.settle();
            var kept = w.templates.all().getFirst();
            var demo = w.plan();
            assertThat(kept.name()).isEqualTo(demo.name());
            assertThat(kept.storeys()).allMatch(s -> s.elements().isEmpty());
            assertThat(kept.wallTypes()).isEqualTo(demo.wallTypes());
            assertThat(kept.presentation().looks())
                    .isEqualTo(demo.presentation().looks());
            assertThat(WindowDriver.firstPage(kept).page().sheet().title())
                    .isEqualTo(WindowDriver.firstPage(demo).page().sheet().title());

            w.press("start");
            w.write("Next door");
            w.press("start-own-0");
            assertThat(w.plan().name()).isEqualTo("Next door");
            assertThat(w.plan().wallTypes()).isEqualTo(demo.wallTypes());
            assertThat(w.templates.all().getFirst().name()).isEqualTo("Sailcloth Yard"); // using it changes nothing

            w.press("start");
            Node tile = w.node("start-own-0");
            WindowDriver.onScreen(() -> {
                tile.requestFocus();
                return null;
            });
            w.key(KeyCode.DELETE);
            assertThat(w.templates.all()).isEmpty();
            assertThat(w.<Node>node("start-own-0")).isNull();
        }
    }

    @Test
    void templatesThatShipSuitTheUnits() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.press("start");
            w.press("start-units-in");
            w.press("start-template-1"); // for listings
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().paper()).isEqualTo(Paper.LETTER);
            assertThat(WindowDriver.firstPage(w.plan())
                            .views()
                            .getFirst()
                            .view()
                            .showing()
                            .shows(Kind.DIMENSIONS))
                    .isFalse();
            w.press("start");
            w.press("start-demo-quillback-lane");
            w.settle();
            assertThat(w.plan().name()).isEqualTo("Quillback Lane");
        }
    }

    /** Every plan of the gallery opens as one that is in no file yet, with nothing to complain about. */
    @Test
    void aPlanOfTheGalleryOpensFinished() throws Exception {
        try (var w = WindowDriver.empty()) {
            for (var each : Gallery.values()) {
                w.press("start");
                w.press("start-" + each.key());
                w.settle();
                assertThat(w.plan()).isEqualTo(each.document().plan());
                assertThat(w.model().now().file()).isEmpty();
            }
        }
    }

    /** A picture of 104, two lines of words, and the air around them; once the words were asked for without a width. */
    @Test
    void tilesAreAsHighAsWhatTheyHold() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.press("start");
            for (var each : Gallery.values()) {
                assertThat(w.node("start-" + each.key()).getBoundsInLocal().getHeight())
                        .as(each.label())
                        .isBetween(130.0, 190.0);
            }
        }
    }

    @Test
    void aTemplateLiesOnThePaperThatWasChosenElseOnItsOwn() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.press("start");
            w.press("start-template-1"); // upright by itself
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().way()).isEqualTo(Way.PORTRAIT);
            w.press("start");
            w.press("start-paper-A4");
            w.press("start-way-Landscape");
            w.press("start-template-1");
            var sheet = WindowDriver.firstPage(w.plan()).page().sheet();
            assertThat(sheet.paper()).isEqualTo(Paper.A4);
            assertThat(sheet.way()).isEqualTo(Way.LANDSCAPE);
        }
    }

    @Test
    void twoTemplatesWrittenAlikeInFilesAreKeptBoth(@TempDir Path folder) {
        var library = new TemplateFolder(folder.resolve("templates"));
        for (var name : new String[] {"Łódź", "Ålesund!", "Łódź"}) {
            assertThat(library.keep(TestWalls.house().withName(name))).isEmpty();
        }
        assertThat(library.all()).extracting(p -> p.name()).containsExactlyInAnyOrder("Łódź", "Ålesund!");
    }
}
