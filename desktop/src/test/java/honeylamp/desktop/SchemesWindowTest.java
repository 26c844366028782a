package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.edit.SchemeEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Schemes;
import honeylamp.plan.View.Arranged;
import honeylamp.store.PlanDocument;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;

/** Other arrangements in the real window: made, laid open, compared, taken over from, and put on pages. */
class SchemesWindowTest {
    private static List<Furnishing> pieces(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().furnishings();
    }

    private static void pick(WindowDriver w, Furnishing piece) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().act(new Intent.TakeUp(Tool.PICK_PIECES), new Intent.Pick(Set.of(piece.id())));
            return null;
        });
        w.settle();
    }

    private static void pickRoom(WindowDriver w, ElementId room) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().act(new Intent.TakeUp(Tool.NAME_ROOMS), new Intent.Pick(Set.of(room)));
            return null;
        });
        w.settle();
    }

    private static void choose(WindowDriver w, String menu, String item) throws Exception {
        WindowDriver.onScreen(() -> {
            var button = (MenuButton) w.window().scene().lookup("#" + menu);
            button.getItems().stream()
                    .filter(i -> i.getText().equals(item))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return null;
        });
        w.settle();
    }

    private static String words(WindowDriver w, String id) throws Exception {
        return WindowDriver.onScreen(() -> text(w.window().scene().lookup("#" + id)));
    }

    private static String text(Node node) {
        return switch (node) {
            case Labeled labeled -> labeled.getText() + " ";
            case Parent parent ->
                parent.getChildrenUnmodifiable().stream()
                        .map(SchemesWindowTest::text)
                        .reduce("", String::concat);
            default -> "";
        };
    }

    @Test
    void aSchemeIsMadeChangedNamedSwitchedByKeyAndTakenBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var drawn = pieces(w);
            w.press("desk-storey");
            w.press("scheme-new");
            w.told("Scheme A is laid open");
            w.fill("scheme-name", "Without a sofa");
            pick(w, drawn.getFirst());
            w.focusPlan();
            w.key(KeyCode.DELETE);
            assertThat(pieces(w)).hasSize(drawn.size() - 1);
            assertThat(words(w, "desk-scheme")).contains("Without a sofa");
            w.key(KeyCode.K);
            assertThat(pieces(w)).isEqualTo(drawn);
            w.told("As drawn is laid open");
            w.key(KeyCode.K);
            assertThat(pieces(w)).hasSize(drawn.size() - 1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z); // the delete itself
            assertThat(pieces(w)).isEqualTo(drawn);
            assertThat(w.plan().schemes().open()).isNotEqualTo(Schemes.AS_DRAWN);
        }
    }

    @Test
    void whatDiffersIsListedPickedMarkedAndSeenUnderAnEdge() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var drawn = pieces(w);
            w.press("desk-storey");
            w.press("scheme-new");
            pick(w, drawn.get(1));
            w.focusPlan();
            w.key(KeyCode.RIGHT);
            w.key(KeyCode.RIGHT);
            WindowDriver.onScreen(() -> {
                w.model().picked().delete();
                return null;
            });
            w.until(() -> text(w.window().scene().lookup("#scheme-differences")).contains("1 gone"));
            assertThat(words(w, "scheme-line-0")).startsWith("Gone: ");
            w.press("scheme-mark");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().arranged().against()))
                    .contains(Schemes.AS_DRAWN);
            w.press("scheme-compare");
            assertThat(WindowDriver.onScreen(
                            () -> w.window().scene().lookup("#compare-edge").isVisible()))
                    .isTrue();
            assertThat(words(w, "compare-edge")).contains("As drawn");
            w.key(KeyCode.ESCAPE);
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().choices().presenting().comparing()))
                    .isEmpty();
        }
    }

    @Test
    void twoSchemesLieSideBySideOnAPageWithWhatDiffersListed() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("desk-storey");
            w.press("scheme-new");
            pick(w, pieces(w).get(1));
            w.focusPlan();
            w.key(KeyCode.DELETE);
            w.press("scheme-side-by-side");
            var page = WindowDriver.onScreen(() -> w.model().shown().page());
            assertThat(page.views()).hasSize(2);
            assertThat(page.page().lists()).containsExactly(Listing.DIFFERENCES);
            assertThat(page.name()).isEqualTo("As drawn and Scheme A");
            w.picture();
            w.press("scheme-pages");
            assertThat(w.plan().presentation().pages()).hasSizeGreaterThan(3);
        }
    }

    /** One draws in what is laid open; on the sheet the view shows what it was asked to. */
    @Test
    void theSheetShowsTheSchemeOfItsViewAndDrawingTheOneLaidOpen() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var sofa = pieces(w).stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            w.press("desk-storey");
            w.press("scheme-new");
            pick(w, sofa);
            w.focusPlan();
            w.key(KeyCode.DELETE);
            WindowDriver.onScreen(() -> {
                var now = w.model().now();
                w.model()
                        .edit(
                                SchemeEdits.show(
                                        now.plan(),
                                        now.worked().view(),
                                        new Arranged(Optional.of(Schemes.AS_DRAWN), Optional.empty())),
                                "Show as drawn");
                return null;
            });
            var seat = sofa.at().point();
            w.picture();
            var drawing = at(w, seat);
            w.press("stage-sheet");
            w.picture();
            assertThat(at(w, seat)).isNotEqualTo(drawing);
            w.press("stage-furnish");
            w.picture();
            assertThat(at(w, seat)).isEqualTo(drawing);
        }
    }

    /** The colour on the screen at a point of the plan. */
    private static Color at(WindowDriver w, Point point) throws Exception {
        return WindowDriver.onScreen(() -> {
            var px = w.window().plan().pixel(point);
            return w.window().plan().snapshot(null, null).getPixelReader().getColor((int) px.x(), (int) px.y());
        });
    }

    @Test
    void aRoomIsTakenOverASchemeAdoptedAndOneForgotten() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var geometry = WindowDriver.onScreen(() -> w.model().shown().geometry());
            var living = geometry.rooms().stream()
                    .filter(r -> r.name().equals("Living room"))
                    .findFirst()
                    .orElseThrow();
            var inside = geometry.furnishingsIn(living).getFirst();
            w.press("desk-storey");
            w.press("scheme-new");
            pick(w, inside);
            w.focusPlan();
            w.key(KeyCode.DELETE);
            w.key(KeyCode.K);
            pickRoom(w, living.mark().orElseThrow().id());
            w.press("room-scheme");
            assertThat(w.plan().schemes().name(w.plan().schemes().open())).isEqualTo("Living room A");
            assertThat(w.plan().schemes().all().getLast().room()).isPresent();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            pickRoom(w, living.mark().orElseThrow().id());
            choose(w, "room-take-over", "Scheme A");
            assertThat(pieces(w)).noneMatch(f -> f.id().equals(inside.id()));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            choose(w, "desk-scheme", "Scheme A");
            w.key(KeyCode.ESCAPE);
            w.key(KeyCode.ESCAPE);
            w.press("desk-storey");
            w.press("scheme-adopt");
            assertThat(w.plan().schemes()).isEqualTo(Schemes.NONE);
            assertThat(pieces(w)).noneMatch(f -> f.id().equals(inside.id()));
            w.press("scheme-new");
            w.press("scheme-forget");
            assertThat(w.plan().schemes()).isEqualTo(Schemes.NONE);
        }
    }

    @Test
    void withoutSchemesTheKeySaysWhereOneIsMade() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.focusPlan();
            w.key(KeyCode.K);
            w.told("There is one arrangement only");
            assertThat(Optional.ofNullable(w.node("desk-scheme"))).isEmpty();
        }
    }
}
