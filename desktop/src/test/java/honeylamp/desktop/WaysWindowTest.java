package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.snags.Snag;
import honeylamp.desktop.gesture.look.WalkWay;
import honeylamp.desktop.workspace.SnagSearch.SnagThere;
import honeylamp.plan.Furnishing;
import java.util.Set;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** How one walks to every room, and whether pieces get in, in the real window. */
class WaysWindowTest {
    private static Furnishing first(WindowDriver w, String kind) throws Exception {
        return w.plan().storeys().getFirst().furnishings().stream()
                .filter(f -> f.kind().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    private static WalkWay hand(WindowDriver w) throws Exception {
        return (WalkWay) WindowDriver.onScreen(() -> w.model().now().gesture());
    }

    private static String hint(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().readout().hint());
    }

    @Test
    void theWaysToAllRoomsAreSeenAndOneBetweenTwoPointsIsMeasured() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.press("tool-ways");
            w.until(() -> hint(w).startsWith("Ways from where one comes in"));
            // the doors of bathroom and laundry are the narrowest: 760 less two linings of 35 and a leaf of 40
            assertThat(hint(w)).contains("650 mm");
            var drawn = WindowDriver.onScreen(() -> w.model().sketch());
            assertThat(drawn).isNotEmpty();
            w.key(KeyCode.F);
            assertThat(hand(w).seen()).isEqualTo(WalkWay.Seen.STEP_FREE);
            assertThat(WindowDriver.onScreen(() -> w.model().sketch())).isNotEqualTo(drawn);
            w.key(KeyCode.F);
            var sofa = first(w, "sofa");
            w.click(sofa.at().x().mm(), sofa.at().y().mm() - 1900);
            w.click(11_300, 1500); // the reading nook
            assertThat(hand(w).to()).isPresent();
            w.until(() -> w.model().scene().walked().isPresent());
            var way = WindowDriver.onScreen(() -> w.model().scene().walked())
                    .orElseThrow()
                    .way()
                    .orElseThrow();
            assertThat(way.narrowest().orElseThrow().mm()).isGreaterThanOrEqualTo(890);
            assertThat(WindowDriver.onScreen(() -> w.model().readout().fields()))
                    .extracting(f -> f.name())
                    .containsExactly("Least width", "Length");
            w.key(KeyCode.ESCAPE);
            assertThat(hand(w).from()).isEmpty();
            assertThat(w.plan()).isEqualTo(DemoDocument.made().plan());
        }
    }

    @Test
    void theWayToAPieceIsShown() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var desk = first(w, "desk");
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of(desk.id()));
                return null;
            });
            w.settle();
            w.press("piece-way");
            assertThat(hand(w).to()).isPresent();
            w.until(() -> w.model().scene().walked().isPresent());
            var way = WindowDriver.onScreen(() -> w.model().scene().walked())
                    .orElseThrow()
                    .way()
                    .orElseThrow();
            var end = way.line().getLast();
            assertThat(end.distance(desk.at().point()))
                    .as("it ends before the desk")
                    .isLessThan(1200);
            assertThat(WindowDriver.onScreen(() -> w.model().readout().fields()))
                    .extracting(f -> f.name())
                    .containsExactly("Least width", "Length");
            w.key(KeyCode.ESCAPE);
            assertThat(hand(w).to()).isEmpty();
        }
    }

    @Test
    void whatStandsInTheWayIsASnagAndTheWaysAreListed() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.fill("furnish-search", "sideboard");
            w.press("piece-sideboard");
            var passage = 5290; // the middle of the passage to the bedrooms
            w.click(7300, passage);
            var sideboard = w.plan().storeys().getFirst().furnishings().getLast();
            assertThat(sideboard.kind()).isEqualTo("sideboard");
            w.until(() -> WindowDriver.onScreen(() -> w.model().shown().search().known().get().snags().stream()
                    .map(SnagThere::snag)
                    .anyMatch(s -> s.kind() == Snag.Kind.NARROW_WAY)));
            WindowDriver.onScreen(() -> {
                w.window().actions().toggleSchedules();
                return null;
            });
            w.settle();
            w.press("schedule-ways");
            TableView<?> table = w.node("schedule-table");
            w.until(() -> table.getItems().size() == 8);
            assertThat(table.getColumns().get(2).getCellData(0).toString()).matches("[0-9 ]+");
            // a row picks its room
            WindowDriver.onScreen(() -> {
                table.getSelectionModel().select(0);
                return null;
            });
            w.settle();
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).hasSize(1);
        }
    }

    @Test
    void whetherAPieceGetsInIsSaidOnItsCardAndShownWhereItDoesNot() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var bed = first(w, "bed");
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of(bed.id()));
                return null;
            });
            w.settle();
            var before = WindowDriver.onScreen(() -> w.model().sketch());
            w.press("piece-gets-in");
            Labeled answer = w.node("piece-delivery");
            w.until(() -> answer.getText().startsWith("In one piece it does not get in"));
            assertThat(answer.getText()).contains("door");
            assertThat(WindowDriver.onScreen(() -> w.model().sketch())).hasSizeGreaterThan(before.size());
            w.fill("piece-width", "600"); // a narrower one does
            w.fill("piece-height", "600");
            w.press("piece-gets-in");
            w.until(() -> ((Labeled) w.node("piece-delivery")).getText().startsWith("It gets in"));
        }
    }
}
