package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.listing.Surfaces;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Region;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import honeylamp.plan.TileEdge;
import honeylamp.plan.Wall;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Finishes of wall sides, reveals and steps by the cards, and that they stay through edits, undo and files. */
class SurfacesWindowTest {
    @TempDir
    private Path folder;

    private static Storey ground(Plan plan) {
        return plan.storeys().getFirst();
    }

    private static void pick(WindowDriver w, ElementId id) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(id));
            return null;
        });
        w.settle();
    }

    private static void choose(WindowDriver w, String menu, int item) throws Exception {
        MenuButton button = w.node(menu);
        WindowDriver.onScreen(() -> {
            button.getItems().get(item).fire();
            return null;
        });
        w.settle();
    }

    /** A place along a wall where it can be parted: beside its openings. */
    private static OptionalInt free(Plan plan, WallId wall) {
        var openings = ground(plan).openingsIn(wall);
        for (var at = 400; at < ground(plan).wall(wall).orElseThrow().length().mm() - 400; at += 100) {
            var here = at;
            if (openings.stream()
                    .noneMatch(o -> here > o.offset().mm() - 200
                            && here < o.offset().plus(o.width()).mm() + 200)) {
                return OptionalInt.of(at);
            }
        }
        return OptionalInt.empty();
    }

    @Test
    void aWallSideKeepsItsFinishWhenItsWallIsDivided() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-rooms");
            var room = ground(w.plan()).rooms().getFirst();
            pick(w, room.id());
            var side = Surfaces.on(WindowDriver.onScreen(() -> w.model().shown().storey())).stream()
                    .map(Surfaces.Found::surface)
                    .filter(s -> s instanceof Surface.WallSide on && on.room().equals(Optional.of(room.id())))
                    .map(Surface.WallSide.class::cast)
                    .filter(s -> free(QuillbackLane.plan(), s.wall()).isPresent())
                    .findFirst()
                    .orElseThrow();
            choose(w, "finish-" + side.wall().text() + "-" + side.side().name().toLowerCase(java.util.Locale.ROOT), 3);
            assertThat(ground(w.plan()).coverings())
                    .extracting(Covering::surface)
                    .containsExactly(side);
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            pick(w, side.wall());
            w.fill("wall-split", free(w.plan(), side.wall()).orElseThrow() + " mm");
            var walls = ground(w.plan()).walls();
            assertThat(walls).hasSize(ground(QuillbackLane.plan()).walls().size() + 1);
            assertThat(ground(w.plan()).coverings())
                    .extracting(c -> c.surface().host())
                    .contains(side.wall(), walls.getLast().id());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(QuillbackLane.plan());
        }
    }

    /** All plinths of a room are covered with one choice, and each is a surface of its own. */
    @Test
    void plinthsAreCoveredAllRound() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-rooms");
            var room = ground(w.plan()).rooms().getFirst();
            pick(w, room.id());
            var plinths = Surfaces.on(
                            WindowDriver.onScreen(() -> w.model().shown().storey()))
                    .stream()
                    .map(Surfaces.Found::surface)
                    .filter(s -> s instanceof Surface.Plinth p && p.room().equals(Optional.of(room.id())))
                    .toList();
            assertThat(plinths).hasSizeGreaterThan(3);
            choose(w, "finish-plinth", 2);
            assertThat(ground(w.plan()).coverings())
                    .extracting(Covering::surface)
                    .containsExactlyInAnyOrderElementsOf(plinths);
            choose(w, "finish-plinth", 0);
            assertThat(ground(w.plan()).coverings()).isEmpty();
        }
    }

    /** A counter is covered by a click on it, set out and swapped on its card, and counted without its sink and hob. */
    @Test
    void aCounterIsCoveredByAClickAndByItsCard() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-finishes");
            w.press("finish-marble-green");
            w.move(10_500, 4_080); // between sink and hob, where one sees its top
            assertThat(WindowDriver.onScreen(() -> w.model().readout().hint())).contains("on the counter");
            w.click(10_500, 4_080);
            var covering = ground(w.plan()).coverings().getLast();
            var counter = ground(w.plan()).furnishings().stream()
                    .filter(f -> f.id().equals(covering.surface().host()))
                    .findFirst()
                    .orElseThrow();
            assertThat(counter.kind()).isEqualTo("counter-run");
            assertThat(covering.finish().material()).isEqualTo("marble-green");
            w.press("counter-set-out");
            w.fill("counter-piece-width", "150");
            w.fill("counter-piece-length", "150");
            assertThat(FinishWindowTest.words(w)).containsPattern("\\d+ whole, \\d+ cut over half");
            choose(w, "finish-counter", 0);
            assertThat(ground(w.plan()).coverings()).doesNotContain(covering).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(ground(w.plan()).coverings()).hasSize(1);
            pick(w, counter.id());
            w.press("card-delete"); // what covers it goes with it
            assertThat(ground(w.plan()).coverings()).isEmpty();
        }
    }

    /** A field of tiles drawn on a floor, picked again, typed, dragged, put on the ceiling, taken back. */
    @Test
    void aRegionIsDrawnOnAFloorAndChanged() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-finishes");
            w.press("finish-square-tile");
            w.press("tool-own-region");
            var room = ground(w.plan()).rooms().getFirst();
            var at = room.at().point();
            w.show(at.x(), at.y(), 4000);
            w.click(at.x(), at.y());
            w.move(at.x() + 300, at.y() + 300);
            w.write("800 mm");
            w.key(KeyCode.TAB);
            w.write("500 mm");
            w.key(KeyCode.ENTER);
            var region = ground(w.plan()).regions().getFirst();
            assertThat(region.ring().area()).isCloseTo(800 * 500, within(1e-3));
            assertThat(Surfaces.finish(ground(w.plan()), new Surface.OwnRegion(region.id()))
                            .map(Finish::material))
                    .contains("square-tile");
            w.press("tool-pick-and-move");
            pick(w, region.id());
            w.fill("region-width", "900 mm");
            assertThat(ground(w.plan()).regions().getFirst().ring().area()).isCloseTo(900 * 500, within(1e-3));
            choose(w, "finish-region", 1);
            assertThat(Surfaces.finish(ground(w.plan()), new Surface.OwnRegion(region.id()))
                            .map(Finish::material))
                    .contains("wide-plank-oak");
            var before = ground(w.plan()).regions().getFirst();
            w.drag(at.x() + 450, at.y() + 250, at.x() + 650, at.y() + 250);
            assertThat(ground(w.plan()).regions().getFirst().ring().bounds().minX())
                    .isCloseTo(before.ring().bounds().minX() + 200, within(25.0));
            choose(w, "region-on", 1);
            assertThat(ground(w.plan()).regions().getFirst().on()).isEqualTo(new Region.Ceilings());
            w.key(KeyCode.DELETE);
            assertThat(ground(w.plan()).regions()).isEmpty();
            assertThat(ground(w.plan()).coverings()).isEmpty();
            while (w.model().now().history().undoable().isPresent()) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(QuillbackLane.plan());
        }
    }

    /** A splash-back on a wall by the room's card, its place typed, kept in a file. */
    @Test
    void aRegionOnAWallIsTypedAndKept() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-rooms");
            var room = ground(w.plan()).rooms().getFirst();
            pick(w, room.id());
            var wall = Surfaces.on(WindowDriver.onScreen(() -> w.model().shown().storey())).stream()
                    .map(Surfaces.Found::surface)
                    .filter(s -> s instanceof Surface.WallSide on && on.room().equals(Optional.of(room.id())))
                    .map(Surface.WallSide.class::cast)
                    .findFirst()
                    .orElseThrow();
            w.press("region-on-" + wall.wall().text() + "-" + wall.side().name().toLowerCase(java.util.Locale.ROOT));
            assertThat(ground(w.plan()).regions().getFirst().on())
                    .isEqualTo(new Region.Upright(wall.wall(), wall.side()));
            assertThat(w.model().now().stage()).isEqualTo(WorkStage.FINISHES); // where regions are picked and dragged
            w.fill("region-foot", "850 mm");
            w.fill("region-height", "400 mm");
            var box = ground(w.plan()).regions().getFirst().ring().bounds();
            assertThat(box.minY()).isCloseTo(850, within(1e-6));
            assertThat(box.maxY()).isCloseTo(1250, within(1e-6));
            choose(w, "finish-region", 3);
            choose(w, "region-form", 1); // a niche
            w.fill("region-deep", "1 m");
            assertThat(w.message()).contains("too thin");
            w.fill("region-deep", "45 mm");
            assertThat(ground(w.plan()).regions().getFirst().raised()).isEqualTo(Length.ofMm(-45));
            choose(w, "finish-region-edge", 2);
            assertThat(ground(w.plan()).coverings().stream().filter(c -> c.surface() instanceof Surface.Edge))
                    .hasSize(4);
            var file = folder.resolve("splash-back.honeylamp");
            w.answers.plan = Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(((PlanFile.Opened.Good) PlanFile.open(file)).document().plan())
                    .isEqualTo(w.plan());
        }
    }

    /** The strip in a door by its card, the trims of tiles by the card of their room. */
    @Test
    void stripsAndEdgeTrimsAreChosenAndSized() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-openings");
            var door = ground(w.plan()).openings().stream()
                    .filter(o -> o.kind() == OpeningKind.DOOR)
                    .findFirst()
                    .orElseThrow();
            pick(w, door.id());
            choose(w, "strip-form", FloorStrip.Form.RAMP.ordinal());
            w.fill("strip-width", "1 m");
            assertThat(w.message()).contains("At most 300 mm");
            w.fill("strip-width", "55");
            assertThat(strip(w, door))
                    .isEqualTo(new FloorStrip(FloorStrip.Form.RAMP, Optional.of(Length.ofMm(55)), "metal-steel"));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(strip(w, door)).isEqualTo(FloorStrip.USUAL);
            FinishWindowTest.pickBathroom(w);
            choose(w, "tile-edge-form", TileEdge.Form.TRIM.ordinal());
            w.fill("tile-edge-width", "8 mm");
            assertThat(FinishWindowTest.bathroom(w).fit().tileEdge())
                    .isEqualTo(new TileEdge(TileEdge.Form.TRIM, Length.ofMm(8), "metal-steel"));
        }
    }

    private static FloorStrip strip(WindowDriver w, Opening door) throws Exception {
        return w.plan().storeys().getFirst().openings().stream()
                .filter(o -> o.id().equals(door.id()))
                .findFirst()
                .orElseThrow()
                .build()
                .strip();
    }

    @Test
    void revealsAndStepsAreCoveredAndKeptInAFile() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            var opening = ground(w.plan()).openings().getFirst();
            w.press("stage-openings");
            pick(w, opening.id());
            choose(w, "finish-reveal", 1);
            var stair = ground(w.plan()).structures().stream()
                    .filter(s -> s.form() instanceof Stair)
                    .findFirst()
                    .orElseThrow();
            w.press("stage-fixed-parts");
            pick(w, stair.id());
            choose(w, "finish-treads", 7);
            var storey = ground(w.plan());
            assertThat(Surfaces.finish(storey, new Surface.Reveal(opening.id())).map(Finish::material))
                    .contains("lime-white");
            var treads = storey.coverings().stream()
                    .filter(c -> c.surface() instanceof Surface.Tread)
                    .count();
            assertThat(treads).isGreaterThan(8);
            var file = folder.resolve("covered.honeylamp");
            w.answers.plan = Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(((PlanFile.Opened.Good) PlanFile.open(file)).document().plan())
                    .isEqualTo(w.plan());
            // the stair goes, and its finishes with it
            w.key(KeyCode.DELETE);
            assertThat(ground(w.plan()).coverings())
                    .extracting(c -> c.surface().host())
                    .containsExactly(opening.id());
            assertThat(ground(w.plan()).elements().of(Wall.class))
                    .isEqualTo(ground(QuillbackLane.plan()).walls());
        }
    }
}
