package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Dimension;
import honeylamp.plan.Dimension.Figures;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Hold;
import honeylamp.plan.Note;
import honeylamp.plan.NoteForm;
import honeylamp.plan.Opening;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Notes, leaders and chains of dimensions, made and changed in the window. */
class NotesWindowTest {
    private static void take(WindowDriver w, Tool tool) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().act(new Intent.TakeUp(tool));
            return tool;
        });
        w.show(3000, 2000, 9000);
    }

    private static Note note(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().notes().getLast();
    }

    private static Dimension dimension(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().dimensions().getLast();
    }

    @Test
    void aLeaderNoteSaysWhatItPointsAtAndFollowsTheWall() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.POINT_NOTE);
            w.click(2500, 1500);
            w.click(4200, 3000);
            w.key(KeyCode.ENTER);
            assertThat(note(w).text()).isEqualTo("{name}");
            var type = w.plan().wallTypes().get(2).name();
            w.until(() -> w.window().scene().lookup("#note-says") instanceof javafx.scene.control.Label l
                    && l.getText().equals("Says: " + type));
            w.press("note-edge");
            w.press("note-left");
            w.fill("note-width", "40");
            assertThat(note(w).form())
                    .isEqualTo(new NoteForm(
                            40,
                            1,
                            NoteForm.Setting.LEFT,
                            NoteForm.Edge.LINE,
                            NoteForm.Ground.NONE,
                            NoteForm.Sign.NONE));
            w.fill("note-columns", "9");
            assertThat(w.message()).contains("from 1 to 4");
            assertThat(note(w).form().columns()).isEqualTo(1);
            take(w, Tool.PICK_LABELS);
            w.drag(2500, 1500, 5000, 1500); // the tip, which is picked with its note
            assertThat(note(w).leader().orElseThrow().tip().point().x())
                    .isCloseTo(5000, org.assertj.core.api.Assertions.within(30.0));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.click(4200, 3000);
            w.press("note-no-leader");
            assertThat(note(w).leader()).isEmpty();
        }
    }

    private static FreeMark mark(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().freeMarks().getLast();
    }

    /** A cloud drawn, taken up, a corner of it dragged, dashed, copied, deleted and all that undone. */
    @Test
    void freeMarksAreDrawnAndTakenUpLikeAnythingElse() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.WRITE_NOTE);
            w.press("mark-cloud");
            w.drag(800, 600, 2000, 1400);
            assertThat(mark(w).shape()).isEqualTo(FreeMark.Shape.CLOUD);
            take(w, Tool.PICK_LABELS);
            w.drag(2000, 1400, 2600, 2000); // a corner of what is picked
            assertThat(mark(w).points().get(2).point().distance(new Point(2600, 2000)))
                    .isLessThan(40);
            assertThat(mark(w).points().getFirst().point().distance(new Point(800, 600)))
                    .isLessThan(40);
            w.press("mark-dashed");
            assertThat(mark(w).line()).isEqualTo(FreeMark.Line.DASHED);
            w.click(4200, 2000); // nothing lies there
            w.click(1500, 600); // its lower side
            w.key(KeyCode.CONTROL, KeyCode.D);
            w.key(KeyCode.DELETE);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(mark(w).line()).isEqualTo(FreeMark.Line.DASHED);
            w.press("mark-section");
            w.drag(-600, 2200, 6000, 2200);
            assertThat(mark(w).word()).isEqualTo("A");
            w.fill("mark-word", "NORTH");
            assertThat(w.message()).contains("at most 4 letters");
            w.fill("mark-word", "S1");
            assertThat(mark(w).word()).isEqualTo("S1");
        }
    }

    @Test
    void aLevelIsMarkedByOneClickAndAnEntranceByTwo() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.MARK_LEVEL);
            w.click(1500, 1000);
            assertThat(note(w).text()).isEqualTo("{level}");
            assertThat(note(w).form().sign()).isEqualTo(NoteForm.Sign.LEVEL);
            take(w, Tool.MARK_ENTRANCE);
            w.click(1000, 0);
            w.click(1000, -900);
            w.key(KeyCode.ENTER);
            assertThat(note(w).text()).isEqualTo("Entrance");
            assertThat(note(w).form().sign()).isEqualTo(NoteForm.Sign.ENTRANCE);
            assertThat(note(w).leader()).isPresent();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(note(w).text()).isEqualTo("{level}");
        }
    }

    private static Opening door(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().openings().getFirst();
    }

    /**
     * The door of the house lies 3 to 3.9 m along its lower wall. Its height is typed over on the card of the note, and
     * where lengths are changed ({@code ChangeHeights}).
     */
    @Test
    void aHeightIsToldByTwoClicks() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.MARK_HEIGHT);
            w.click(3450, 0);
            w.click(4200, 1500);
            w.key(KeyCode.ENTER);
            assertThat(note(w).text()).isEqualTo("h {height}");
            assertThat(note(w).leader()).isPresent();
            Label says = w.node("note-says");
            assertThat(says.getText())
                    .isEqualTo("Says: h " + LengthText.roundedWithUnit(door(w).head(), UnitSystem.MM));
            w.fill("note-height", "2.15 m");
            assertThat(door(w).head()).isEqualTo(Length.ofMm(2150));
            assertThat(w.<Label>node("note-says").getText()).isEqualTo("Says: h 2150 mm");
            take(w, Tool.CHANGE_LENGTH);
            w.click(4200, 1500);
            w.write("2.05 m");
            w.key(KeyCode.ENTER);
            assertThat(door(w).head()).isEqualTo(Length.ofMm(2050));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(door(w).head()).isEqualTo(Length.ofMm(2150));
            w.click(4200, 1500);
            w.write("0");
            w.key(KeyCode.ENTER);
            assertThat(w.message()).contains("a height is more than nothing");
            assertThat(door(w).head()).isEqualTo(Length.ofMm(2150));
            take(w, Tool.MARK_HEIGHT);
            w.click(3450, 0);
            w.click(4200, 2500);
            w.write("2 m clear");
            w.key(KeyCode.ENTER);
            assertThat(note(w).text()).isEqualTo("2 m clear");
        }
    }

    /** A wall bent, its radius told by a click, then its diameter and its length; all that as any other dimension. */
    @Test
    void aCurvedWallTellsItsRadiusAndAnAngleIsClickedByTwoWalls() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            var south = w.plan().storeys().getFirst().walls().stream()
                    .filter(x -> Math.abs(x.chord().unit().y()) < 0.01)
                    .findFirst()
                    .orElseThrow();
            WindowDriver.onScreen(() -> {
                var now = w.model().now();
                w.model()
                        .edit(
                                WallEdits.bend(now.plan(), now.storey(), south.id(), Length.ofMm(500))
                                        .orThrow(),
                                "Bend");
                return null;
            });
            take(w, Tool.MEASURE_ROUND);
            var bent = w.plan().storeys().getFirst().walls().stream()
                    .filter(x -> x.id().equals(south.id()))
                    .findFirst()
                    .orElseThrow();
            var on = bent.line().at(bent.line().length() / 2);
            w.click(on.x(), on.y());
            var radius = round(w);
            assertThat(radius.measures()).isEqualTo(Measures.RADIUS);
            w.press("round-diameter");
            assertThat(round(w).value()).isCloseTo(2 * radius.value(), org.assertj.core.api.Assertions.within(1e-6));
            w.press("round-arc-length");
            assertThat(round(w).measures()).isEqualTo(Measures.ARC_LENGTH);
            w.key(KeyCode.DELETE);
            assertThat(w.plan().storeys().getFirst().roundDimensions()).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(round(w).measures()).isEqualTo(Measures.ARC_LENGTH);
        }
    }

    private static RoundDimension round(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().roundDimensions().getLast();
    }

    /** A note made like another: with its width and edge, in its own words. */
    @Test
    void aNoteIsSetLikeAnother() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.WRITE_NOTE);
            w.click(1500, 1000);
            w.write("First");
            w.key(KeyCode.ENTER);
            w.press("note-edge");
            w.fill("note-width", "30");
            w.click(4000, 3000);
            w.write("Second");
            w.key(KeyCode.ENTER);
            take(w, Tool.PICK_LABELS);
            w.click(4000, 3000);
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
            w.click(1500, 1000);
            assertThat(note(w).text()).isEqualTo("Second");
            assertThat(note(w).form().widthMm()).isEqualTo(30);
            assertThat(note(w).form().edge()).isEqualTo(NoteForm.Edge.LINE);
        }
    }

    @Test
    void aNoteOfSeveralLinesReadsThePlan() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.WRITE_NOTE);
            w.click(4300, 3000);
            w.write("Works");
            w.key(KeyCode.ENTER);
            TextArea words = w.node("note-words");
            WindowDriver.onScreen(() -> {
                words.requestFocus();
                words.setText("# Works\n- {area} of floor\n- {nothing} else");
                return null;
            });
            w.focusPlan();
            w.settle();
            w.until(() -> w.model()
                    .now()
                    .plan()
                    .storeys()
                    .getFirst()
                    .notes()
                    .getLast()
                    .text()
                    .startsWith("# Works"));
            assertThat(w.message()).contains("{nothing}");
            assertThat(note(w).text()).contains("{area}");
        }
    }

    @Test
    void aChainRunsOverItsPointsAndIsMeasuredAcross() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.MEASURE_CHAIN);
            w.key(KeyCode.F); // across
            w.click(700, 1200);
            w.click(1800, 900);
            w.click(4100, 1500);
            w.key(KeyCode.ENTER);
            w.click(3000, 2600);
            assertThat(dimension(w).alongDeg()).contains(0.0);
            assertThat(dimension(w).stops()).hasSize(1);
            assertThat(dimension(w).line().length()).isCloseTo(3400, org.assertj.core.api.Assertions.within(60.0));
            w.press("dimension-running");
            assertThat(dimension(w).figures()).isEqualTo(Figures.FROM_FIRST);
            w.press("dimension-straight");
            assertThat(dimension(w).alongDeg()).isEmpty();
            assertThat(dimension(w).hold()).isEqualTo(Hold.HELD);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys().getFirst().dimensions()).isEmpty();
        }
    }

    @Test
    void aLineThroughWallsMeasuresEachAndTheRoomsBetween() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            take(w, Tool.MEASURE_THROUGH);
            w.click(-600, 2500);
            w.click(6600, 2560); // nearly level is meant to be level
            w.click(3000, 3200);
            assertThat(dimension(w).places()).hasSize(6);
            assertThat(dimension(w).from().y()).isEqualTo(dimension(w).to().y());
            w.press("room-pairs");
            assertThat(w.plan().presentation().views().getFirst().annotation().pairs())
                    .isEqualTo(honeylamp.plan.RoomPairs.ALL);
        }
    }
}
