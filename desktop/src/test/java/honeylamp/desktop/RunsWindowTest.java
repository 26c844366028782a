package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.listing.RunLayout;
import honeylamp.plan.Furnishing;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.CutOut;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.units.Length;
import java.util.List;
import java.util.Set;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Counters, wall units and closets laid along walls and made up in the real window. */
class RunsWindowTest {
    private int actions;

    private static List<Furnishing> runs(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().furnishings().stream()
                .filter(f -> f.kind().endsWith("-run") || f.kind().equals(Runs.CLOSET))
                .toList();
    }

    private static void pick(WindowDriver w, Furnishing piece) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(piece.id()));
            return null;
        });
        w.settle();
    }

    private void choose(WindowDriver w, String id, String item) throws Exception {
        MenuButton menu = w.node(id);
        WindowDriver.onScreen(() -> {
            menu.getItems().stream()
                    .filter(i -> item.equals(i.getText()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return null;
        });
        w.settle();
        actions += 2;
    }

    private void act(Step step) throws Exception {
        step.run();
        actions++;
    }

    private interface Step {
        void run() throws Exception;
    }

    /** The kitchen of the demo, emptied: counters along its north and east walls, a sink and a hob by their sizes. */
    @Test
    void anLShapedKitchenStandsInFewActions() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var old = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals(Runs.COUNTER) || f.kind().equals("refrigerator"))
                    .toList();
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.copyOf(old.stream().map(Furnishing::id).toList()));
                return null;
            });
            w.settle();
            w.key(KeyCode.DELETE);
            assertThat(runs(w)).isEmpty();
            var before = w.plan();

            act(() -> w.press("tool-run-of-units"));
            act(() -> w.click(9000, 4500));
            act(() -> w.click(12_650, 2850));
            var laid = runs(w);
            assertThat(laid).hasSize(2);
            var corner = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("corner-unit"))
                    .toList();
            assertThat(corner).hasSize(1);
            // the longer of both is picked; its card is there
            choose(w, "run-add", "Sink");
            act(() -> w.fill("run-width-0", "1000"));
            act(() -> w.fill("run-cut-width-0", "780"));
            act(() -> w.fill("run-cut-depth-0", "520"));
            choose(w, "run-add", "Dishwasher");
            choose(w, "run-add", "Hob");
            act(() -> w.fill("run-at-2", "2600"));
            assertThat(actions).isLessThan(25);
            var longer = runs(w).stream()
                    .filter(f -> f.run().filter(r -> !r.units().isEmpty()).isPresent())
                    .findFirst()
                    .orElseThrow();
            var units = longer.run().orElseThrow().units();
            assertThat(units).extracting(RunUnit::kind).contains(Kind.SINK, Kind.HOB, Kind.DISHWASHER);
            assertThat(units.stream().filter(u -> u.kind() == Kind.SINK))
                    .singleElement()
                    .satisfies(u -> {
                        assertThat(u.cutOut()).contains(new CutOut(Length.ofMm(780), Length.ofMm(520)));
                        assertThat(u.width()).isEqualTo(Length.ofMm(1000));
                    });
            assertThat(RunLayout.of(longer).orElseThrow().parts().stream()
                            .mapToDouble(p -> p.width().mm())
                            .sum())
                    .isCloseTo(longer.width().mm(), within(1e-6));
            // bad input is refused in words, and nothing changes
            var good = w.plan();
            var sink = units.stream().map(RunUnit::kind).toList().indexOf(Kind.SINK);
            w.fill("run-cut-depth-" + sink, "700");
            assertThat(w.message()).isNotBlank();
            w.fill("run-width-0", "9000");
            assertThat(w.message()).contains("no room");
            assertThat(w.plan()).isEqualTo(good);
            // the list for who makes it
            WindowDriver.onScreen(() -> {
                w.window().actions().toggleTakeoff();
                return null;
            });
            w.settle();
            w.press("schedule-units");
            TableView<?> table = w.node("schedule-table");
            w.until(() -> table.getItems().size() > 5);
            w.press("schedule-close");
            while (!w.plan().equals(before)) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(runs(w)).isEmpty();
        }
    }

    @Test
    void aClosetIsLaidTypedToItsLengthAndMadeUp() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.press("tool-run-of-units");
            w.press("run-closet");
            w.fill("run-depth", "550");
            w.click(7900, 5150); // the south wall of the passage
            w.move(9000, 5000);
            w.write("1800");
            w.key(KeyCode.ENTER);
            var closet = runs(w).getLast();
            assertThat(closet.kind()).isEqualTo(Runs.CLOSET);
            assertThat(closet.width().mm()).isCloseTo(1800, within(0.01));
            assertThat(closet.depth()).isEqualTo(Length.ofMm(550));
            pick(w, closet);
            w.press("run-front-sliding");
            choose(w, "run-usual", "Robe");
            assertThat(runs(w).getLast().run().orElseThrow().units()).hasSize(3);
            Labeled told = w.node("run-told");
            assertThat(told.getText()).isEqualTo("Rail 600, Two rails 600, Drawers 600");
            w.press("run-gone-1");
            assertThat(runs(w).getLast().run().orElseThrow().units()).hasSize(2);
        }
    }

    @Test
    void wallUnitsHangAndARunThatIsPutAsAPieceIsOneToo() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.press("tool-run-of-units");
            w.press("run-wall-run");
            w.click(9000, 4500);
            w.click(11_000, 4500);
            var hung = runs(w).getLast();
            assertThat(hung.kind()).isEqualTo(Runs.ON_WALL);
            assertThat(hung.bottom()).isEqualTo(Length.ofMm(1450));
            w.press("tool-new-piece");
            w.fill("furnish-search", "run of tall units");
            w.press("piece-tall-run");
            w.click(11_900, 6300);
            assertThat(runs(w).getLast().run()).isPresent();
        }
    }
}
