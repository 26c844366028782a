package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Tool;
import honeylamp.edit.OpeningEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Keeping.Rule;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/**
 * Putting in and correcting openings by hand in the real window. The house is 6,000 by 4,000 between centres of
 * walls 300 thick, with a partition 100 thick at 2,500 and a door 900 wide at 3,000 in the lower wall.
 */
class OpeningsWindowTest {
    private static WindowDriver house() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(TestWalls.house()));
        w.show(3000, 2000, 8000);
        return w;
    }

    private static List<Opening> openings(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().openings();
    }

    private static Opening newest(WindowDriver w) throws Exception {
        return openings(w).getLast();
    }

    private static void use(WindowDriver w, Tool tool) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().use(tool);
            w.window().actions().focusPlan();
            return null;
        });
        w.settle();
    }

    private static void pick(WindowDriver w, ElementId... ids) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(ids));
            return null;
        });
        w.settle();
    }

    /** Stage, width, click: three actions. The right room's upper wall runs from 150 to 3,450 as it is drawn. */
    @Test
    void aCentredDoorOfAListedWidthInThreeActionsThatStaysCentred() throws Exception {
        try (var w = house()) {
            w.press("stage-openings");
            w.press("width-760");
            w.click(4210, 3950); // a little beside the middle, on the inner side
            var door = newest(w);
            assertThat(door.width().mm()).isEqualTo(760);
            assertThat(door.kind()).isEqualTo(OpeningKind.DOOR);
            assertThat(door.swing()).isEqualTo(Swing.LEFT);
            assertThat(door.middleMm()).isCloseTo(1800, within(0.01));
            // the wall is lengthened: its first end moves out by 1,000, and the wall beside it slants
            w.press("stage-walls");
            pick(w, door.host());
            w.press("end-from");
            w.fill("wall-length", "7000");
            // its inner face meets the upper wall's 37.5 nearer and 150 / cos(atan(1/4)) beside its line
            var from = 37.5 + 150 * Math.sqrt(1 + 1 / 16.0);
            assertThat(newest(w).middleMm()).isCloseTo((from + 4450) / 2, within(0.01));
            assertThat(newest(w).keeping()).isEqualTo(Keeping.centred(Between.WALLS));
        }
    }

    /** The stretch right of the partition is 3,300 long; a frame 70 deep leaves 230 of a wall of 300. */
    @Test
    void theWallsLimitsAreSaidWhenANumberIsTyped() throws Exception {
        try (var w = house()) {
            use(w, Tool.PICK_OPENINGS);
            pick(w, newest(w).id());
            w.fill("opening-card-width", "3301");
            assertThat(w.message()).contains("room for at most 3300 mm");
            assertThat(newest(w).width().mm()).isEqualTo(900);
            w.fill("opening-card-width", "3300");
            assertThat(newest(w).width().mm()).isEqualTo(3300);
            WindowDriver.onScreen(() -> {
                var now = w.model().now();
                w.model()
                        .edit(
                                OpeningEdits.setKind(
                                        now.plan(),
                                        now.storey(),
                                        now.currentStorey().openings().getLast().id(),
                                        OpeningKind.CASEMENT_WINDOW),
                                "Change kind");
                return null;
            });
            w.settle();
            w.fill("opening-reveal", "231");
            assertThat(w.message()).contains("reveal of at most 230 mm");
            w.fill("opening-reveal", "230");
            assertThat(newest(w).build().reveal()).contains(Length.ofMm(230));
        }
    }

    @Test
    void keysChooseKindWidthHandSideAndCentre() throws Exception {
        try (var w = house()) {
            use(w, Tool.PUT_IN_OPENING);
            w.move(4700, 4050); // on the outer half of the upper wall
            w.key(KeyCode.W); // 885 to 1010
            w.key(KeyCode.T); // on to the pair of doors
            w.key(KeyCode.T); // the unequal pair
            w.key(KeyCode.R);
            w.key(KeyCode.C);
            w.key(KeyCode.F);
            w.click(4700, 4050);
            var pair = newest(w);
            assertThat(pair.kind()).isEqualTo(OpeningKind.UNEQUAL_PAIR);
            assertThat(pair.hand()).isEqualTo(Hand.SECOND);
            assertThat(pair.swing()).isEqualTo(Swing.LEFT); // turned away from the pointer, inwards
            assertThat(pair.middleMm()).isCloseTo(1800, within(0.01));
            w.key(KeyCode.R); // it is still picked and nothing hangs at the pointer: the key is for it
            assertThat(newest(w).hand()).isEqualTo(Hand.FIRST);
            w.key(KeyCode.DELETE);
            assertThat(openings(w)).hasSize(1);
        }
    }

    @Test
    void bothDistancesWidthAndCountAreTyped() throws Exception {
        try (var w = house()) {
            use(w, Tool.PUT_IN_OPENING);
            w.move(1200, 3950);
            w.write("300");
            w.key(KeyCode.TAB);
            w.write("1100");
            w.key(KeyCode.ENTER);
            // the left room's upper wall is 2,300 clear: 300 and 1,100 leave 900
            assertThat(newest(w).width().mm()).isCloseTo(900, within(1e-3));
            assertThat(newest(w).keeping().rule()).isEqualTo(Rule.FROM_FIRST);
            w.press("opening-fixed-window");
            w.move(4200, 3950);
            WindowDriver.onScreen(() -> {
                w.model().typing(List.of("", "", "600", "3"));
                w.model().entered(w.model().typing().get());
                return null;
            });
            assertThat(w.message()).isEmpty();
            // the right room's is 3,300 clear: 3,300 - 1,800 leaves four gaps of 375
            var row = openings(w).subList(2, 5);
            assertThat(row).allSatisfy(o -> assertThat(o.keeping().of()).isEqualTo(3));
            assertThat(row.getFirst().offset().mm()).isCloseTo(150 + 375, within(0.01));
            assertThat(row.getLast().end().mm()).isCloseTo(3450 - 375, within(0.01));
        }
    }

    @Test
    void theCardKeepsCentresBuildsAndCopies() throws Exception {
        try (var w = house()) {
            use(w, Tool.PICK_OPENINGS);
            w.click(3450, 0);
            w.press("keep-walls");
            // the lower wall's right part runs from 2,550 to 5,850: middle 4,200
            assertThat(newest(w).middleMm()).isCloseTo(4200, within(0.01));
            w.press("opening-opposite");
            assertThat(openings(w)).hasSize(2);
            assertThat(newest(w).middleMm()).isCloseTo(1800, within(0.01));
            assertThat(newest(w).swing()).isEqualTo(Swing.LEFT);
            w.press("flip-hand");
            assertThat(openings(w).getFirst().hand()).isEqualTo(Hand.SECOND);
            w.fill("opening-before", "500");
            assertThat(openings(w).getFirst().keeping().rule()).isEqualTo(Rule.FROM_FIRST);
            assertThat(openings(w).getFirst().offset().mm()).isCloseTo(3050, within(0.01));
            w.press("keep-place");
            assertThat(openings(w).getFirst().keeping()).isEqualTo(Keeping.AS_PUT);
        }
    }

    @Test
    void severalAreChangedTogether() throws Exception {
        try (var w = house()) {
            use(w, Tool.PUT_IN_OPENING);
            w.press("opening-fixed-window");
            w.click(3300, 3950);
            w.click(4900, 3950);
            var two = openings(w).subList(1, 3);
            pick(w, two.getFirst().id(), two.getLast().id());
            w.fill("opening-card-width", "700");
            assertThat(openings(w).subList(1, 3))
                    .allSatisfy(o -> assertThat(o.width().mm()).isEqualTo(700));
            w.press("openings-even");
            // 3,300 - 1,400 leaves three gaps of 633.33
            var right = openings(w).get(2);
            assertThat(right.offset().mm()).isCloseTo(150 + 1900 / 3.0, within(0.01));
            w.move(1000, 1500); // no ghost hangs at the pointer
            w.focusPlan();
            w.key(KeyCode.C); // each keeps the middle between its neighbours, so the gaps stay even
            assertThat(openings(w).subList(1, 3))
                    .allSatisfy(o -> assertThat(o.keeping().rule()).isEqualTo(Rule.EVEN));
            assertThat(openings(w).get(2).offset().mm()).isCloseTo(150 + 1900 / 3.0, within(0.01));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(openings(w).get(2)).isEqualTo(right);
        }
    }

    @Test
    void draggedIntoItsNeighbourADoorStopsBesideIt() throws Exception {
        try (var w = house()) {
            use(w, Tool.PUT_IN_OPENING);
            w.press("opening-fixed-window");
            w.click(5000, -50);
            var window = newest(w);
            use(w, Tool.PICK_OPENINGS);
            w.drag(3450, 0, 5000, 0);
            var door = openings(w).getFirst();
            assertThat(door.end().mm()).isLessThanOrEqualTo(window.offset().mm() + 1e-6);
            assertThat(door.width().mm()).isEqualTo(900);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(openings(w).getFirst().offset().mm()).isEqualTo(3000);
        }
    }

    @Test
    void aWindowGoesRoundACornerAndABayGetsItsPanes() throws Exception {
        try (var w = house()) {
            use(w, Tool.PUT_IN_OPENING);
            w.press("opening-corner-window");
            w.click(5500, 3950);
            assertThat(openings(w)).hasSize(3);
            use(w, Tool.BAY_WINDOW);
            w.click(2800, 3990);
            w.click(4700, 3990);
            w.move(3600, 4500);
            w.write("600");
            w.key(KeyCode.ENTER);
            assertThat(openings(w)).hasSize(6);
            assertThat(openings(w).subList(3, 6))
                    .allSatisfy(o -> assertThat(o.kind()).isEqualTo(OpeningKind.CASEMENT_WINDOW));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(openings(w)).hasSize(3);
        }
    }

    /** The left room is 2,300 wide; a door hung at the partition with no nib is mended from the list of snags. */
    @Test
    void aBadlyHungDoorIsNamedAndMended() throws Exception {
        try (var w = house()) {
            use(w, Tool.PICK_OPENINGS);
            w.click(3450, 0);
            w.fill("opening-before", "0");
            var snag = WindowDriver.onScreen(() -> w.model().shown().snags().stream()
                    .filter(s -> s.kind().isSwing())
                    .findFirst()
                    .orElseThrow());
            assertThat(snag.sentence()).contains("hinges");
            w.press("snags");
            w.robot.clickOn("Hang it at the other jamb");
            w.settle();
            assertThat(openings(w).getFirst().hand()).isEqualTo(Hand.SECOND);
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.model().shown().snags().stream()
                            .noneMatch(s -> s.kind().isSwing())))
                    .isTrue();
        }
    }

    @Test
    void aSizeIsKeptUnderANameAndAnotherLikeAPickedOneIsTakenUp() throws Exception {
        try (var w = house()) {
            use(w, Tool.PUT_IN_OPENING);
            w.fill("opening-width", "820");
            w.fill("product-name", "Larder door");
            w.press("product-keep");
            w.press("width-1010");
            w.press("product-larder-door");
            w.click(1200, 3950);
            assertThat(newest(w).width().mm()).isEqualTo(820);
            assertThat(newest(w).build().product()).isEqualTo("Larder door");
            use(w, Tool.PICK_OPENINGS);
            w.click(3450, 0);
            w.key(KeyCode.CONTROL, KeyCode.D);
            w.click(4700, 3950);
            assertThat(newest(w).width().mm()).isEqualTo(900);
        }
    }
}
