package honeylamp.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.SailclothYard;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Underlay.Lock;
import honeylamp.plan.Underlay.Sight;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PlanValuesTest {
    private static final Length TEN = Length.ofMm(10);

    @Test
    void positionsAreTheSameSpotToTheNanometre() {
        assertThat(Position.ofMm(0.1 + 0.2, 0)).isEqualTo(Position.ofMm(0.3, 0));
        assertThat(Position.ofMm(1, 2).moved(TEN, TEN)).isEqualTo(Position.ofMm(11, 12));
        assertThat(Position.of(new Point(1.5, -2)).point()).isEqualTo(new Point(1.5, -2));
    }

    @Test
    void wallsKnowTheirLengthAndTheirSides() {
        var wall = new Wall(
                new WallId(1), Position.ORIGIN, Position.ofMm(3000, 4000), BodySide.LEFT, new WallTypeId(2), TEN);
        assertThat(wall.length()).isEqualTo(Length.ofMm(5000));
        assertThat(wall.body().flipped()).isEqualTo(BodySide.RIGHT);
        assertThat(BodySide.CENTRE.flipped()).isEqualTo(BodySide.CENTRE);
        assertThat(BodySide.LEFT.leftShare() + BodySide.RIGHT.leftShare()).isEqualTo(1);
        assertThatThrownBy(() -> wall.between(Position.ORIGIN, Position.ofMm(0.5, 0)))
                .hasMessageContaining("w1: a wall would be shorter than");
        assertThatThrownBy(() -> wall.withHeight(Length.ZERO)).hasMessageContaining("wall height");
    }

    @Test
    void openingsChangeOnlyWhatIsSaid() {
        var door = new Opening(
                new OpeningId(7), OpeningKind.DOOR, new WallId(1), TEN, TEN, Length.ZERO, TEN, Hand.FIRST, Swing.LEFT);
        assertThat(door.end()).isEqualTo(Length.ofMm(20));
        assertThat(door.withOffset(Length.ofMm(50)).width()).isEqualTo(TEN);
        assertThat(door.withKind(OpeningKind.CASEMENT_WINDOW).hand()).isEqualTo(Hand.FIRST);
        assertThat(door.hung(Hand.SECOND, Swing.RIGHT).offset()).isEqualTo(TEN);
        assertThat(OpeningKind.CASEMENT_WINDOW.hasHinges()).isFalse();
        assertThat(OpeningKind.PAIR_DOOR.hasHinges()).isTrue();
        assertThatThrownBy(() -> door.withHeights(TEN, TEN)).hasMessageContaining("above the sill");
        assertThatThrownBy(() -> door.sized(Length.ofMm(-1), TEN)).hasMessageContaining("offset");
    }

    @Test
    void piecesFaceSouthUntilTheyAreTurned() {
        var piece = new Furnishing(
                new FurnishingId(3), "sofa", Length.ofMm(2000), Length.ofMm(900), TEN, Position.ofMm(100, 200), 0);
        assertThat(piece.placing().apply(new Point(0, -450))).isEqualTo(new Point(100, -250));
        var east = piece.turnedTo(-270).placing().apply(new Point(0, -450));
        assertThat(east.distance(new Point(550, 200))).isLessThan(1e-9);
        assertThat(piece.turnedTo(-270).turnDeg()).isEqualTo(90);
    }

    @Test
    void anUnderlaysPixelsHaveTheirPlaceInThePlan() {
        var underlay = Underlay.of(
                new UnderlayId(1),
                new Underlay.Picture("a".repeat(64), "scan", 200, 100),
                Placing.of(Position.ofMm(1000, 500), 5, 0));
        assertThat(underlay.plan(new Point(200, 100))).isEqualTo(new Point(2000, 0));
        assertThat(underlay.withSight(Sight.HIDDEN).withLock(Lock.FREE).treatment())
                .isEqualTo(Treatment.FIRST);
        assertThatThrownBy(() -> underlay.treatment().withFade(1.2)).hasMessageContaining("fade");
        assertThatThrownBy(() -> new KnownLength(new Point(3, 3), new Point(3.5, 3), TEN))
                .hasMessageContaining("within one pixel");
        // 3-4-5: 500 pixels for 5 m
        var known = new KnownLength(new Point(0, 0), new Point(300, 400), Length.ofMm(5000));
        assertThat(known.errorMmPerMetre()).isEqualTo(2);
    }

    @Test
    void lightFallsAwayFromWhereItComes() {
        // from the upper left of the sheet (320° clockwise from the top) to the lower right
        var fall = Looks.UPPER_LEFT.fall();
        assertThat(fall.x()).isCloseTo(Math.sin(Math.toRadians(40)), within(1e-9));
        assertThat(fall.y()).isCloseTo(-Math.cos(Math.toRadians(40)), within(1e-9));
        assertThat(new Light(0, 45).fall().distance(new Point(0, -1))).isLessThan(1e-9);
        assertThatThrownBy(() -> new Light(0, 0)).hasMessageContaining("altitude");
        assertThatThrownBy(() -> new Light(Double.NaN, 45)).hasMessageContaining("direction");
    }

    @Test
    void papersHaveTheirIsoSizes() {
        var sheet = TestPlans.sheet(SailclothYard.plan());
        assertThat(sheet.on(Sheet.Paper.A4, Sheet.Way.PORTRAIT).widthMm()).isEqualTo(210);
        assertThat(sheet.on(Sheet.Paper.A4, Sheet.Way.PORTRAIT).heightMm()).isEqualTo(297);
        assertThat(sheet.widthMm() / sheet.heightMm()).isCloseTo(Math.sqrt(2), within(0.002));
        var view = TestPlans.view(SailclothYard.plan()).view();
        assertThatThrownBy(() -> view.withScale(Optional.of(0))).hasMessageContaining("scale");
    }

    @Test
    void looksStayWithinTheirDials() {
        assertThat(Looks.all()).extracting(Look::name).doesNotHaveDuplicates();
        assertThatThrownBy(() -> Looks.DAYLIGHT.withLineDial(5)).hasMessageContaining("line dial");
        assertThatThrownBy(() -> Looks.DAYLIGHT.withCastShadow(-0.1)).hasMessageContaining("cast shadow");
        assertThatThrownBy(() -> Looks.DAYLIGHT.withCornerReach(Length.ZERO)).hasMessageContaining("reach");
        assertThat(Looks.DAYLIGHT.withTextureStrength(0.2).castShadow()).isEqualTo(Looks.DAYLIGHT.castShadow());
    }

    @Test
    void aChangeOfOneStoreyLeavesTheOthersAsTheyAre() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var changed = plan.withStorey(storey.id(), s -> s.with(Note.class, java.util.List.of()));
        assertThat(changed.storeys().getFirst().walls()).isSameAs(storey.walls());
        assertThat(changed.storeys().getFirst().furnishings()).isSameAs(storey.furnishings());
        assertThat(plan.storeys().getFirst().notes()).hasSize(1);
        assertThatThrownBy(() -> plan.storey(new ElementId.StoreyId(99)))
                .isInstanceOf(java.util.NoSuchElementException.class);
    }

    @Test
    void listsCannotBeChangedFromOutside() {
        var walls = new java.util.ArrayList<>(
                SailclothYard.plan().storeys().getFirst().walls());
        var storey = SailclothYard.plan().storeys().getFirst().with(Wall.class, walls);
        walls.clear();
        assertThat(storey.walls()).hasSize(17);
        assertThatThrownBy(() -> storey.walls().clear()).isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void aDimensionMeasuresSomething() {
        assertThatThrownBy(() -> new Dimension(new DimensionId(4), Position.ORIGIN, Position.ORIGIN, TEN))
                .hasMessageContaining("d4 measures nothing");
    }
}
