package honeylamp.desktop;

import static honeylamp.desktop.PiecesByNumbersWindowTest.house;
import static honeylamp.desktop.PiecesByNumbersWindowTest.pieces;
import static honeylamp.desktop.PiecesByNumbersWindowTest.place;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.ScreenColours;
import honeylamp.catalogue.piece.Runs;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.snags.Snag;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.Run;
import honeylamp.plan.RunUnit;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What fits and what is too tight, and pieces that hang, fill and show what they are, in the real window. */
class FitWindowTest {
    private static void pick(WindowDriver w, ElementId id) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(id));
            return null;
        });
        w.settle();
    }

    private static boolean warns(WindowDriver w) throws Exception {
        var brick = Ink.of(ScreenColours.BRICK.argb());
        return WindowDriver.onScreen(() -> w.model().sketch().stream()
                .anyMatch(m -> m instanceof Mark.Stroke s
                        && s.ink().equals(brick)
                        && !s.pen().dashMm().isEmpty()));
    }

    @Test
    void aSeatTooNearToItsScreenIsSeenBeforeItIsPlaced() throws Exception {
        try (var w = house()) {
            place(w, "screen-wall", 4500, 3700); // its picture is 1,200 wide or more
            w.press("tool-new-piece");
            w.press("piece-armchair");
            w.key(KeyCode.R);
            w.key(KeyCode.R); // it looks up the page, at the screen
            w.move(4500, 2900);
            assertThat(warns(w)).isTrue();
            w.move(4500, 1500);
            assertThat(warns(w)).isFalse();
        }
    }

    @Test
    void aLampHangsFromTheCeilingAndFollowsIt() throws Exception {
        try (var w = house()) {
            var high = w.plan().storeys().getFirst().height();
            place(w, "pendant", 4500, 2000);
            var lamp = pieces(w).getFirst();
            assertThat(lamp.top()).isEqualTo(high);
            assertThat(lamp.bottom()).isEqualTo(Length.ofMm(1500));
            pick(w, lamp.id());
            assertThat(WindowDriver.onScreen(() -> w.robot.lookup(".label").queryAllAs(Label.class).stream()
                            .map(Label::getText)
                            .toList()))
                    .contains("Hangs from the ceiling, and follows it.");
            w.key(KeyCode.ESCAPE);
            w.press("desk-storey");
            w.fill("storey-height", "3000");
            assertThat(pieces(w).getFirst().top()).isEqualTo(Length.ofMm(3000));
            assertThat(pieces(w).getFirst().height()).isEqualTo(lamp.height());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(pieces(w)).containsExactly(lamp);
        }
    }

    @Test
    void aStretchOfWallIsFilledAndACounterHasAnEdge() throws Exception {
        try (var w = house()) {
            place(w, "bookcase", 4500, 3650);
            pick(w, pieces(w).getFirst().id());
            w.fill("piece-fill", "100");
            assertThat(pieces(w))
                    .hasSizeGreaterThan(1)
                    .allSatisfy(f -> assertThat(f.keeping().rule()).isEqualTo(Keeping.Rule.EVEN));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.press("tool-run-of-units");
            w.press("run-corner-blind");
            w.click(3700, 4000);
            w.click(6000, 1000);
            var runs = pieces(w).stream()
                    .filter(f -> f.kind().equals(Runs.COUNTER))
                    .toList();
            assertThat(runs).hasSize(2);
            assertThat(runs.stream()
                            .flatMap(f -> RunLayout.of(f).orElseThrow().parts().stream())
                            .filter(p -> p.asked().isPresent())
                            .map(RunLayout.Part::kind))
                    .containsExactlyInAnyOrder(RunUnit.Kind.BLIND, RunUnit.Kind.FILLER);
            pick(w, runs.getFirst().id());
            w.press("run-edge-rounded");
            assertThat(pieces(w).getFirst().run().orElseThrow().edge()).isEqualTo(Run.Edge.ROUNDED);
        }
    }

    @Test
    void aPictureOfTheRealThingIsKeptWithIt(@TempDir Path folder) throws Exception {
        var file = folder.resolve("chair.png");
        ImageIO.write(new BufferedImage(600, 300, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        try (var w = house()) {
            place(w, "armchair", 4500, 2000);
            var bare = pieces(w).getFirst();
            pick(w, bare.id());
            w.answers.picture = Optional.of(file);
            w.press("piece-picture");
            w.until(() -> pieces(w).getFirst().buying().picture().isPresent());
            var picture = pieces(w).getFirst().buying().picture().orElseThrow();
            assertThat(picture.widthPx()).isEqualTo(240);
            assertThat(picture.heightPx()).isEqualTo(120);
            w.press("piece-picture-away");
            assertThat(pieces(w).getFirst()).isEqualTo(bare);
            w.answers.picture = Optional.of(folder.resolve("none.png"));
            w.press("piece-picture");
            w.until(() -> w.message().startsWith("No picture was taken"));
        }
    }

    @Test
    void leastSizesAreTakenAsASetAndKeptAsOne() throws Exception {
        try (var w = house()) {
            w.press("stage-rooms");
            FinishWindowTest.choose(w, "least-set", "Step-free, homes");
            assertThat(w.plan().brief().minimums().way()).isEqualTo(Length.ofMm(1200));
            assertThat(w.plan().brief().minimums().beside("wc", "front")).contains(Length.ofMm(1200));
            w.fill("least-way", "1100");
            w.fill("least-set-name", "Our office");
            MenuButton sets = w.node("least-set");
            assertThat(WindowDriver.onScreen(
                            () -> sets.getItems().stream().map(i -> i.getText()).toList()))
                    .endsWith("Our office");
            FinishWindowTest.choose(w, "least-set", "Usual in homes");
            FinishWindowTest.choose(w, "least-set", "Our office");
            assertThat(w.plan().brief().minimums().way()).isEqualTo(Length.ofMm(1100));
            w.fill("least-set-name", " ");
            assertThat(w.plan().brief().minimums().way()).isEqualTo(Length.ofMm(1100));
        }
    }

    @Test
    void allThatStandsInARoomIsPickedFromItsCardAndItsSectionsFold() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            var room = w.plan().storeys().getFirst().rooms().stream()
                    .filter(r -> r.fit().use().equals("bedroom"))
                    .findFirst()
                    .orElseThrow();
            var there = WindowDriver.onScreen(() -> w.model()
                    .geometry()
                    .furnishingsIn(
                            w.model().geometry().roomAt(room.at().point()).orElseThrow()));
            assertThat(there).hasSizeGreaterThan(1);
            pick(w, room.id());
            w.press("fold-area");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().choices().round().folded()))
                    .contains("Area");
            w.press("fold-area");
            w.press("room-pick-pieces");
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection()))
                    .containsExactlyInAnyOrderElementsOf(
                            there.stream().map(Furnishing::id).toList());
            w.press("pieces-calmer");
            assertThat(pieces(w))
                    .filteredOn(f -> there.stream().anyMatch(t -> t.id().equals(f.id())))
                    .allSatisfy(f -> assertThat(f.tones()).isNotEmpty());
        }
    }

    @Test
    void upstairsTheWaysTellWhatIsNarrowBelow() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            var below = w.plan().storeys().getFirst().name();
            w.key(KeyCode.PAGE_UP);
            w.press("stage-furnish");
            w.press("tool-ways");
            w.until(() -> w.model().readout().hint().contains("before that"));
            assertThat(WindowDriver.onScreen(() -> w.model().readout().hint())).contains(below);
        }
    }

    /** A sofa before a table becomes two armchairs; their wall comes 300 nearer: they go with it, and it is said that it is tight. */
    @Test
    void aLivingRoomIsFurnishedChangedAndItsWallMoved() throws Exception {
        try (var w = house()) {
            place(w, "sofa", 2750, 2400);
            place(w, "low-table", 4150, 2400);
            place(w, "screen-unit", 5600, 2400);
            var sofa = pieces(w).getFirst();
            assertThat(sofa.turnDeg()).isEqualTo(90); // its back to the partition
            w.press("tool-pick-and-move");
            pick(w, sofa.id());
            w.fill("piece-swap", "armchair");
            w.press("piece-another");
            var chairs =
                    pieces(w).stream().filter(f -> f.kind().equals("armchair")).toList();
            assertThat(chairs).hasSize(2);
            var before = chairs.getFirst();
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.drag(2500, 3000, 2800, 3000);
            var moved = w.plan().storeys().getFirst().walls().getLast();
            assertThat(moved.from().x().mm() - 2500).isBetween(250.0, 350.0);
            var by = moved.from().x().mm() - 2500;
            var after = pieces(w).stream()
                    .filter(f -> f.id().equals(before.id()))
                    .findFirst()
                    .orElseThrow();
            assertThat(after.at().x().mm() - before.at().x().mm()).isCloseTo(by, within(0.01));
            w.press("stage-furnish");
            assertThat(tight(w)).as("what is too tight is said").isPositive();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(pieces(w)).contains(before);
        }
    }

    private static long tight(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().shown().snags().stream()
                .filter(s -> s.kind() == Snag.Kind.PIECE_TIGHT)
                .count());
    }
}
