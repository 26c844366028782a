package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.snags.Snag;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.guide.Guide;
import honeylamp.guide.Place;
import honeylamp.store.PlanDocument;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The guide beside the drawing, and the tour of the demo. */
class GuideWindowTest {
    private static final int STEPS = 8;

    private static boolean isOpen(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.window().guide.isVisible());
    }

    private static Place at(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.window().guide.at());
    }

    private static void go(WindowDriver w, WorkStage stage) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().go(stage);
            return stage;
        });
    }

    @Test
    void aKeyOpensThePageOfWhatIsBeingDoneAndPutsItAway() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            for (var stage : WorkStage.values()) {
                go(w, stage);
                w.key(KeyCode.F1);
                assertThat(isOpen(w)).isTrue();
                assertThat(at(w)).isEqualTo(Topics.of(stage));
            }
            w.key(KeyCode.F1); // at the page it shows
            assertThat(isOpen(w)).isFalse();
            w.key(KeyCode.F1);
            w.key(KeyCode.ESCAPE);
            assertThat(isOpen(w)).isFalse();
            var lamp = w.model().now().lamp();
            w.key(KeyCode.L); // the plan has the keys again
            assertThat(w.model().now().lamp()).isNotEqualTo(lamp);
        }
    }

    @Test
    void linksAreFollowedAndTheWayBackIsKept() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            go(w, WorkStage.DIMENSIONS);
            w.key(KeyCode.F1);
            w.settle();
            w.press("guide-to-snags-dimension-without-its-point");
            assertThat(at(w)).isEqualTo(Topics.of(Snag.Kind.LOOSE_DIMENSION));
            w.until(() -> WindowDriver.<Double>onScreen(() -> ((ScrollPane) w.node("guide-scroll")).getVvalue())
                    > 0.5); // far down the page
            w.press("guide-contents");
            assertThat(at(w)).isEqualTo(Place.of(Guide.FIRST));
            w.press("guide-back");
            w.press("guide-back");
            assertThat(at(w)).isEqualTo(Place.of("dimensions"));
            w.press("guide-close");
            assertThat(isOpen(w)).isFalse();
        }
    }

    /** Where the guide is read, page down scrolls it and does not go to the storey below. */
    @Test
    void keysThatScrollDoNothingInThePlan() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            WindowDriver.onScreen(() -> {
                w.model().goTo(w.plan().storeys().getLast().id());
                return "";
            });
            go(w, WorkStage.WALLS);
            w.key(KeyCode.F1);
            w.settle();
            var storey = w.model().now().currentStorey().id();
            w.key(KeyCode.PAGE_DOWN);
            w.until(() -> WindowDriver.<Double>onScreen(() -> ((ScrollPane) w.node("guide-scroll")).getVvalue()) > 0.1);
            assertThat(w.model().now().currentStorey().id()).isEqualTo(storey);
            w.key(KeyCode.ESCAPE);
            w.key(KeyCode.PAGE_DOWN); // on the plan it does
            assertThat(w.model().now().currentStorey().id()).isNotEqualTo(storey);
        }
    }

    /** A broken file is refused, and the question mark beside the sentence leads to what can be done. */
    @Test
    void aFileThatCannotBeOpenedLeadsToFiles(@TempDir Path folder) throws Exception {
        var broken = Files.writeString(folder.resolve("broken.honeylamp"), "no plan");
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.answers.plan = Optional.of(broken);
            w.press("open");
            w.settle();
            assertThat(w.message()).contains("broken.honeylamp");
            w.press("said-why");
            assertThat(at(w)).isEqualTo(Place.of("files"));
        }
    }

    /** In a narrow drawing what is said in full stands above the measure line, not over it. */
    @Test
    void whatIsSaidInFullLeavesTheMeasureLineFree() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            go(w, WorkStage.WALLS);
            w.key(KeyCode.F1);
            WindowDriver.onScreen(() -> {
                w.model()
                        .complain(
                                "That is no length. Type a number with a unit, such as 3.65 m, and press Enter again. Sums and halves are read too, feet and inches with fractions, and lengths of other plans that were copied; what was typed last is kept until then.");
                return "";
            });
            w.settle();
            Node said = w.node("said-in-full");
            Node line = w.node("measure-line");
            assertThat(said.isVisible()).isTrue();
            assertThat(said.localToScene(said.getLayoutBounds()).getMaxY())
                    .isLessThanOrEqualTo(
                            line.localToScene(line.getLayoutBounds()).getMinY() + 1);
        }
    }

    /** With large words in a window of 1,000: the tray makes room, no page is wider than the guide, and it comes back. */
    @Test
    void theDrawingKeepsItsRoomBesideTheGuide() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            WindowDriver.onScreen(() -> {
                w.window().style().set(w.window().style().get().withTextPercent(150));
                return "";
            });
            go(w, WorkStage.WALLS);
            w.settle();
            assertThat(inSight(w, "tray")).isTrue();
            w.key(KeyCode.F1);
            w.settle();
            assertThat(inSight(w, "tray")).isFalse();
            assertThat(w.node("plan").getLayoutBounds().getWidth()).isGreaterThan(420);
            for (var page : List.of("listing", "look", "snags")) {
                WindowDriver.onScreen(() -> {
                    w.window().guide.open(Place.of(page));
                    return "";
                });
                w.settle();
                var scroll = (ScrollPane) w.node("guide-scroll");
                w.until(() -> WindowDriver.<Boolean>onScreen(
                        () -> scroll.getContent().getLayoutBounds().getWidth()
                                <= scroll.getViewportBounds().getWidth() + 1));
            }
            w.press("guide-close");
            w.settle();
            assertThat(inSight(w, "tray")).isTrue();
        }
    }

    private static boolean inSight(WindowDriver w, String id) throws Exception {
        return WindowDriver.onScreen(() -> {
            for (Node node = w.window().scene().lookup("#" + id); node != null; node = node.getParent()) {
                if (!node.isVisible()) {
                    return false;
                }
            }
            return true;
        });
    }

    /** Words made larger while the window stands: the measure line takes a row of its own, and its hint two lines at most. */
    @Test
    void theMeasureLineIsLaidAnewForLargerWords() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            go(w, WorkStage.LOOK);
            w.settle();
            WindowDriver.onScreen(() -> {
                w.window().style().set(w.window().style().get().withTextPercent(150));
                return "";
            });
            w.settle();
            w.until(() -> WindowDriver.<Boolean>onScreen(
                    () -> w.node("measure-line").getLayoutBounds().getHeight() < 90));
        }
    }

    @Test
    void aPageIsFoundByItsWords() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.settle(); // the guide is read aside
            w.write("a lighting plan");
            w.key(KeyCode.ENTER);
            assertThat(isOpen(w)).isTrue();
            assertThat(at(w)).isEqualTo(Place.of("lighting-plan"));
        }
    }

    /** Every kind of snag and every stage has a place that is there. */
    @Test
    void everySnagLeadsToItsWords() {
        var guide = Guide.shipped();
        assertThat(Snag.Kind.values()).allMatch(kind -> guide.has(Topics.of(kind)));
        assertThat(WorkStage.values()).allMatch(stage -> guide.has(Topics.of(stage)));
    }

    @Test
    void theListOfSnagsAndAComplaintLeadToTheirPages() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("snags");
            w.settle();
            w.press("why-unnamed-room");
            assertThat(at(w)).isEqualTo(new Place("snags", "unnamed-room"));
            w.press("guide-close");
            assertThat(w.node("said-why").isVisible()).isFalse();
            go(w, WorkStage.FURNISH);
            WindowDriver.onScreen(() -> {
                w.model().complain("That cannot be.");
                return "";
            });
            w.settle();
            w.press("said-why");
            assertThat(at(w)).isEqualTo(Place.of("furnish"));
            WindowDriver.onScreen(() -> {
                w.model().complainOfFile("There is no room on the disk.");
                return "";
            });
            w.settle();
            w.press("said-why");
            assertThat(at(w)).isEqualTo(Place.of("files"));
            WindowDriver.onScreen(() -> {
                w.model().alarm("What you do is not kept: the disk is full.");
                return "";
            });
            w.settle();
            w.press("alarm-why");
            assertThat(at(w)).isEqualTo(Topics.UNSAVED);
            assertThat(Guide.shipped().has(Topics.UNSAVED)).isTrue();
        }
    }

    /** A newcomer is offered it; at every step Esc leaves it, and the plan is as it was. */
    @Test
    void theTourIsTakenFromTheStartAndLeftAtAnyStep() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.press("start");
            w.press("start-tour");
            w.settle();
            assertThat(w.plan().name()).isEqualTo("Sailcloth Yard");
            var plan = w.plan();
            for (var left : List.of(1, 2, STEPS)) {
                for (var step = 1; step < left; step++) {
                    w.press("tour-next");
                    w.settle();
                }
                assertThat(w.node("tour").isVisible()).isTrue();
                w.key(KeyCode.ESCAPE);
                assertThat(w.node("tour").isVisible()).isFalse();
                WindowDriver.onScreen(() -> {
                    w.window().tour.begin();
                    return "";
                });
                w.settle();
            }
            for (var step = 1; step <= STEPS; step++) {
                w.press("tour-next");
                w.settle();
            }
            assertThat(w.node("tour").isVisible()).isFalse(); // done
            assertThat(w.plan()).isSameAs(plan);
        }
    }

    /** What is outlined is seen: a part of the window with a size. */
    @Test
    void eachStepOutlinesWhatItSpeaksOf() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.press("start");
            w.press("start-tour");
            w.settle();
            for (var step = 1; step < STEPS; step++) {
                w.until(() -> WindowDriver.<Boolean>onScreen(() -> {
                    var outline = w.window().scene().lookup(".tour-outline");
                    return outline.isVisible() && outline.getBoundsInLocal().getWidth() > 30;
                }));
                w.press("tour-next");
                w.settle();
            }
        }
    }
}
