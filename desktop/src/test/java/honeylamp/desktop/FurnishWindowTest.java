package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.edit.WallEdits;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.Role;
import honeylamp.plan.Wall;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Pieces found, placed, sized, swapped, kept to their walls and stood on each other in the real window. */
class FurnishWindowTest {
    private static List<Furnishing> pieces(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().furnishings();
    }

    private static Furnishing first(WindowDriver w, String kind) throws Exception {
        return pieces(w).stream().filter(f -> f.kind().equals(kind)).findFirst().orElseThrow();
    }

    private static Furnishing find(WindowDriver w, ElementId id) throws Exception {
        return pieces(w).stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
    }

    private static void pick(WindowDriver w, ElementId id) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(id));
            return null;
        });
        w.settle();
    }

    @Test
    void aPieceIsFoundByItsWidthAndStandsInThatSize() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.fill("furnish-search", "wardrobe under 1200");
            w.press("piece-wardrobe");
            w.click(11_900, 6300);
            assertThat(pieces(w).getLast().kind()).isEqualTo("wardrobe");
            assertThat(pieces(w).getLast().width()).isEqualTo(Length.ofMm(1000));
            w.fill("furnish-search", "nothing like that");
            assertThat(FinishWindowTest.words(w)).isNotNull();
            w.fill("furnish-search", "");
            assertThat(w.window().scene().lookup("#piece-hammock")).isNull(); // not among the first few of its family
            w.press("furnish-all-garden");
            assertThat(w.window().scene().lookup("#piece-sofa")).isNull();
            w.press("piece-hammock");
            assertThat(WindowDriver.onScreen(() -> w.model().now().choices().furnishing()))
                    .isEqualTo("hammock");
            MenuButton families = w.node("furnish-families");
            WindowDriver.onScreen(() -> {
                families.getItems().getFirst().fire(); // all of them again
                return null;
            });
            w.settle();
            assertThat(w.window().scene().lookup("#piece-sofa")).isNotNull();
        }
    }

    /** The sofa of the demo stands at the wall between living room and entrance. */
    @Test
    void aSofaStaysAtItsWallKeepsToItsMiddleAndBecomesAnArmchair() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var sofa = first(w, "sofa");
            var before = w.plan();
            pick(w, sofa.id());
            assertThat(FinishWindowTest.words(w)).contains("Stands at a wall, and follows it.");
            w.fill("piece-left", "1 m");
            assertThat(find(w, sofa.id()).keeping()).isEqualTo(Keeping.fromFirst(Length.ofMm(1000)));
            w.press("piece-centred");
            assertThat(find(w, sofa.id()).keeping().rule()).isEqualTo(Keeping.Rule.EVEN);
            w.fill("piece-left", "-5");
            assertThat(w.message()).isNotBlank();
            w.fill("piece-left", "20 m");
            assertThat(w.message()).contains("its wall leaves");
            assertThat(find(w, sofa.id()).keeping().rule()).isEqualTo(Keeping.Rule.EVEN);
            var y = find(w, sofa.id()).at().y().mm();
            w.fill("piece-swap", "armchair under 800");
            var chair = find(w, sofa.id());
            assertThat(chair.kind()).isEqualTo("armchair");
            assertThat(chair.width()).isEqualTo(Length.ofMm(750));
            // its back is where that of the sofa was
            assertThat(chair.at().y().mm() + chair.depth().mm() / 2)
                    .isCloseTo(y + sofa.depth().mm() / 2, within(0.01));
            w.fill("piece-swap", "flying carpet");
            assertThat(w.message()).contains("No piece is called");
            for (var i = 0; i < 3; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void aSofaFollowsItsWallWhenThatIsMoved() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var sofa = first(w, "sofa");
            var back = sofa.placing()
                    .apply(new honeylamp.geometry.Point(0, sofa.depth().mm() / 2));
            var storey = w.plan().storeys().getFirst();
            var wall = storey.walls().stream()
                    .min(Comparator.comparingDouble(x -> x.line().distance(back)))
                    .orElseThrow();
            WindowDriver.onScreen(() -> {
                w.model()
                        .edit(
                                WallEdits.moveWall(
                                        w.model().now().plan(), storey.id(), wall.id(), Length.ZERO, Length.ofMm(300)),
                                "Move wall");
                return null;
            });
            w.settle();
            assertThat(find(w, sofa.id()).at().y().mm()).isCloseTo(sofa.at().y().mm() + 300, within(0.01));
            // it keeps its distance from the corner at its left, which goes along the aslant wall there
            assertThat(find(w, sofa.id()).at().x().mm()).isCloseTo(sofa.at().x().mm(), within(20.0));
        }
    }

    @Test
    void aLampStandsOnATableAndGoesWhereThatGoes() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var table = first(w, "dining-table");
            w.fill("furnish-search", "table lamp");
            w.press("piece-table-lamp");
            w.click(table.at().x().mm() + 400, table.at().y().mm() + 100);
            var lamp = pieces(w).getLast();
            assertThat(lamp.bottom()).isEqualTo(table.height());
            pick(w, lamp.id());
            assertThat(FinishWindowTest.words(w)).contains("Stands on: Dining table with chairs");
            w.press("tool-pick-and-move");
            pick(w, table.id());
            w.fill("piece-turn", "90");
            var off = lamp.at().point().minus(table.at().point()); // a quarter turn takes x to y and y to -x
            assertThat(find(w, lamp.id()).at().x().mm())
                    .isCloseTo(table.at().x().mm() - off.y(), within(0.01));
            assertThat(find(w, lamp.id()).at().y().mm())
                    .isCloseTo(table.at().y().mm() + off.x(), within(0.01));
        }
    }

    @Test
    void wallUnitsHangAboveAndTheirHeightIsTyped() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.fill("furnish-search", "wall unit");
            w.press("piece-wall-unit");
            w.click(10_400, 4200);
            var unit = pieces(w).getLast();
            assertThat(unit.bottom()).isEqualTo(Length.ofMm(1450));
            pick(w, unit.id());
            w.fill("piece-bottom", "1.4 m");
            assertThat(find(w, unit.id()).bottom()).isEqualTo(Length.ofMm(1400));
            w.fill("piece-bottom", "20 m");
            assertThat(w.message()).contains("at most 10 m above its floor");
            assertThat(find(w, unit.id()).bottom()).isEqualTo(Length.ofMm(1400));
        }
    }

    @Test
    void standardSizesAreThoseOfTheUnitsOneMeasuresIn() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-furnish");
            w.fill("furnish-search", "washing");
            w.press("piece-washing-machine");
            var at = pieces(w).getFirst().at();
            w.click(at.x().mm(), at.y().mm());
            var machine = pieces(w).getLast();
            assertThat(machine.width()).isEqualTo(Length.ofInches(27));
            pick(w, machine.id());
            MenuButton sizes = w.node("piece-sizes");
            assertThat(WindowDriver.onScreen(() -> sizes.getItems().getFirst().getText()))
                    .contains("2'");
        }
    }

    @Test
    void severalAtAWallKeepEqualGaps() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var sofa = first(w, "sofa");
            w.fill("furnish-search", "side table");
            for (var x : new double[] {-1600, 1500}) {
                w.press("piece-side-table");
                w.click(sofa.at().x().mm() + x, sofa.at().y().mm() + 250);
            }
            var placed = pieces(w).subList(pieces(w).size() - 2, pieces(w).size());
            assertThat(placed).allMatch(f -> f.kind().equals("side-table"));
            w.press("tool-pick-and-move");
            WindowDriver.onScreen(() -> {
                w.model()
                        .pick(Set.of(
                                sofa.id(), placed.get(0).id(), placed.get(1).id()));
                return null;
            });
            w.settle();
            w.press("gaps-wall");
            var row = List.of(
                    find(w, placed.get(0).id()),
                    find(w, sofa.id()),
                    find(w, placed.get(1).id()));
            for (var i = 0; i < 3; i++) {
                assertThat(row.get(i).keeping()).isEqualTo(Keeping.evenly(i + 1, 3, Keeping.Between.WALLS));
            }
        }
    }

    @Test
    void aPieceIsPricedTickedOffColouredAndMarkedAsGoing() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var sofa = first(w, "sofa");
            var before = w.plan();
            pick(w, sofa.id());
            WindowDriver.onScreen(() -> {
                w.node("piece-product").requestFocus();
                return null;
            });
            w.write("Saltmarsh three");
            w.key(KeyCode.TAB); // taken without Enter
            w.until(() -> find(w, sofa.id()).buying().name().equals("Saltmarsh three"));
            w.fill("piece-price", "1 249,50");
            assertThat(find(w, sofa.id()).buying().name()).isEqualTo("Saltmarsh three");
            assertThat(find(w, sofa.id()).buying().price()).isEqualTo(124_950);
            w.fill("piece-price", "cheap");
            assertThat(w.message()).contains("is no price");
            w.press("piece-bought");
            assertThat(find(w, sofa.id()).buying().state()).isEqualTo(Buying.State.BOUGHT);
            w.fill("piece-tone-textile", "#8FA39B");
            assertThat(find(w, sofa.id()).tone(Role.TEXTILE)).isPresent();
            w.press("piece-calmer");
            w.fill("piece-tone-textile", "blue");
            assertThat(w.message()).contains("is no colour code");
            w.press("piece-works-removed");
            assertThat(find(w, sofa.id()).works()).isEqualTo(Wall.Works.REMOVED);
            for (var i = 0; i < 6; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void whatIsTooTightIsASnagAndIsSeenWhileThePieceIsPicked() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.fill("furnish-search", "pouffe");
            w.press("piece-pouffe");
            var desk = first(w, "desk");
            w.click(desk.at().x().mm(), desk.at().y().mm() - 700);
            w.settle();
            assertThat(pieces(w).getLast().kind()).isEqualTo("pouffe");
            assertThat(honeylamp.sheet.SheetSnags.all(
                            WindowDriver.onScreen(() -> w.model().shown().storey()), Length.ofMm(100)))
                    .anyMatch(s -> s.kind() == honeylamp.derive.snags.Snag.Kind.PIECE_TIGHT
                            && s.about().contains(desk.id())
                            && s.sentence().contains("to draw out its chair"));
        }
    }

    @Test
    void aPieceIsPlacedByNumbersTurnedToAnotherAndSetInARow() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var chair = first(w, "armchair");
            var table = first(w, "low-table");
            pick(w, chair.id());
            w.press("piece-face");
            w.click(table.at().x().mm() + 100, table.at().y().mm());
            var faced = find(w, chair.id());
            var toTable = table.at().point().minus(chair.at().point()).angleDeg();
            assertThat(((faced.turnDeg() - 90 - toTable) % 360 + 360) % 360).isCloseTo(0, within(1e-6));
            pick(w, chair.id());
            w.press("piece-face");
            w.key(KeyCode.ESCAPE); // leaves it as it is
            assertThat(find(w, chair.id())).isEqualTo(faced);
            var desk = first(w, "desk");
            pick(w, desk.id());
            w.fill("piece-free-front", "1.1 m");
            var gap = WindowDriver.onScreen(
                    () -> BesidePiece.gap(w.model().geometry(), find(w, desk.id()), BesidePiece.Side.FRONT, _ -> true));
            assertThat(gap.orElseThrow().mm()).isCloseTo(1100, within(0.01));
            var many = pieces(w).size();
            w.fill("piece-more", "2");
            w.fill("piece-row", "250");
            assertThat(pieces(w)).hasSize(many + 2);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(pieces(w)).hasSize(many);
        }
    }

    /** The bedroom is emptied and furnished anew by one press; one undo takes it all away. */
    @Test
    void aRoomIsFurnishedByOnePressAndEveryPieceIsPicked() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.press("tool-pick-and-move");
            var room = w.plan().storeys().getFirst().rooms().stream()
                    .filter(r -> r.name().equals("Second bedroom"))
                    .findFirst()
                    .orElseThrow();
            var geometry = WindowDriver.onScreen(() -> w.model().geometry());
            var outline = geometry.roomAt(room.at().point()).orElseThrow();
            WindowDriver.onScreen(() -> {
                w.model()
                        .pick(Set.copyOf(geometry.furnishingsIn(outline).stream()
                                .map(Furnishing::id)
                                .toList()));
                return null;
            });
            w.settle();
            w.key(KeyCode.DELETE);
            var empty = w.plan();
            w.press("stage-rooms");
            pick(w, room.id());
            w.press("room-furnish");
            assertThat(pieces(w).size())
                    .isGreaterThanOrEqualTo(
                            empty.storeys().getFirst().furnishings().size() + 2);
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).hasSizeGreaterThanOrEqualTo(2);
            assertThat(w.message()).contains("pieces stand in it");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(empty);
        }
    }
}
