package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.sheet.SheetSnags;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pieces placed by numbers in a room of 5,000 x 4,000 mm. */
class PlacingPiecesTest {
    private static final Length REACH = Length.ofMm(100);

    private static Plan with(Plan plan, String kind, double size, double x, double y, double turn) {
        return FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        kind,
                        Length.ofMm(size),
                        Length.ofMm(size),
                        Length.ofMm(500),
                        Position.ofMm(x, y),
                        turn)
                .plan();
    }

    private static Plan room() {
        return TestPlans.clearRectangle(5000, 4000);
    }

    private static List<Furnishing> pieces(Plan plan) {
        return plan.storeys().getFirst().furnishings();
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void aTypedDistanceMovesThePieceToThatSide(Side side) {
        for (var turn : new double[] {0, 90, 33}) {
            var plan = with(room(), "trunk", 600, 2400, 2100, turn);
            var piece = pieces(plan).getFirst();
            var moved = FurnishingEdits.standOff(TestPlans.geometry(plan), plan, piece, side, Length.ofMm(450))
                    .orThrow();
            var gap = BesidePiece.gap(TestPlans.geometry(moved), pieces(moved).getFirst(), side, _ -> true)
                    .orElseThrow();
            assertThat(gap.mm()).isCloseTo(450, within(0.01));
        }
    }

    @Test
    void whereNothingStandsADistanceIsRefused() {
        var plan = with(TestPlans.start().plan(), "trunk", 600, 0, 0, 0);
        assertThat(FurnishingEdits.standOff(
                                TestPlans.geometry(plan), plan, pieces(plan).getFirst(), Side.LEFT, Length.ofMm(1))
                        .refusal()
                        .orElseThrow())
                .contains("nothing stands on its left within six metres");
    }

    @Test
    void aPieceFacesAPointOrTheMiddleOfAnother() {
        var plan = with(with(room(), "armchair", 800, 1000, 1000, 0), "low-table", 600, 3000, 3000, 0);
        var chair = pieces(plan).getFirst();
        var seen = FurnishingEdits.facedAt(TestPlans.geometry(plan), List.of(chair.id()), new Point(2800, 2900));
        assertThat(seen).isEqualTo(new Point(3000, 3000));
        var faced = pieces(FurnishingEdits.face(plan, TestPlans.storey(plan), List.of(chair.id()), seen))
                .getFirst();
        // its front looks along the line from its middle to that of the table, north-east
        var front = faced.placing().apply(new Point(0, -1)).minus(faced.at().point());
        assertThat(front.angleDeg()).isCloseTo(45, within(1e-6));
        assertThat(FurnishingEdits.facedAt(TestPlans.geometry(plan), List.of(chair.id()), new Point(500, 500)))
                .isEqualTo(new Point(500, 500));
    }

    @Test
    void inARowTheGapsAreClear() {
        var plan = with(room(), "chair", 500, 1000, 1000, 0);
        var row = pieces(
                FurnishingEdits.row(plan, TestPlans.storey(plan), pieces(plan).getFirst(), 3, Length.ofMm(120)));
        assertThat(row.stream().map(f -> f.at().x().mm())).containsExactly(1000.0, 1620.0, 2240.0, 2860.0);
        assertThat(row.stream().map(f -> f.at().y().mm())).containsOnly(1000.0);
    }

    @Test
    void inACircleAllFaceItsMiddle() {
        var plan = with(room(), "chair", 500, 2500, 3000, 0);
        var circle = pieces(FurnishingEdits.circle(
                plan, TestPlans.storey(plan), pieces(plan).getFirst(), 5, Length.ofMm(900)));
        assertThat(circle).hasSize(6);
        var middle = new Point(2500, 2100);
        for (var chair : circle) {
            assertThat(chair.at().point().distance(middle)).isCloseTo(900, within(0.01));
            var front = chair.placing().apply(new Point(0, -900));
            assertThat(front.distance(middle)).isLessThan(0.01);
        }
    }

    @Test
    void aLampWhoseTableWentIsInTheAirAndIsPutDown() {
        var plan = with(room(), "side-table", 500, 1000, 1000, 0);
        plan = with(plan, "table-lamp", 300, 1000, 1000, 0);
        var at = TestPlans.storey(plan);
        var lamp = pieces(plan).getLast().id();
        plan = FurnishingEdits.raise(plan, at, List.of(lamp), Length.ofMm(500)).orThrow();
        assertThat(inAir(plan)).isEmpty();
        var gone =
                Deletion.of(plan, at, java.util.Set.of(pieces(plan).getFirst().id()));
        var snag = inAir(gone);
        assertThat(snag).singleElement().satisfies(s -> assertThat(s.sentence()).contains("500 mm above the floor"));
        var mend = Mending.of(gone, TestPlans.geometry(gone), snag.getFirst(), REACH)
                .orElseThrow();
        assertThat(mend.words()).isEqualTo("Put it on the floor");
        assertThat(pieces(mend.plan()).getFirst().bottom()).isEqualTo(Length.ZERO);
        // beside a lower table it comes down on that
        var lower = with(gone, "low-table", 600, 1000, 1000, 0);
        lower = FurnishingEdits.resize(
                lower, at, pieces(lower).getLast().id(), Length.ofMm(600), Length.ofMm(600), Length.ofMm(400));
        var down = Mending.of(lower, TestPlans.geometry(lower), inAir(lower).getFirst(), REACH)
                .orElseThrow();
        assertThat(pieces(down.plan()).getFirst().bottom()).isEqualTo(Length.ofMm(400));
    }

    private static List<Snag> inAir(Plan plan) {
        return SheetSnags.all(LaidPlan.of(plan).all().getFirst(), REACH).stream()
                .filter(s -> s.kind() == Snag.Kind.PIECE_IN_AIR)
                .toList();
    }

    @Test
    void aPieceOffItsWallIsMovedBack() {
        var plan = with(room(), "wardrobe", 600, 2000, 4000 - 300 - 200, 0);
        var snag = SheetSnags.all(LaidPlan.of(plan).all().getFirst(), REACH).stream()
                .filter(s -> s.kind() == Snag.Kind.PIECE_OFF_WALL)
                .findFirst()
                .orElseThrow();
        var mend = Mending.of(plan, TestPlans.geometry(plan), snag, REACH).orElseThrow();
        assertThat(pieces(mend.plan()).getFirst().at().y().mm()).isCloseTo(3700, within(0.01));
    }
}
