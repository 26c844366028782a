package honeylamp.derive.openings;

import static honeylamp.TestPlans.geometry;
import static honeylamp.TestPlans.newest;
import static honeylamp.TestPlans.opening;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.openings.OpeningCut.Level;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.edit.Bays;
import honeylamp.edit.OpeningEdits;
import honeylamp.geometry.Outline;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import org.junit.jupiter.api.Test;

/** What openings take out of walls; the outer walls are 300 thick. */
class OpeningCutTest {
    private static final Plan ROOM = TestPlans.clearRectangle(5000, 4000);

    private static double poche(Plan plan) {
        return geometry(plan).poche().stream().mapToDouble(Outline::area).sum();
    }

    private static Plan window(OpeningKind kind, double sill, double head) {
        var plan = opening(ROOM, 0, kind, 1000, 1000, Hand.FIRST, Swing.LEFT);
        return OpeningEdits.setHeights(plan, storey(plan), newest(plan).id(), Length.ofMm(sill), Length.ofMm(head))
                .orThrow();
    }

    private static OpeningCut cut(Plan plan) {
        return geometry(plan).cuts().getLast();
    }

    @Test
    void onlyWhatThePlanCutsThroughIsTakenOutOfTheWall() {
        var whole = poche(ROOM);
        var through = window(OpeningKind.FIXED_WINDOW, 900, 2100);
        assertThat(cut(through).level()).isEqualTo(Level.CUT);
        // a film of half a millimetre beyond each face is not there to be taken
        assertThat(whole - poche(through)).isCloseTo(1000 * 300, within(1.0));
        var high = window(OpeningKind.FIXED_WINDOW, 1200, 2100);
        assertThat(cut(high).level()).isEqualTo(Level.ABOVE);
        assertThat(poche(high)).isCloseTo(whole, within(1.0));
        var low = window(OpeningKind.FIXED_WINDOW, 300, 1200);
        assertThat(cut(low).level()).isEqualTo(Level.BELOW);
        assertThat(poche(low)).isCloseTo(whole, within(1.0));
    }

    @Test
    void cutHigherAHighWindowIsCutThrough() {
        var high = window(OpeningKind.FIXED_WINDOW, 1200, 2100);
        var higher = high.withStorey(storey(high), s -> s.withLevels(s.levels().withCut(Length.ofMm(1500))));
        assertThat(cut(higher).level()).isEqualTo(Level.CUT);
        assertThat(poche(ROOM) - poche(higher)).isCloseTo(1000 * 300, within(1.0));
        // the cache must tell the two apart
        var cache = new GeometryCache();
        assertThat(cache.of(high, high.storeys().getFirst()).cuts().getFirst().level())
                .isEqualTo(Level.ABOVE);
        assertThat(cache.of(higher, higher.storeys().getFirst())
                        .cuts()
                        .getFirst()
                        .level())
                .isEqualTo(Level.CUT);
    }

    /** Diameter 1,000, middle at 1,500; cut at 1,200, 300 below it: half the chord is 400 (3-4-5). */
    @Test
    void aRoundWindowIsAsWideAsItsChordWhereItIsCut() {
        var round = window(OpeningKind.ROUND_WINDOW, 1000, 2000);
        assertThat(poche(ROOM) - poche(round)).isCloseTo(800 * 300, within(1.0));
        assertThat(cut(round).hole().area()).isCloseTo(800 * 300, within(1.0));
        assertThat(cut(round).left().length()).isCloseTo(1000, within(1e-6));
    }

    @Test
    void inALowWallEverythingOpenIsAGap() {
        var plan = window(OpeningKind.PLAIN, 0, 800);
        var low = plan.withStorey(
                storey(plan),
                s -> s.with(
                        Wall.class,
                        s.walls().stream()
                                .map(w -> w.withHeight(Length.ofMm(900)))
                                .toList()));
        assertThat(cut(low).level()).isEqualTo(Level.CUT);
    }

    /** Halves of 1,000 on the inner faces: 1,000 x 300 each, and the corner of 300 x 300 between them. */
    @Test
    void aWindowRoundACornerTakesTheCornerToo() {
        var first = newest(opening(ROOM, 0, OpeningKind.CORNER_WINDOW, 4000, 1000, Hand.FIRST, Swing.LEFT));
        var both = OpeningEdits.addCorner(ROOM, storey(ROOM), geometry(ROOM), first)
                .orThrow();
        assertThat(both.ids()).hasSize(2);
        assertThat(poche(ROOM) - poche(both.plan())).isCloseTo(2 * 1000 * 300 + 300 * 300, within(2.0));
        var alone = opening(ROOM, 0, OpeningKind.CORNER_WINDOW, 4000, 1000, Hand.FIRST, Swing.LEFT);
        assertThat(poche(ROOM) - poche(alone)).isCloseTo(1000 * 300, within(2.0));
        var mitre =
                geometry(both.plan()).cuts().getFirst().ends().mitreAtSecond().orElseThrow();
        assertThat(mitre.length()).isCloseTo(300 * Math.sqrt(2), within(1e-6));
    }

