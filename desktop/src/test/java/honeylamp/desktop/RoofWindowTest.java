package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.edit.StoreyEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised;
import honeylamp.plan.Roof;
import honeylamp.plan.View;
import honeylamp.units.Length;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Roofs, and views straight from a side, from above and along a line. */
class RoofWindowTest {
    private static Optional<Roof> roof(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().roof();
    }

    private static View last(Plan plan) {
        return plan.presentation().views().getLast();
    }

    private static void storeyCard(WindowDriver w) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().chooseWithin(w.model().now().choices().withAside(Choices.Aside.STOREY));
            return null;
        });
        w.settle();
    }

    @Test
    void aStoreyGetsARoofAndWhatIsLowIsTold() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            storeyCard(w);
            w.press("roof-gable");
            assertThat(roof(w)).contains(Roof.of(Roof.Form.GABLE));
            w.fill("roof-pitch", "45");
            w.fill("roof-overhang", "60 cm");
            assertThat(roof(w).orElseThrow().overhang()).isEqualTo(Length.ofMm(600));
            w.fill("roof-overhang", "3 m");
            assertThat(w.message()).contains("2000");
            w.fill("roof-pitch", "80");
            assertThat(w.message()).contains("70");
            w.fill("roof-springs", "1 m");
            assertThat(roof(w).flatMap(Roof::springs)).contains(Length.ofMm(1000));
            assertThat(w.words()).anyMatch(t -> t.contains("Lower than 1.5 m"));
            w.press("roof-turn");
            assertThat(roof(w).orElseThrow().quarters()).isEqualTo(1);
            w.press("roof-hip");
            assertThat(roof(w).orElseThrow().springs())
                    .as("what was said stays")
                    .contains(Length.ofMm(1000));
            w.press("roof-plan");
            w.picture();
            assertThat(last(w.plan()).subject()).isInstanceOf(Raised.RoofPlan.class);
            w.focusPlan();
            w.key(KeyCode.SHIFT, KeyCode.G);
            storeyCard(w);
            var pages = w.plan().presentation().pages().size();
            w.press("from-outside");
            w.picture();
            assertThat(w.plan().presentation().pages()).hasSize(pages + 4);
            assertThat(w.plan().presentation().views().stream().map(View::name))
                    .contains("From the south", "From the west", "From the north", "From the east");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().presentation().pages()).as("one step").hasSize(pages);
            w.focusPlan();
            w.key(KeyCode.SHIFT, KeyCode.G);
            storeyCard(w);
            w.press("roof-none");
            assertThat(roof(w)).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(roof(w)).isPresent();
        }
    }

    /** A press on a roof opens its card, in a view of the whole building too; Delete takes it off, as one step. */
    @Test
    void aRoofIsPickedWhereItIsSeen() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var id = w.plan().storeys().getFirst().id();
            WindowDriver.onScreen(() -> {
                w.model()
                        .edit(
                                StoreyEdits.roof(w.model().now().plan(), id, Optional.of(Roof.of(Roof.Form.HIP))),
                                "Roof");
                w.model().raised().raiseBuilding();
                return null;
            });
            w.until(() -> w.model().scene().things().isPresent());
            var box = WindowDriver.onScreen(() ->
                    w.model().scene().things().orElseThrow().of(Set.of(id)).getFirst());
            w.click(box.centre().x(), box.centre().y());
            assertThat(w.model().now().selection()).containsExactly(id);
            w.fill("roof-pitch", "30");
            assertThat(roof(w).orElseThrow().pitchDeg()).isEqualTo(30);
            assertThat(w.words()).anyMatch(t -> t.startsWith("Roof of "));
            w.focusPlan();
            w.key(KeyCode.DELETE);
            assertThat(roof(w)).isEmpty();
            assertThat(w.message()).contains("off");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(roof(w).orElseThrow().pitchDeg()).isEqualTo(30);
        }
    }

    /** A line across the plan makes a section; it is marked there, moved, turned around, and follows walls. */
    @Test
    void aSectionIsDrawnAcrossThePlan() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-labels");
            WindowDriver.onScreen(() -> {
                w.model().use(Tool.DRAW_SECTION);
                return null;
            });
            w.show(6500, 4400, 20_000);
            w.click(-1500, 2000);
            w.click(14_500, 2000);
            w.told("page of its own");
            var section = (Raised.Section) last(w.plan()).subject();
            assertThat(section.towardsDeg()).isEqualTo(90);
            WindowDriver.onScreen(() -> {
                w.model()
                        .act(new Intent.TurnTo(
                                new Worked(last(w.model().now().plan()).id(), Optional.empty())));
                return null;
            });
            w.picture();
            w.press("stage-sheet");
            w.fill("section-shift", "50 cm");
            var moved = (Raised.Section) last(w.plan()).subject();
            assertThat(moved.from().y().mm() - section.from().y().mm()).isEqualTo(500);
            w.press("section-around");
            assertThat(((Raised.Section) last(w.plan()).subject()).towardsDeg()).isEqualTo(270);
            w.fill("section-depth", "3 m");
            assertThat(((Raised.Section) last(w.plan()).subject()).depth()).isEqualTo(Length.ofMm(3000));
            w.picture();
        }
    }
}
