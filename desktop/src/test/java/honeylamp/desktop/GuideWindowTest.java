package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.derive.snags.Snag;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.guide.Guide;
import honeylamp.guide.Place;
import honeylamp.store.PlanDocument;
import java.util.List;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

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

    @Test
    void aPageIsFoundByItsWords() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.key(KeyCode.CONTROL, KeyCode.K);
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
