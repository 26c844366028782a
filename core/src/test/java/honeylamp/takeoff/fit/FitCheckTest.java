package honeylamp.takeoff.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.demo.place.TiledBathroom;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FurnishingEdits;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Minimums;
import honeylamp.plan.Minimums.Beside;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pieces in a room of 8,000 x 6,000 mm, most with their back at its north wall. */
class FitCheckTest {
    private static Furnishing first(Plan plan) {
        return plan.storeys().getFirst().furnishings().getFirst();
    }

    /** At the north wall in the middle; before it stands a chest as wide as the room, so far away. */
    private static Plan before(String key, double freeMm) {
        var kind = Furnishings.of(key).orElseThrow();
        var d = kind.depth().mm();
        var plan = TestPlans.with(
                TestPlans.clearRectangle(8000, 6000),
                key,
                kind.width().mm(),
                d,
                kind.height().mm(),
                4000,
                6000 - d / 2,
                0);
        return TestPlans.with(plan, "trunk", 7600, 300, 900, 4000, 6000 - d - freeMm - 150, 0);
    }

    @ParameterizedTest
    @CsvSource({
        "wardrobe, 500, true",
        "wardrobe, 545, false",
        "wardrobe, 900, false",
        "wardrobe-sliding, 480, true",
        "wardrobe-sliding, 500, false",
        "chest-of-drawers, 600, true",
        "chest-of-drawers, 700, false",
        "filing-cabinet, 680, true",
        "filing-cabinet, 800, false",
        "cooker, 700, true",
        "cooker, 760, false",
        "dishwasher, 730, true",
        "dishwasher, 745, false",
        "refrigerator, 600, true",
        "refrigerator, 1000, false",
        "sink-unit, 800, true",
        "sink-unit, 900, false",
        "base-units, 880, true",
        "base-units, 895, false",
        "counter, 450, true",
        "counter, 500, false",
        "washing-machine, 650, true",
        "washing-machine, 700, false",
        "wc, 480, true",
        "wc, 500, false",
        "wc-hung, 400, true",
        "wc-hung, 600, false",
        "bidet, 300, true",
        "bidet, 560, false",
        "basin, 580, true",
        "basin, 600, false",
        "bath, 500, true",
        "bath, 550, false",
        "bath-shower, 300, true",
        "bath-shower, 700, false",
        "shower, 500, true",
        "shower, 560, false",
        "desk, 600, true",
        "desk, 700, false",
        "dressing-table, 650, true",
        "dressing-table, 800, false",
        "piano-upright, 700, true",
        "piano-upright, 750, false",
        "bed, 400, true",
        "bed, 450, false",
        "sofa, 500, true",
        "sofa, 600, false",
        "armchair, 550, true",
        "armchair, 650, false",
        "stove, 700, true",
        "stove, 900, false",
        "boiler-wall, 600, true",
        "boiler-wall, 700, false",
        "bookcase, 450, true",
        "bookcase, 500, false",
        "wc-step-free, 1400, true",
        "wc-step-free, 1500, false",
        "oven-tall, 700, true",
        "oven-tall, 750, false",
        "plant, 10, false",
        "low-table, 10, false"
    })
    void whatIsFreeInFrontIsEnoughOrNot(String kind, double freeMm, boolean isTight) {
        var plan = before(kind, freeMm);
        var piece = first(plan);
        assertThat(FitCheck.of(TestPlans.geometry(plan), piece, Minimums.USUAL))
                .filteredOn(t -> t.gap().side() == Side.FRONT)
                .hasSize(isTight ? 1 : 0)
                .allSatisfy(t -> assertThat(t.gap().mm()).isCloseTo(freeMm, within(0.01)));
    }

    @Test
    void theFourNeighboursAreMeasuredSquareToTheSides() {
        var plan = TestPlans.with(TestPlans.clearRectangle(8000, 6000), "sofa", 2000, 900, 800, 3000, 2000, 0);
        plan = TestPlans.with(plan, "trunk", 500, 500, 500, 5250, 2000, 0);
        var gaps = BesidePiece.of(TestPlans.geometry(plan), first(plan));
        assertThat(gaps).hasSize(4).allSatisfy(g -> {
            var wanted = switch (g.side()) {
                case LEFT -> 2000.0; // to the west wall
                case RIGHT -> 1000.0; // to the trunk
                case FRONT -> 1550.0; // to the south wall
                case BACK -> 3550.0;
            };
            assertThat(g.mm()).isCloseTo(wanted, within(0.01));
            assertThat(g.what().isPresent()).isEqualTo(g.side() == Side.RIGHT);
        });
    }

    /** Turned by 30 degrees the front looks to the south-east; its middle is at (3000 + 225, 2000 - 450 cos 30). */
    @Test
    void aTurnedPieceIsMeasuredAlongItsOwnSides() {
        var plan = TestPlans.with(TestPlans.clearRectangle(8000, 6000), "sofa", 40, 900, 800, 3000, 2000, 30);
        var front = BesidePiece.of(TestPlans.geometry(plan), first(plan)).stream()
                .filter(g -> g.side() == Side.FRONT)
                .findFirst()
                .orElseThrow();
        var down = (2000 - 450 * Math.cos(Math.toRadians(30))) / Math.cos(Math.toRadians(30));
        assertThat(front.mm()).isCloseTo(down, within(15.0));
    }