    @Test
    void aBayWindowHasAPaneInEachOfItsWallsAndABowOneInItsArc() {
        for (var shape : Bays.Shape.values()) {
            var bay = Bays.add(
                            ROOM,
                            storey(ROOM),
                            TestPlans.wallId(ROOM, 0),
                            Length.ofMm(1000),
                            Length.ofMm(4000),
                            Length.ofMm(800),
                            shape,
                            false)
                    .orThrow();
            var glazed = Bays.glazed(bay, storey(ROOM), Swing.LEFT);
            var panes = shape == Bays.Shape.BOW ? 1 : 3;
            assertThat(geometry(glazed).cuts()).as("%s", shape).hasSize(panes);
            assertThat(Snags.of(geometry(glazed), glazed).stream()
                            .filter(s -> s.kind().isOfOpenings()))
                    .isEmpty();
            // one window more gives one room still, larger than before
            assertThat(geometry(glazed).rooms()).hasSize(1);
            assertThat(geometry(glazed).netAreaMm2())
                    .isGreaterThan(geometry(ROOM).netAreaMm2());
        }
    }

    @Test
    void sizesFollowFromTheRoughOpening() {
        var door = newest(opening(ROOM, 0, OpeningKind.DOOR, 0, 885, Hand.FIRST, Swing.LEFT));
        // two linings of 35 and a leaf of 40 stand in the way; the frame leaves 10 to fit it
        assertThat(FrameSizes.of(door)).isEqualTo(new FrameSizes(865, 2000, 775));
        assertThat(FrameSizes.of(door.withKind(OpeningKind.PLAIN)).clearWidthMm())
                .isEqualTo(885);
        assertThat(FrameSizes.of(door.withKind(OpeningKind.POCKET_DOOR)).clearWidthMm())
                .isEqualTo(850);
        assertThat(FrameSizes.usualRevealMm(300)).isEqualTo(115); // (300 - 70) / 2
        // 1,400 less two linings is 1,330: four leaves of about 380, which folded take 30 each
        var folding = door.sized(Length.ZERO, Length.ofMm(1400)).withKind(OpeningKind.FOLDING_DOOR);
        assertThat(FrameSizes.of(folding).clearWidthMm()).isEqualTo(1330 - 4 * 30);
    }

    @Test
    void leavesSweepAQuarterOfACircle() {
        var door = cut(opening(ROOM, 0, OpeningKind.DOOR, 1000, 870, Hand.SECOND, Swing.LEFT));
        var leaf = LeafSweep.of(door).getFirst();
        assertThat(leaf.leafMm()).isEqualTo(800); // 870 less two linings of 35
        assertThat(leaf.hinge().x()).isCloseTo(1870 - 35, within(1e-6));
        assertThat(leaf.hinge().y()).isCloseTo(0, within(1e-6));
        assertThat(leaf.open().y()).isCloseTo(800, within(1e-6));
        assertThat(leaf.area().area()).isCloseTo(Math.PI / 4 * 800 * 800, within(2000.0));
        var pair = cut(opening(ROOM, 0, OpeningKind.UNEQUAL_PAIR, 1000, 1270, Hand.FIRST, Swing.LEFT));
        // the main leaf takes 70 per cent of the opening, less its lining: 854; the other the rest of 1,200
        assertThat(LeafSweep.of(pair))
                .extracting(LeafSweep::leafMm)
                .satisfiesExactly(
                        m -> assertThat(m).isCloseTo(854, within(1e-6)),
                        r -> assertThat(r).isCloseTo(346, within(1e-6)));
        assertThat(LeafSweep.of(cut(window(OpeningKind.FIXED_WINDOW, 900, 2100))))
                .isEmpty();
    }

    @Test
    void plansAreCutAtTwelveHundredUnlessSaidOtherwise() {
        assertThat(ROOM.storeys().getFirst().levels().cut()).isEqualTo(Storey.Levels.USUAL_CUT);
    }
}
