package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.listing.Surfaces;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
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