    @Test
    void oneSideOfABedIsEnoughAndBedsideTablesDoNotCount() {
        var plan = TestPlans.with(TestPlans.clearRectangle(8000, 6000), "bed", 1600, 2000, 900, 820, 5000, 0);
        plan = TestPlans.with(plan, "bedside-table", 450, 400, 500, 1845, 5800, 0);
        assertThat(FitCheck.of(TestPlans.geometry(plan), first(plan), Minimums.USUAL))
                .isEmpty();
        var shut = TestPlans.with(plan, "wardrobe", 600, 1800, 2100, 2000, 4900, 0);
        assertThat(FitCheck.of(TestPlans.geometry(shut), first(shut), Minimums.USUAL))
                .singleElement()
                .satisfies(t -> assertThat(t.need().why()).contains("get in"));
    }

    @Test
    void rugsWhatHangsAboveAndALowTableBeforeASofaAreNotInTheWay() {
        var plan = TestPlans.with(TestPlans.clearRectangle(8000, 6000), "sofa", 2000, 900, 800, 4000, 5550, 0);
        plan = TestPlans.with(plan, "rug", 2400, 1700, 12, 4000, 4500, 0);
        plan = TestPlans.with(plan, "low-table", 1000, 500, 400, 4000, 4600, 0);
        var storey = TestPlans.storey(plan);
        var lamp = plan.storeys().getFirst().furnishings().getLast();
        plan = TestPlans.with(plan, "pendant", 400, 400, 900, 4000, 5000, 0);
        var hung = plan.storeys().getFirst().furnishings().getLast().id();
        plan = FurnishingEdits.raise(plan, storey, java.util.List.of(hung), Length.ofMm(1500))
                .orThrow();
        assertThat(lamp.kind()).isEqualTo("low-table");
        assertThat(FitCheck.of(TestPlans.geometry(plan), first(plan), Minimums.USUAL))
                .isEmpty();
    }

    @Test
    void itIsSaidInWordsHowMuchIsFreeAndHowMuchIsWanted() {
        var plan = before("wardrobe", 400);
        assertThat(FitCheck.of(TestPlans.laid(plan)))
                .extracting(s -> s.sentence())
                .contains("Wardrobe: 400 mm free in front, 550 mm wanted to open its doors and stand before it.");
    }

    @Test
    void inTheDemosEverythingFits() throws Exception {
        for (var plan : java.util.List.of(SailclothYard.plan(), QuillbackLane.plan(), TiledBathroom.plan())) {
            for (var storey : LaidPlan.of(plan).all()) {
                assertThat(FitCheck.of(storey)).extracting(s -> s.sentence()).isEmpty();
            }
        }
    }

    @Test
    void whatGoesInTheWorksNeedsNoRoomAndTakesNone() {
        var plan = before("wardrobe", 300);
        var at = TestPlans.storey(plan);
        var both = plan.storeys().getFirst().furnishings();
        assertThat(FitCheck.of(geometryOf(plan), both.getFirst(), Minimums.USUAL))
                .isNotEmpty();
        for (var goes : both) {
            var less = FurnishingEdits.setWorks(plan, at, List.of(goes.id()), Wall.Works.REMOVED);
            assertThat(FitCheck.of(geometryOf(less), first(less), Minimums.USUAL))
                    .isEmpty();
        }
    }

    @Test
    void aPlanMayAskForMoreOrLessThanUsual() {
        var plan = before("wardrobe", 600); // 550 is usual
        var wardrobe = first(plan);
        assertThat(FitCheck.of(geometryOf(plan), wardrobe, Minimums.USUAL)).isEmpty();
        var more = Minimums.USUAL.with(new Beside("wardrobe", "front", Length.ofMm(700)));
        assertThat(FitCheck.of(geometryOf(plan), wardrobe, more))
                .singleElement()
                .satisfies(t -> assertThat(t.need().mm()).isEqualTo(700));
        var tight = before("wardrobe", 300);
        var none = more.with(new Beside("wardrobe", "front", Length.ZERO));
        assertThat(none.beside()).hasSize(1);
        assertThat(FitCheck.of(geometryOf(tight), first(tight), none)).isEmpty();
        assertThat(FitCheck.of(
                        geometryOf(tight),
                        first(tight),
                        Minimums.USUAL.with(new Beside("bed", "front", Length.ofMm(9)))))
                .isNotEmpty();
    }

    @Test
    void aPieceTooTightIsOfferedTheNearestPlaceWithRoom() {
        // a chest 300 before the wardrobe, at the east half of the north wall; the west half is free
        var plan = TestPlans.with(TestPlans.clearRectangle(8000, 6000), "wardrobe", 1500, 600, 2100, 6000, 5700, 0);
        plan = TestPlans.with(plan, "trunk", 2500, 400, 900, 6000, 5700 - 300 - 300 - 200, 0);
        var snag = FitCheck.of(TestPlans.laid(plan)).getFirst();
        var mend = BetterPlace.of(plan, geometryOf(plan), snag).orElseThrow();
        assertThat(mend.words()).isEqualTo("Move it where it has room");
        assertThat(FitCheck.of(TestPlans.laid(mend.plan()))).isEmpty();
        var moved = first(mend.plan());
        assertThat(moved.id()).isEqualTo(first(plan).id());
        assertThat(moved.width()).isEqualTo(first(plan).width());
        // a room in which it fits nowhere offers nothing
        var narrow = TestPlans.with(TestPlans.clearRectangle(1600, 1000), "wardrobe", 1500, 600, 2100, 800, 700, 0);
        var stuck = FitCheck.of(TestPlans.laid(narrow)).getFirst();
        assertThat(BetterPlace.of(narrow, geometryOf(narrow), stuck)).isEmpty();
    }

    private static StoreyGeometry geometryOf(Plan plan) {
        return StoreyGeometry.of(plan, plan.storeys().getFirst());
    }
}
