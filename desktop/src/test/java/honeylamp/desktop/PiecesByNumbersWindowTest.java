package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.catalogue.Palettes;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.pointing.Apart;
import honeylamp.derive.pointing.Picking;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Region;
import honeylamp.plan.Role;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Pieces placed from what is clicked, runs where no wall is, colours by a press. */
class PiecesByNumbersWindowTest {
    static List<Furnishing> pieces(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().furnishings();
    }

    private static void pick(WindowDriver w, Set<ElementId> ids) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(ids);
            return null;
        });
        w.settle();
    }

    static WindowDriver house() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(TestWalls.house()));
        w.press("stage-furnish");
        w.showCentred(3000, 2000, 10_000);
        return w;
    }

    static void place(WindowDriver w, String kind, double x, double y) throws Exception {
        w.press("tool-new-piece");
        w.press("piece-" + kind);
        w.click(x, y);
    }

    @Test
    void aPieceIsMovedToATypedDistanceFromWhatIsClicked() throws Exception {
        try (var w = house()) {
            place(w, "armchair", 4400, 2200);
            var partition = w.plan().storeys().getFirst().walls().getLast().id();
            w.press("piece-from");
            w.click(2500, 2600);
            w.write("600");
            w.key(KeyCode.ENTER);
            var chair = pieces(w).getFirst();
            var apart = WindowDriver.onScreen(() -> Apart.of(w.model().geometry(), chair, partition))
                    .orElseThrow();
            assertThat(apart.line().length()).isCloseTo(600, within(0.01));
            w.write("750"); // it is still measured from there
            w.key(KeyCode.ENTER);
            assertThat(pieces(w).getFirst().at().x().mm())
                    .isCloseTo(chair.at().x().mm() + 150, within(0.01));
            w.click(4000, 3500);
            assertThat(w.message()).contains("Nothing stands there");
            w.key(KeyCode.ESCAPE);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(pieces(w).getFirst().at()).isEqualTo(chair.at());
            pick(w, Set.of(chair.id()));
            w.press("piece-over");
            assertThat(pieces(w).getFirst().order()).isEqualTo(1);
        }
    }

    @Test
    void anIslandOfTwoSidesIsLaidWhereNoWallIs() throws Exception {
        try (var w = house()) {
            w.press("tool-run-of-units");
            w.press("run-stand-both-sides");
            w.click(3400, 2000);
            w.move(4400, 2020);
            w.write("1800");
            w.key(KeyCode.ENTER);
            assertThat(pieces(w)).hasSize(2).allSatisfy(f -> {
                assertThat(f.kind()).isEqualTo(Runs.COUNTER);
                assertThat(f.width()).isEqualTo(Length.ofMm(1800));
            });
            var a = Picking.footprint(pieces(w).get(0)).bounds();
            var b = Picking.footprint(pieces(w).get(1)).bounds();
            assertThat(Math.max(a.minY(), b.minY()))
                    .as("back to back")
                    .isCloseTo(Math.min(a.maxY(), b.maxY()), within(0.01));
            assertThat(Math.abs(pieces(w).get(0).turnDeg() - pieces(w).get(1).turnDeg()))
                    .isCloseTo(180, within(1e-6));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(pieces(w)).isEmpty();
            w.press("run-stand-free");
            w.click(3400, 2000);
            w.move(4400, 2020);
            w.key(KeyCode.F);
            w.write("1200");
            w.key(KeyCode.ENTER);
            assertThat(pieces(w))
                    .singleElement()
                    .satisfies(f -> assertThat(Picking.footprint(f).bounds().maxY())
                            .as("its front is on the other side")
                            .isLessThan(2020));
            w.press("run-splash-back");
            assertThat(w.message()).contains("no straight wall");
        }
    }

    @Test
    void aCounterTilesTheWallBehindIt() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var counter = pieces(w).stream()
                    .filter(f -> f.kind().equals(Runs.COUNTER))
                    .findFirst()
                    .orElseThrow();
            var before = w.plan().storeys().getFirst().regions().size();
            pick(w, Set.of(counter.id()));
            w.press("run-splash-back");
            assertThat(w.plan().storeys().getFirst().regions())
                    .hasSize(before + 1)
                    .last()
                    .satisfies(r -> {
                        assertThat(r.on()).isInstanceOf(Region.Upright.class);
                        assertThat(r.ring().bounds().minY())
                                .isEqualTo(counter.top().mm());
                        assertThat(r.ring().bounds().width())
                                .isCloseTo(counter.width().mm(), within(0.01));
                    });
        }
    }

    @Test
    void sectionsOfTheCardFoldAndStayFolded() throws Exception {
        try (var w = house()) {
            place(w, "armchair", 600, 1200);
            place(w, "side-table", 1200, 3000);
            w.press("tool-pick-and-move");
            pick(w, Set.of(pieces(w).getFirst().id()));
            assertThat((Object) w.node("piece-row")).isNotNull();
            w.press("fold-more-like-it");
            assertThat((Object) w.node("piece-row")).isNull();
            pick(w, Set.of(pieces(w).getLast().id()));
            assertThat((Object) w.node("piece-row")).as("of another piece too").isNull();
            w.press("fold-more-like-it");
            assertThat((Object) w.node("piece-row")).isNotNull();
        }
    }

    @Test
    void aRoomIsMadeSomethingElse() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            var before = w.plan();
            var room = before.storeys().getFirst().rooms().stream()
                    .filter(r -> r.fit().use().equals("bedroom"))
                    .findFirst()
                    .orElseThrow();
            pick(w, Set.of(room.id()));
            FinishWindowTest.choose(w, "room-repurpose", "Work");
            assertThat(w.message()).contains("It is \"Study\" now").contains("went");
            var now = w.plan().storeys().getFirst().rooms().stream()
                    .filter(r -> r.id().equals(room.id()))
                    .findFirst()
                    .orElseThrow();
            assertThat(now.name()).isEqualTo("Study");
            assertThat(now.fit().use()).isEqualTo("work");
            assertThat(pieces(w)).extracting(Furnishing::kind).contains("desk");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void coloursOfTheLookAreGivenByAPress() throws Exception {
        try (var w = house()) {
            place(w, "armchair", 600, 1200);
            place(w, "armchair", 1800, 1200);
            place(w, "side-table", 1200, 3000);
            w.press("tool-pick-and-move");
            pick(w, Set.of(pieces(w).getFirst().id()));
            FinishWindowTest.choose(w, "piece-palette-textile", "Cushion");
            var cushion = Palettes.DAYLIGHT.of(Role.CUSHION);
            assertThat(pieces(w).getFirst().tone(Role.TEXTILE)).contains(cushion);
            assertThat(pieces(w).get(1).tone(Role.TEXTILE)).isEmpty();
            pick(w, pieces(w).stream().map(Furnishing::id).collect(Collectors.toSet()));
            FinishWindowTest.choose(w, "pieces-palette-textile", "Linen");
            assertThat(pieces(w).subList(0, 2))
                    .allSatisfy(f -> assertThat(f.tone(Role.TEXTILE)).contains(Palettes.DAYLIGHT.of(Role.LINEN)));
            assertThat(pieces(w).getLast().tones()).as("it has no textile").isEmpty();
            w.press("pieces-calmer");
            assertThat(pieces(w)).allSatisfy(f -> assertThat(f.tones()).isNotEmpty());
            w.press("pieces-tones-back");
            assertThat(pieces(w)).allSatisfy(f -> assertThat(f.tones()).isEmpty());
        }
    }
}
