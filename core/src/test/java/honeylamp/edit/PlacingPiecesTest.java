package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.derive.pointing.Apart;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Point;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.sheet.SheetSnags;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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

    private static double apart(Plan plan, ElementId thing) {
        return Apart.of(TestPlans.geometry(plan), pieces(plan).getFirst(), thing)
                .orElseThrow()
                .line()
                .length();
    }

    @Test
    void aPieceStandsSoFarFromAWallAWindowOrAnotherPiece() {
        for (var turn : new double[] {0, 90, 33}) {
            var plan = with(with(room(), "trunk", 600, 2400, 2100, turn), "stool", 400, 4000, 2900, 0);
            var at = TestPlans.storey(plan);
            var south = plan.storeys().getFirst().walls().getFirst();
            var window = OpeningEdits.add(
                            plan,
                            at,
                            OpeningKind.CASEMENT_WINDOW,
                            south.id(),
                            Length.ofMm(700),
                            Length.ofMm(900),
                            Opening.Hand.FIRST,
                            Opening.Swing.LEFT)
                    .plan();
            var opening = window.storeys().getFirst().openings().getFirst().id();
            for (var thing : List.of(south.id(), opening, pieces(window).get(1).id())) {
                var piece = pieces(window).getFirst();
                var now = Apart.of(TestPlans.geometry(window), piece, thing).orElseThrow();
                var moved = FurnishingEdits.standFrom(window, at, piece.id(), now, Length.ofMm(600))
                        .orThrow();
                assertThat(apart(moved, thing)).isCloseTo(600, within(0.01));
                var along = now.line().unit().left();
                var shift =
                        pieces(moved).getFirst().at().point().minus(piece.at().point());
                assertThat(shift.dot(along)).as("straight towards it").isCloseTo(0, within(1e-3));
            }
        }
        var touching = with(with(room(), "trunk", 600, 2400, 2100, 0), "stool", 400, 2900, 2100, 0);
        var other = pieces(touching).get(1).id();
        var now = Apart.of(TestPlans.geometry(touching), pieces(touching).getFirst(), other)
                .orElseThrow();
        assertThat(FurnishingEdits.standFrom(
                                touching,
                                TestPlans.storey(touching),
                                pieces(touching).getFirst().id(),
                                now,
                                Length.ofMm(100))
                        .refusal()
                        .orElseThrow())
                .contains("touch");
    }

    @Test
    void aPieceIsDrawnOverOthersWhenAsked() {
        var plan = with(with(room(), "trunk", 600, 2400, 2100, 0), "stool", 400, 2500, 2100, 0);
        var at = TestPlans.storey(plan);
        var trunk = pieces(plan).getFirst().id();
        var over = FurnishingEdits.order(plan, at, List.of(trunk), 1);
        assertThat(pieces(over).getFirst().order()).isEqualTo(1);
        assertThat(pieces(FurnishingEdits.order(over, at, List.of(trunk), -500))
                        .getFirst()
                        .order())
                .isEqualTo(-Furnishing.MOST_ORDER);
        var raised = over.withStorey(
                at, s -> s.change(Furnishing.class, pieces(over).get(1).id(), f -> f.withHeight(Length.ofMm(900))));
        assertThat(uppermost(raised))
                .as("though the other is higher")
                .isEqualTo(pieces(plan).getFirst().width().mm());
        assertThat(uppermost(FurnishingEdits.order(raised, at, List.of(trunk), -1)))
                .isEqualTo(pieces(plan).get(1).width().mm());
    }

    /** How wide what is drawn last is, in plan mm. */
    private static double uppermost(Plan plan) {
        var frame = PaperFrame.atOrigin(50);
        var marks = new FurnitureArt(frame, Pens.usual(50), Lamp.COLOUR, new Remembered())
                .marks(pieces(plan), SymbolShape.Level.BODY);
        var outlines = marks.stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(m -> ((Mark.Stroke) m).path().bounds().width() * 50)
                .filter(w -> w > 390)
                .toList();
        return Math.rint(outlines.getLast());
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

    /** (L - n w) / (n + 1), n as many as leave the least gap everywhere; in a room 5,000 wide, by hand. */
    @ParameterizedTest
    @CsvSource({
        "600, 0, 8, 22.222", // 4,800 of 5,000
        "600, 50, 7, 100",
        "600, 100, 7, 100",
        "600, 101, 6, 200",
        "1000, 0, 5, 0",
        "1200, 40, 4, 40",
        "1200, 41, 3, 350",
        "2400, 60, 2, 66.667"
    })
    void aStretchIsFilledWithEqualGaps(double wide, double least, int many, double gap) {
        var plan = TestPlans.with(TestPlans.clearRectangle(5000, 4000), "bookcase", wide, 350, 1800, 2450, 3825, 0);
        var put = FurnishingEdits.fill(
                        TestPlans.geometry(plan), plan, pieces(plan).getFirst(), Length.ofMm(least))
                .orThrow();
        var filled = new Completing(new GeometryCache()).of(plan, put);
        var lefts = pieces(filled).stream()
                .mapToDouble(f -> f.at().x().mm() - wide / 2)
                .sorted()
                .toArray();
        assertThat(lefts).hasSize(many);
        for (var i = 0; i < many; i++) {
            assertThat(lefts[i]).isCloseTo(gap + i * (gap + wide), within(0.01));
        }
        assertThat(pieces(filled)).allSatisfy(f -> {
            assertThat(f.at().y().mm()).isEqualTo(3825);
            assertThat(f.keeping().rule()).isEqualTo(Keeping.Rule.EVEN);
        });
    }

    @Test
    void aStretchWithoutRoomForAnotherOrWithoutAnEndIsRefused() {
        var plan = TestPlans.with(TestPlans.clearRectangle(5000, 4000), "bookcase", 2400, 350, 1800, 2450, 3825, 0);
        assertThat(FurnishingEdits.fill(
                        TestPlans.geometry(plan), plan, pieces(plan).getFirst(), Length.ofMm(300)))
                .isInstanceOf(Outcome.Refused.class);
        var wide = TestPlans.with(TestPlans.clearRectangle(20_000, 4000), "bookcase", 600, 350, 1800, 10_000, 3825, 0);
        assertThat(FurnishingEdits.fill(
                        TestPlans.geometry(wide), wide, pieces(wide).getFirst(), Length.ZERO))
                .isInstanceOf(Outcome.Refused.class);
    }
}
