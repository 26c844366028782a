package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.View;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.Works;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PlanDocument;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Walls that stay, go and are new, in the real window. */
class WorksWindowTest {
    private static List<Wall> walls(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().walls();
    }

    private static List<String> words(Plan plan) {
        return SheetComposer.compose(WindowDriver.firstPage(plan), Lamp.COLOUR, 1).drawing().layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Text.class::isInstance)
                .map(m -> ((Mark.Text) m).text())
                .toList();
    }

    @Test
    void aWallIsTakenOutAndAnotherBuilt() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("stage-walls");
            w.show(3000, 2000, 12_000);
            w.press("tool-pick-and-move");
            w.click(2500, 2000);
            w.press("works-removed");
            assertThat(walls(w).getLast().works()).isEqualTo(Works.REMOVED);
            assertThat(TestWalls.geometry(w.plan()).rooms()).hasSize(1);
            w.key(KeyCode.ESCAPE);
            w.click(2500, 2000); // dashed, it is picked again
            w.press("works-existing");
            assertThat(TestWalls.geometry(w.plan()).rooms()).hasSize(2);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(walls(w).getLast().works()).isEqualTo(Works.REMOVED);

            w.press("tool-draw-walls");
            w.press("draw-works-new");
            w.move(4000, 0);
            assertThat(WindowDriver.<String>onScreen(() -> w.model().readout().beside()))
                    .endsWith("inner face, new");
            w.click(4000, 0);
            w.click(4000, 4000);
            w.key(KeyCode.ENTER);
            assertThat(walls(w)).hasSize(6);
            assertThat(walls(w).getLast().works()).isEqualTo(Works.NEW);
            assertThat(walls(w).getLast().chord().length()).isCloseTo(4000, within(40.0));
            assertThat(TestWalls.geometry(w.plan()).rooms()).hasSize(2);
        }
    }

    /** A door closed up by its card, picked again, and a new one put in, undone one by one. */
    @Test
    void aDoorIsClosedUpAndAnotherCutIn() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("stage-openings");
            w.show(3000, 2000, 12_000);
            w.press("tool-pick-and-move");
            w.click(3450, 0);
            w.press("opening-works-removed");
            assertThat(TestWalls.geometry(w.plan()).cuts()).isEmpty();
            w.key(KeyCode.ESCAPE);
            w.click(3450, 0); // it is picked where it was
            w.press("opening-works-existing");
            assertThat(TestWalls.geometry(w.plan()).cuts()).hasSize(1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(TestWalls.geometry(w.plan()).closed()).hasSize(1);

            w.press("put-in-works-new");
            w.press("opening-door");
            w.move(3600, 0);
            assertThat(WindowDriver.<String>onScreen(() -> w.model().readout().beside()))
                    .endsWith(", new");
            w.click(3600, 0); // over a part of what is closed up
            var openings = w.plan().storeys().getFirst().openings();
            assertThat(openings).extracting(Opening::works).containsExactly(Works.REMOVED, Works.NEW);
            assertThat(TestWalls.geometry(w.plan()).cuts()).hasSize(1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys().getFirst().openings()).hasSize(1);
        }
    }

    @Test
    void aPageListsTheWallsAndShowsThemBeforeOrAfterTheWorks() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("stage-walls");
            w.show(3000, 2000, 12_000);
            w.press("tool-pick-and-move");
            w.click(2500, 2000);
            w.press("works-removed");
            w.press("stage-sheet");
            w.press("list-walls");
            assertThat(words(w.plan())).contains("Walls", "Existing", "To be removed", "3700");
            w.press("view-works-before");
            assertThat(w.plan().presentation().views().getFirst().works()).isEqualTo(View.Works.BEFORE);
            assertThat(words(w.plan())).contains("Walls").doesNotContain("To be removed");
            assertThat(TestWalls.geometry(w.plan()).rooms()).hasSize(1); // only the picture tells of what was
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().presentation().views().getFirst().works()).isEqualTo(View.Works.MARKED);
        }
    }
}
