package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.plan.ElementId;
import honeylamp.store.PlanDocument;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How much of the window the drawing has: what is seen of it, without what floats over it. */
class DeskShareTest {
    /** The share of the window in which the drawing is seen, in per cent. */
    private static double share(WindowDriver w) throws Exception {
        w.settle();
        return WindowDriver.onScreen(() -> {
            var scene = w.window().scene();
            var plan = rectangle(w.window().plan());
            var covered = 0.0;
            for (var id : new String[] {"card", "desk-edge", "measure-line", "snags", "glance", "said-in-full"}) {
                var node = scene.lookup("#" + id);
                if (node != null && isSeen(node)) {
                    covered += area(plan, rectangle(node));
                }
            }
            var seen = plan.getWidth() * plan.getHeight() - covered;
            return 100 * seen / (scene.getWidth() * scene.getHeight());
        });
    }

    private static boolean isSeen(Node node) {
        for (var n = node; n != null; n = n.getParent()) {
            if (!n.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private static Rectangle2D rectangle(Node node) {
        Bounds b = node.localToScene(node.getLayoutBounds());
        return new Rectangle2D(b.getMinX(), b.getMinY(), b.getWidth(), b.getHeight());
    }

    private static double area(Rectangle2D a, Rectangle2D b) {
        var across = Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX());
        var down = Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY());
        return Math.max(0, across) * Math.max(0, down);
    }

    /** The headless screen is 1,000 px high; a window of 1,080 px gives the drawing still more. */
    @ParameterizedTest(name = "{0} x {1}")
    @CsvSource({"900, 600, 60, 42", "1280, 800, 75, 62", "1920, 990, 80, 70"})
    void theDrawingHasTheWindow(int width, int height, double least, double leastWithCard) throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(SailclothYard.plan()))) {
            w.resize(width, height);
            for (var stage : WorkStage.values()) {
                WindowDriver.onScreen(() -> {
                    w.model().go(stage);
                    return null;
                });
                pick(w, Set.of());
                assertThat(share(w)).as("%s, nothing picked", stage).isGreaterThanOrEqualTo(least);
                pick(w, Set.of(w.plan().storeys().getFirst().rooms().getFirst().id())); // the longest card
                assertThat(share(w)).as("%s, with a card", stage).isGreaterThanOrEqualTo(leastWithCard);
            }
        }
    }

    private static void pick(WindowDriver w, Set<ElementId> ids) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(ids);
            return null;
        });
    }

    /** The card stands where it does not cover what is picked, and is gone when nothing is. */
    @Test
    void theCardKeepsOffWhatIsPicked() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(SailclothYard.plan()))) {
            w.resize(1280, 800);
            w.press("stage-furnish");
            var storey = w.plan().storeys().getFirst();
            for (var piece : storey.furnishings()) {
                pick(w, Set.of(piece.id()));
                w.settle();
                var at = WindowDriver.onScreen(() -> {
                    var p = w.window().plan().pixel(piece.at().point());
                    return w.window().plan().localToScene(p.x(), p.y());
                });
                var card =
                        WindowDriver.onScreen(() -> rectangle(w.window().scene().lookup("#card")));
                assertThat(card.contains(at.getX(), at.getY())).as(piece.kind()).isFalse();
            }
            pick(w, Set.of());
            w.settle();
            assertThat(WindowDriver.onScreen(
                            () -> w.window().scene().lookup("#card").isVisible()))
                    .isFalse();
        }
    }

    @Test
    void theTrayFoldsAndStaysSoAndAllElseCanGo() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(SailclothYard.plan()))) {
            w.resize(1280, 800);
            w.focusPlan();
            w.key(KeyCode.S);
            var folded = share(w);
            assertThat(folded).isGreaterThan(85);
            w.key(KeyCode.CONTROL, KeyCode.DIGIT2);
            assertThat(share(w)).isGreaterThan(85); // the next stage leaves it folded
            w.press("stage-walls");
            assertThat(share(w)).isLessThan(80); // its stage opens it
            w.press("tray-fold");
            assertThat(share(w)).isGreaterThan(85);
            w.focusPlan();
            w.key(KeyCode.O);
            assertThat(share(w)).isGreaterThan(96);
            w.key(KeyCode.O);
            assertThat(share(w)).isCloseTo(folded, within(1.5));
        }
    }

    /** The storey is told in the card and put away by Escape; the zoom says how large the paper is. */
    @Test
    void theLowerEdgeTellsTheStoreyAndTheZoom() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(SailclothYard.plan()))) {
            w.resize(1280, 800);
            w.press("desk-storey");
            assertThat(WindowDriver.onScreen(() -> w.window().scene().lookup("#add-storey") != null))
                    .isTrue();
            w.focusPlan();
            w.key(KeyCode.ESCAPE);
            w.settle();
            assertThat(WindowDriver.onScreen(
                            () -> w.window().scene().lookup("#card").isVisible()))
                    .isFalse();
            MenuButton zoom = w.node("desk-zoom");
            WindowDriver.onScreen(() -> {
                zoom.getItems().stream()
                        .filter(i -> i.getText().startsWith("200"))
                        .findFirst()
                        .orElseThrow()
                        .fire();
                return null;
            });
            w.settle();
            MenuButton after = w.node("desk-zoom");
            assertThat(WindowDriver.<String>onScreen(after::getText)).isEqualTo("200 %");
            // a millimetre of paper at twice its true size, on a screen of 96 dots to the inch
            var now = w.model().now();
            assertThat(now.viewport().pxPerMm() * now.frame().scale()).isCloseTo(2 * 96 / 25.4, within(1e-6));
            var sofa = w.plan().storeys().getFirst().furnishings().getFirst();
            pick(w, Set.of(sofa.id()));
            w.focusPlan();
            w.key(KeyCode.Z);
            w.settle();
            assertThat(w.model().now().viewport().centre().x())
                    .isCloseTo(sofa.at().x().mm(), within(1.0));
        }
    }
}
