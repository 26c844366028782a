package honeylamp.edit;

import static honeylamp.TestOwn.box;
import static honeylamp.TestOwn.mm;
import static honeylamp.TestOwn.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestOwn;
import honeylamp.TestPlans;
import honeylamp.derive.own.OwnPlace;
import honeylamp.edit.OwnPieces.Direction;
import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Sense;
import honeylamp.plan.Stretch;
import honeylamp.plan.Stretch.Zone;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OwnPiecesTest {
    private static final OwnPieces.Style STYLE =
            new OwnPieces.Style(Optional.of(Role.TIMBER), OwnPart.Pen.OUTLINE, Length.ZERO, mm(750));

    private static Plan begun() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        return OwnPieces.begin(plan, TestPlans.storey(plan), box(1000, 1000, 2800, 1450), STYLE)
                .orThrow()
                .plan();
    }

    private static Furnishing piece(Plan plan, int i) {
        return plan.storeys().getFirst().furnishings().get(i);
    }

    private static OwnPlace place(Plan plan, int i) {
        return new OwnPlace(piece(plan, i), piece(plan, i).own().orElseThrow());
    }

    private static OwnPiece own(Plan plan) {
        return piece(plan, 0).own().orElseThrow();
    }

    /** All corners of a piece in plan mm. */
    private static List<Point> corners(Plan plan, int i) {
        var place = place(plan, i);
        var out = new ArrayList<Point>();
        place.parts()
                .forEach(p -> p.lines()
                        .forEach(l ->
                                l.corners().forEach(c -> out.add(place.toPlan().apply(c.at().point())))));
        return out;
    }

    @Test
    void theFirstPartBeginsAPieceOfItsSize() {
        var piece = piece(begun(), 0);
        assertThat(piece.width()).isEqualTo(mm(1800));
        assertThat(piece.depth()).isEqualTo(mm(450));
        assertThat(piece.height()).isEqualTo(mm(750));
        assertThat(piece.at()).isEqualTo(Position.ofMm(1900, 1225));
        assertThat(piece.kind()).isEqualTo("own:Own piece 1");
    }

    @Test
    void whatIsDrawnBeyondThePieceMakesItLargerAndMovesNothing() {
        for (var turn : new double[] {0, 90, 33}) {
            for (var sense : Sense.values()) {
                var plan = begun();
                var at = TestPlans.storey(plan);
                var turned = plan.withStorey(
                        at,
                        s -> s.change(
                                Furnishing.class,
                                piece(plan, 0).id(),
                                f -> f.withSense(sense).turnedTo(turn)));
                var before = corners(turned, 0);
                var place = place(turned, 0);
                var more = place.inPlan(box(1700, -200, 2100, 300));
                var drawn = OwnPieces.draw(turned, place, more, STYLE).orThrow();
                var after = corners(drawn, 0);
                assertThat(own(drawn).width()).isEqualTo(mm(2100));
                assertThat(own(drawn).depth()).isEqualTo(mm(650));
                for (var i = 0; i < 4; i++) {
                    assertThat(after.get(i).distance(before.get(i))).isLessThan(1e-4);
                    assertThat(after.get(4 + i)
                                    .distance(more.corners().get(i).at().point()))
                            .isLessThan(1e-4);
                }
            }
        }
    }

    @Test
    void allPiecesOfAKindAreDrawnAnewAndStayWhereTheyAre() {
        var plan = begun();
        var at = TestPlans.storey(plan);
        var longer = piece(plan, 0)
                .withWidth(mm(2400))
                .withAt(Position.ofMm(2500, 3000))
                .turnedTo(90);
        var two = FurnishingEdits.add(plan, at, longer).plan();
        var before = corners(two, 1);
        var drawn = OwnPieces.draw(two, place(two, 0), box(2800, 1000, 3000, 1450), STYLE)
                .orThrow();
        assertThat(piece(drawn, 1).width())
                .as("its own size and what the drawing grew by")
                .isEqualTo(mm(2600));
        var after = corners(drawn, 1);
        assertThat(after.getFirst().distance(before.getFirst())).isLessThan(1e-3);
        assertThat(OwnPieces.all(drawn)).hasSize(1);
    }

    @Test
    void aPieceMadeLongerIsDrawnOnWhereOnePoints() {
        var plan = begun();
        var at = TestPlans.storey(plan);
        var own = own(plan);
        var zoned = OwnPieces.stretch(plan, own, Direction.ACROSS, mm(800), mm(1000), Zone.GROWS)
                .orThrow();
        var longer = FurnishingEdits.resize(zoned, at, piece(zoned, 0).id(), mm(2800), mm(450), mm(750));
        var right = place(longer, 0).inPlan(box(2600, 100, 2700, 200)); // 1,000 more: 1,600 to 1,700 as drawn
        var drawn = OwnPieces.draw(longer, place(longer, 0), right, STYLE).orThrow();
        assertThat(own(drawn).parts().getLast().outer().corners().getFirst().at())
                .isEqualTo(Position.ofMm(1600, 100));
        assertThat(piece(drawn, 0).width()).isEqualTo(mm(2800));
    }

    @Test
    void theRightSideBecomesTheFrontAndNothingMoves() {
        for (var sense : Sense.values()) {
            var plan = begun();
            var at = TestPlans.storey(plan);
            var one = plan.withStorey(
                    at, s -> s.change(Furnishing.class, piece(plan, 0).id(), f -> f.withSense(sense)));
            var two = OwnPieces.draw(one, place(one, 0), place(one, 0).inPlan(box(1500, 100, 1700, 200)), STYLE)
                    .orThrow();
            var turned = OwnPieces.frontToRight(two, own(two));
            assertThat(piece(turned, 0).width()).isEqualTo(mm(450));
            assertThat(piece(turned, 0).depth()).isEqualTo(mm(1800));
            var before = corners(two, 0);
            var after = corners(turned, 0);
            for (var i = 0; i < before.size(); i++) {
                assertThat(after.get(i).distance(before.get(i))).isLessThan(1e-4);
            }
            var round = turned;
            for (var i = 0; i < 3; i++) {
                round = OwnPieces.frontToRight(round, own(round));
            }
            assertThat(own(round)).isEqualTo(own(two));
        }
    }

    @Test
    void namesAreNotTakenTwice() {
        var plan = begun();
        var at = TestPlans.storey(plan);
        var two = OwnPieces.begin(plan, at, box(3000, 2000, 3500, 2500), STYLE)
                .orThrow()
                .plan();
        assertThat(piece(two, 1).own().orElseThrow().name()).isEqualTo("Own piece 2");
        assertThat(OwnPieces.rename(two, own(two), "Own piece 2").refusal().orElseThrow())
                .contains("another own piece");
        assertThat(OwnPieces.rename(two, own(two), "  ").refusal()).isPresent();
        var named = OwnPieces.rename(two, own(two), " Boot bench ").orThrow();
        assertThat(piece(named, 0).kind()).isEqualTo("own:Boot bench");
    }

    @Test
    void partsAreTakenAwayOrderedAndCut() {
        var plan = begun();
        assertThat(OwnPieces.remove(plan, own(plan), 0).refusal().orElseThrow()).contains("only part");
        var two = OwnPieces.draw(plan, place(plan, 0), box(1200, 1100, 1400, 1300), STYLE)
                .orThrow();
        var swapped = OwnPieces.reorder(two, own(two), 1, -1).orThrow();
        assertThat(own(swapped).parts())
                .containsExactly(own(two).parts().get(1), own(two).parts().get(0));
        var cut = OwnPieces.cutOut(two, own(two), 1).orThrow();
        assertThat(own(cut).parts())
                .singleElement()
                .satisfies(p -> assertThat(p.lines()).hasSize(2));
        var all = OwnPieces.cutOut(plan, place(plan, 0), box(0, 0, 4000, 4000));
        assertThat(all.refusal().orElseThrow()).contains("nothing of the piece would be left");
        var gone = OwnPieces.remove(two, own(two), 0).orThrow();
        assertThat(piece(gone, 0).width()).isEqualTo(mm(200));
        assertThat(piece(gone, 0).at()).isEqualTo(Position.ofMm(1300, 1200));
    }

    @Test
    void aNameStandsForOneDrawing() {
        var plan = begun();
        var kept =
                List.of(own(plan).withMeasured("kept long ago"), TestOwn.piece("Shelf", part(box(0, 0, 9, 9), 0, 9)));
        assertThat(OwnPieces.known(plan, kept)).containsExactly(own(plan), kept.get(1));
        assertThat(OwnPieces.stretch(plan, own(plan), Direction.ACROSS, mm(5), mm(9), Zone.REPEATS)
                        .refusal()
                        .orElseThrow())
                .contains("at least 10 mm");
    }

    @Test
    void allOfItIsScaledInProportion() {
        var plan = begun();
        var scaled = OwnPieces.scaled(plan, own(plan), mm(900)).orThrow();
        assertThat(own(scaled).depth()).isEqualTo(mm(225));
        assertThat(piece(scaled, 0).width()).isEqualTo(mm(900));
        assertThat(own(scaled).across()).isEqualTo(Stretch.all(mm(900)));
    }

    @Test
    void anOwnPieceIsSavedWithAllItsParts(@TempDir Path folder) throws Exception {
        var plan = begun();
        var named = OwnPieces.told(
                plan,
                own(plan),
                own(plan)
                        .withMeasured("At the quay, 3 May")
                        .withParts(List.of(part(OwnLine.circle(Position.ofMm(900, 900), mm(900)), 0, 750))));
        var file = folder.resolve("own.honeylamp");
        PlanFile.save(PlanDocument.of(named), new byte[0], file);
        assertThat(PlanFile.open(file))
                .isInstanceOfSatisfying(
                        PlanFile.Opened.Good.class,
                        good -> assertThat(good.document().plan()).isEqualTo(named));
    }

    @Test
    void aPieceIsWhatItWasWithoutTheLastStep() {
        var history = History.of(begun());
        var drawn = OwnPieces.draw(history.now(), place(history.now(), 0), box(2800, 1000, 3000, 1450), STYLE)
                .orThrow();
        assertThat(history.then(drawn, "Draw part").undo().now()).isEqualTo(history.now());
    }

    @Test
    void aDrawingOfNothingOrTooMuchIsRefused() {
        var plan = begun();
        var far = OwnPieces.draw(plan, place(plan, 0), box(60_000, 0, 60_100, 100), STYLE);
        assertThat(far.refusal().orElseThrow()).contains("at most 50 m");
        var many = new ArrayList<OwnPart>();
        for (var i = 0; i < OwnPiece.MOST_PARTS; i++) {
            many.add(part(box(i, 0, i + 1, 10), 0, 10));
        }
        assertThat(OwnPieces.add(plan, own(plan), many).refusal().orElseThrow()).contains("at most 400 parts");
        assertThat(TestOwn.piece("Slat", many.getFirst()).width().mm()).isCloseTo(1, within(1e-9));
    }
}
