package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.catalogue.NewPlan;
import honeylamp.desktop.gesture.Ends;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Numbers stand beside what they are of, in the real window, and sides are called as they lie. */
class BesideItWindowTest {
    private static List<String> words(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().sketch().stream()
                .filter(Mark.Text.class::isInstance)
                .map(m -> ((Mark.Text) m).text())
                .toList());
    }

    /** The partition's right face lies at 2550, the door from 3000 to 3900, the inner face of the outer wall at 5850. */
    @Test
    void aPickedDoorShowsHowFarItIsFromWhatStandsOnBothSides() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("stage-openings");
            w.press("tool-pick-and-move");
            w.show(3000, 2000, 9000);
            w.click(3450, 0);
            assertThat(words(w)).containsExactly("450", "1950");
            w.fill("opening-before", "600");
            w.key(KeyCode.ENTER);
            assertThat(words(w)).containsExactly("600", "1800");
            w.click(5000, 3000);
            assertThat(words(w)).isEmpty();
        }
    }

    @Test
    void whatIsTypedForASideStandsBesideItAndAtThePointer() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(NewPlan.in(UnitSystem.MM)))) {
            w.press("stage-walls");
            w.show(2000, 1500, 9000);
            w.press("tool-rectangle");
            w.click(0, 0);
            w.move(3000, 2000);
            w.write("4m");
            w.key(KeyCode.TAB);
            w.write("2.5m+10");
            assertThat(words(w)).contains("4000", "2510");
            Label beside = w.node("beside-words");
            String said = WindowDriver.onScreen(beside::getText);
            assertThat(said).contains("4000 mm").contains("2510 mm");
            w.key(KeyCode.ENTER);
            assertThat(w.plan().storeys().getFirst().walls()).hasSize(4);
            assertThat(TestWalls.geometry(w.plan()).rooms().getFirst().areaMm2())
                    .isEqualTo(4000.0 * 2510);
        }
    }

    @Test
    void sidesAreCalledAsTheyLieWhicheverWayAWallWasDrawn() {
        var level = new Segment(new Point(0, 0), new Point(1000, 100));
        assertThat(Ends.of(level)).isEqualTo(new Ends("Left", "Right"));
        assertThat(Ends.of(level.reversed())).isEqualTo(new Ends("Right", "Left"));
        assertThat(Ends.beside(level)).isEqualTo(new Ends("Above", "Below"));
        assertThat(Ends.beside(level.reversed())).isEqualTo(new Ends("Below", "Above"));
        var plumb = new Segment(new Point(0, 0), new Point(0, 1000));
        assertThat(Ends.beside(plumb)).isEqualTo(new Ends("Left", "Right"));
        assertThat(Ends.beside(plumb).ofIt()).isEqualTo(new Ends("Left of it", "Right of it"));
        assertThat(Ends.beside(level).ofIt()).isEqualTo(new Ends("Above it", "Below it"));
    }
}
