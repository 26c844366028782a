package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.derive.own.OwnLines;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.workspace.Tool;
import honeylamp.geometry.Arc;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Role;
import honeylamp.plan.Stretch;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Own pieces as a person draws, keeps and shares them, in a room of 5,000 x 4,000 mm. */
class OwnPieceWindowTest {
    private static final double[] ROOM = {0, 0, 5000, 0, 5000, 4000, 0, 4000, 0, 0};

    private static WindowDriver room() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(TestWalls.partitions(ROOM)));
        w.press("stage-furnish");
        w.showCentred(2500, 2000, 9000);
        w.press("tool-draw-a-piece");
        return w;
    }

    private static List<Furnishing> pieces(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().furnishings();
    }

    private static OwnPiece own(WindowDriver w) throws Exception {
        return pieces(w).getFirst().own().orElseThrow();
    }

    private static OwnPart last(WindowDriver w) throws Exception {
        return own(w).parts().getLast();
    }

    /** Typed into the two fields of the measure line. */
    private static void type(WindowDriver w, String first, String second) throws Exception {
        w.write(first);
        w.key(KeyCode.TAB);
        w.write(second);
        w.key(KeyCode.ENTER);
    }

    private static WindowDriver bench() throws Exception {
        var w = room();
        w.click(1000, 1000);
        w.move(1300, 1300);
        type(w, "1800", "450");
        return w;
    }

    @Test
    void anOwnPieceIsDrawnPartByPartMeasuredFromAReferencePoint() throws Exception {
        try (var w = bench()) {
            assertThat(pieces(w)).singleElement().satisfies(f -> {
                assertThat(f.width()).isEqualTo(Length.ofMm(1800));
                assertThat(f.depth()).isEqualTo(Length.ofMm(450));
                assertThat(f.height()).isEqualTo(Length.ofMm(750));
            });
            w.move(1500, 1200);
            type(w, "100", "50"); // from its left front corner
            w.move(1700, 1400);
            type(w, "400", "350");
            assertThat(pieces(w)).hasSize(1);
            var box = OwnLines.bounds(List.of(last(w)));
            assertThat(box.minX()).isCloseTo(100, within(1e-6));
            assertThat(box.minY()).isCloseTo(50, within(1e-6));
            assertThat(box.maxX()).isCloseTo(500, within(1e-6));
            w.fill("own-label", "Seat");
            w.fill("own-rounded", "60");
            w.fill("own-left", "150");
            w.fill("own-wide", "420");
            w.fill("own-top", "460");
            assertThat(last(w).label()).isEqualTo("Seat");
            assertThat(last(w).top()).isEqualTo(Length.ofMm(460));
            assertThat(last(w).outer().corners())
                    .allSatisfy(c -> assertThat(c.rounded()).isEqualTo(Length.ofMm(60)));
            assertThat(OwnLines.bounds(List.of(last(w))).maxX()).isCloseTo(570, within(1e-6));
            w.fill("own-parallel", "30");
            assertThat(OwnLines.bounds(List.of(last(w))).width()).isCloseTo(360, within(1e-6));
            assertThat(last(w).outer().corners().getFirst().rounded().mm()).isCloseTo(30, within(1e-6));
            assertThat(w.model().now().choices().own().part())
                    .as("it is taken up")
                    .isEqualTo(2);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(own(w).parts()).hasSize(2);
            w.click(2600, 1100); // what is drawn after a step back still belongs to it
            w.click(2750, 1300);
            assertThat(pieces(w)).hasSize(1);
            assertThat(own(w).parts()).hasSize(3);
        }
    }

    @Test
    void circlesArcsOutlinesAndCutsAreDrawn() throws Exception {
        try (var w = bench()) {
            w.press("own-mode-circle");
            w.click(2400, 1225);
            w.move(2500, 1225);
            w.write("120");
            w.key(KeyCode.ENTER);
            assertThat(last(w).outer().isRound()).isTrue();
            w.press("own-effect-cuts");
            w.press("own-mode-circle");
            w.click(1300, 1225);
            w.move(1400, 1225);
            w.write("80");
            w.key(KeyCode.ENTER);
            assertThat(own(w).parts().getFirst().lines()).hasSize(2);
            w.press("own-effect-adds");
            w.press("own-mode-arc");
            w.click(1800, 1100);
            w.click(2100, 1100);
            w.move(1950, 1200);
            w.write("200");
            w.key(KeyCode.ENTER);
            assertThat(last(w).outer().isClosed()).isFalse();
            assertThat(OwnLines.curves(last(w).outer()).getFirst())
                    .isInstanceOfSatisfying(
                            Arc.class, arc -> assertThat(arc.radius()).isCloseTo(200, within(1e-3)));
            w.press("own-mode-outline");
            w.click(1000, 1450);
            w.click(2800, 1450);
            w.click(2800, 1900);
            w.move(1900, 1900);
            w.key(KeyCode.TAB);
            w.key(KeyCode.TAB);
            w.write("-100");
            w.key(KeyCode.ENTER);
            w.click(1000, 1900);
            w.key(KeyCode.C);
            assertThat(last(w).outer().isClosed()).isTrue();
            assertThat(last(w).outer().corners().get(2).bow()).isEqualTo(Length.ofMm(-100));
            assertThat(pieces(w).getFirst().depth().mm())
                    .as("the bow lies behind it")
                    .isCloseTo(1000, within(10.0));
            w.press("own-mode-line");
            w.click(1100, 1600);
            w.click(2000, 1600);
            w.key(KeyCode.ENTER);
            assertThat(last(w).fill()).isEmpty();
        }
    }

    @Test
    void partsAreTakenUpDraggedCopiedMirroredAndTakenAway() throws Exception {
        try (var w = bench()) {
            w.click(1100, 1100);
            w.click(1300, 1300);
            w.press("own-mode-part");
            w.drag(1200, 1200, 1400, 1200);
            assertThat(OwnLines.bounds(List.of(last(w))).minX()).isCloseTo(300, within(8.0));
            w.press("own-twin");
            assertThat(own(w).parts()).hasSize(3);
            assertThat(OwnLines.bounds(List.of(last(w))).maxX()).isCloseTo(1500, within(8.0));
            FinishWindowTest.choose(w, "own-fill", Role.TEXTILE.label());
            FinishWindowTest.choose(w, "own-pen", "Fine line");
            assertThat(last(w).fill()).contains(Role.TEXTILE);
            assertThat(last(w).pen()).isEqualTo(OwnPart.Pen.FINE);
            w.fill("own-copy-right", "-400");
            assertThat(own(w).parts()).hasSize(4);
            w.press("own-gone");
            assertThat(own(w).parts()).hasSize(3);
            w.press("own-mode-round");
            w.write("90");
            w.key(KeyCode.ENTER);
            w.click(1005, 1005);
            assertThat(own(w).parts().getFirst().outer().corners())
                    .extracting(c -> c.rounded().mm())
                    .containsExactly(90.0, 0.0, 0.0, 0.0);
            w.press("own-mode-reference");
            w.click(1900, 1450); // the middle of its back is caught
            w.move(2000, 1600);
            type(w, "100", "-200");
            w.move(2100, 1400);
            type(w, "50", "50");
            var box = OwnLines.bounds(List.of(last(w)));
            assertThat(box.minX()).isCloseTo(1000, within(1e-6));
            assertThat(box.minY()).isCloseTo(250, within(1e-6));
        }
    }

    @Test
    void anOwnPieceIsKeptUsedInAnotherPlanAndShared(@TempDir Path folder) throws Exception {
        var file = folder.resolve("things.json");
        try (var w = bench()) {
            w.press("own-draw");
            assertThat(w.model().now().tool()).isEqualTo(Tool.PICK_PIECES);
            w.fill("own-name", "Boot bench");
            w.fill("own-measured", "In the hall, with a tape");
            w.press("own-draw");
            w.fill("own-across-from", "500");
            w.fill("own-across-to", "1000");
            w.press("own-across-repeats");
            assertThat(own(w).across().zone()).isEqualTo(Stretch.Zone.REPEATS);
            w.press("own-keep");
            assertThat(w.message()).contains("Boot bench").contains("in all plans");
            var other = folder.resolve("other.honeylamp");
            PlanFile.save(PlanDocument.of(TestWalls.house()), new byte[0], other);
            w.answers.plan = Optional.of(other);
            w.answers.unsaved = FileDialogs.Unsaved.DROP;
            w.press("open");
            w.until(() ->
                    w.model().now().plan().storeys().getFirst().furnishings().isEmpty());
            w.press("stage-furnish");
            w.press("tool-new-piece");
            w.press("piece-own-boot-bench");
            w.showCentred(3000, 2000, 9000);
            w.click(4200, 2000);
            assertThat(pieces(w)).singleElement().satisfies(f -> {
                assertThat(f.own().orElseThrow().measured()).isEqualTo("In the hall, with a tape");
                assertThat(f.width()).isEqualTo(Length.ofMm(1800));
            });
            w.fill("piece-width", "2300");
            assertThat(pieces(w).getFirst().own().orElseThrow().width()).isEqualTo(Length.ofMm(1800));
            w.answers.sheet = Optional.of(file);
            w.press("share-pieces");
            w.told("Your own pieces are in things.json");
            assertThat(file).exists();
        }
        try (var w = room()) {
            w.press("tool-new-piece");
            w.press("share-pieces");
            assertThat(w.message()).contains("You keep no own pieces yet");
            w.answers.sheet = Optional.of(file);
            w.press("bring-in-pieces");
            w.told("1 own piece is yours now");
            w.press("piece-own-boot-bench");
            assertThat(w.model().now().choices().placed().label()).isEqualTo("Boot bench");
            Files.writeString(file, "no pieces");
            w.press("bring-in-pieces");
            w.told("Nothing was brought in");
        }
    }

    @Test
    void aPieceComesFromADrawing(@TempDir Path folder) throws Exception {
        var file = folder.resolve("day bed.svg");
        Files.writeString(
                file,
                "<svg xmlns='http://www.w3.org/2000/svg' width='200' height='90'>"
                        + "<rect width='200' height='90' fill='#dde5dd' stroke='#333'/>"
                        + "<rect x='5' y='5' width='40' height='80' rx='8' fill='#f5f5f0'/></svg>");
        try (var w = room()) {
            w.press("tool-new-piece");
            w.fill("own-drawing-width", "2000");
            w.answers.picture = Optional.of(file);
            w.press("piece-drawing");
            w.told("is in hand");
            w.click(2500, 2000);
            assertThat(pieces(w)).singleElement().satisfies(f -> {
                assertThat(f.kind()).isEqualTo("own:day bed");
                assertThat(f.width()).isEqualTo(Length.ofMm(2000));
                assertThat(f.depth().mm()).isCloseTo(900, within(0.01));
                assertThat(f.own().orElseThrow().parts()).hasSize(2);
            });
            Files.writeString(file, "no drawing at all");
            w.press("tool-new-piece");
            w.press("piece-drawing");
            w.told("No piece was made");
            assertThat(w.message()).contains("damaged");
        }
    }

    @Test
    void anotherPieceIsSwappedForAnOwnOne() throws Exception {
        try (var w = bench()) {
            w.fill("own-name", "Boot bench");
            w.press("own-keep");
            w.press("tool-new-piece");
            w.press("piece-sofa");
            w.click(3000, 2500);
            w.fill("piece-swap", "boot bench");
            assertThat(pieces(w)).extracting(Furnishing::kind).containsExactly("own:Boot bench", "own:Boot bench");
            w.fill("piece-swap", "armchair");
            assertThat(pieces(w).getLast().own()).isEmpty();
            var first = pieces(w).getFirst().id();
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of(first));
                return null;
            });
            w.settle();
            w.press("piece-mirrored");
            w.press("piece-another");
            assertThat(pieces(w)).filteredOn(f -> f.own().isPresent()).hasSize(2);
        }
    }
}
