package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Ground;
import honeylamp.plan.KnownLength;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.PictureNote;
import honeylamp.plan.Placing.Axes;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Squaring;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Lock;
import honeylamp.plan.Underlay.Picture;
import honeylamp.plan.Underlay.Sight;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class UnderlayEditsTest {
    private static final Picture PICTURE = new Picture("a".repeat(64), "scan.png", 1000, 800);

    private Plan plan = TestPlans.clearRectangle(5000, 4000);
    private final StoreyId storey = TestPlans.storey(plan);
    private UnderlayId id = new UnderlayId(0);

    @BeforeEach
    void aPictureLiesBelow() {
        var added = UnderlayEdits.add(plan, storey, PICTURE, Point.ORIGIN);
        plan = added.plan();
        id = added.id();
    }

    private Underlay in(Plan other) {
        return other.storey(storey).underlays().stream()
                .filter(u -> u.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static void near(Point a, Point b) {
        assertThat(a.distance(b)).isLessThan(1e-3);
    }

    @Test
    void aKnownLengthScalesAboutItsFirstMark() {
        var before = in(plan).plan(new Point(200, 300));
        var known = new KnownLength(new Point(200, 300), new Point(800, 300), Length.ofMm(6000));
        var scaled = UnderlayEdits.addKnown(plan, storey, id, known, TracedWork.STAYS);
        assertThat(in(scaled).placing().mmPerPixel()).isEqualTo(10);
        near(in(scaled).plan(new Point(200, 300)), before);
        assertThat(known.errorMmPerMetre()).isCloseTo(1000.0 / 600, within(1e-9));
        assertThat(scaled.storey(storey).walls()).isEqualTo(plan.storey(storey).walls());
        var gone = UnderlayEdits.removeKnown(scaled, storey, id, 0, TracedWork.STAYS);
        assertThat(in(gone).placing()).isEqualTo(in(scaled).placing()); // nothing tells better
    }

    /** Twice the scale about a mark at plan (-4500, 1500): all distances from there double, and so the areas by four. */
    @Test
    void tracedWorkGoesAlongOrStays() {
        var first = UnderlayEdits.addKnown(
                plan,
                storey,
                id,
                new KnownLength(new Point(200, 300), new Point(800, 300), Length.ofMm(6000)),
                TracedWork.STAYS);
        var wall = first.storey(storey).walls().getFirst();
        first = OpeningEdits.add(
                        first,
                        storey,
                        OpeningKind.DOOR,
                        wall.id(),
                        Length.ofMm(1000),
                        Length.ofMm(800),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
        first = RoomEdits.bound(first, storey, Position.ofMm(500, 600), Position.ofMm(900, 600))
                .orThrow()
                .plan();
        first = SettingOutEdits.add(first, storey, new Segment(new Point(100, 0), new Point(100, 800)))
                .orThrow()
                .plan();
        first = GroundEdits.add(
                        first,
                        storey,
                        Ground.Use.LAWN,
                        List.of(Position.ofMm(0, 0), Position.ofMm(700, 0), Position.ofMm(700, 900)))
                .plan();
        var mark = in(first).plan(new Point(200, 300));
        var along = UnderlayEdits.changeKnown(
                first, storey, id, 0, k -> k.withLength(Length.ofMm(12_000)), TracedWork.GOES_ALONG);
        var corner = first.storey(storey).walls().getFirst().to().point();
        near(
                along.storey(storey).walls().getFirst().to().point(),
                mark.plus(corner.minus(mark).times(2)));
        assertThat(along.storey(storey).openings().getFirst().width().mm()).isCloseTo(1600, within(1e-3));
        // boundaries, setting-out lines and ground go along as walls do
        near(
                along.storey(storey).boundaries().getFirst().to().point(),
                mark.plus(new Point(900, 600).minus(mark).times(2)));
        near(
                along.storey(storey).settingOut().getFirst().to().point(),
                mark.plus(new Point(100, 800).minus(mark).times(2)));
        near(
                along.storey(storey).grounds().getFirst().corners().getLast().point(),
                mark.plus(new Point(700, 900).minus(mark).times(2)));
        assertThat(area(along)).isCloseTo(4 * area(first), within(1.0));
        var stays = UnderlayEdits.changeKnown(
                first, storey, id, 0, k -> k.withLength(Length.ofMm(12_000)), TracedWork.STAYS);
        assertThat(stays.storey(storey).walls()).isEqualTo(first.storey(storey).walls());
        // what lay on a pixel still does
        near(
                in(along).pixel(along.storey(storey).walls().getFirst().to().point()),
                in(first).pixel(corner));
    }

    private double area(Plan other) {
        return StoreyGeometry.of(other, other.storey(storey)).rooms().getFirst().areaMm2();
    }

    @Test
    void levellingTurnsTheLineTrueAndWithItWhatGoesAlong() {
        var a = new Point(100, 100);
        var b = new Point(900, 120);
        var level = UnderlayEdits.level(plan, storey, id, a, b, TracedWork.STAYS);
        var way = in(level).plan(b).minus(in(level).plan(a));
        assertThat(way.y()).isCloseTo(0, within(1e-3));
        assertThat(way.x()).isPositive();
        near(in(level).plan(a), in(plan).plan(a));
        var plumb = UnderlayEdits.level(plan, storey, id, a, new Point(95, 700), TracedWork.GOES_ALONG);
        assertThat(in(plumb).plan(new Point(95, 700)).x())
                .isCloseTo(in(plumb).plan(a).x(), within(1e-3));
        assertThat(area(plumb)).isCloseTo(area(plan), within(1.0));
        assertThat(plumb.storey(storey).walls())
                .isNotEqualTo(plan.storey(storey).walls());
    }

    @Test
    void aPointGoesToTheOriginOrWhereItBelongs() {
        var put = UnderlayEdits.putPoint(plan, storey, id, new Point(40, 50), Point.ORIGIN, TracedWork.STAYS);
        near(in(put).plan(new Point(40, 50)), Point.ORIGIN);
        var there =
                UnderlayEdits.putPoint(put, storey, id, new Point(40, 50), new Point(700, -300), TracedWork.GOES_ALONG);
        near(in(there).plan(new Point(40, 50)), new Point(700, -300));
        near(
                there.storey(storey).walls().getFirst().from().point(),
                put.storey(storey).walls().getFirst().from().point().plus(new Point(700, -300)));
        var turned = UnderlayEdits.turn(plan, storey, id, 90, TracedWork.STAYS);
        near(in(turned).plan(new Point(500, 400)), in(plan).plan(new Point(500, 400)));
        assertThat(in(turned).placing().turnDeg()).isEqualTo(90);
    }

    /** A square seen at a slant: pixels made by a known homography must come back as that square. */
    @Test
    void fourCornersSquareASlantUp() {
        var seen = Projective.between(
                List.of(new Point(0, 0), new Point(600, 0), new Point(600, 400), new Point(0, 400)),
                List.of(new Point(140, 90), new Point(820, 130), new Point(900, 690), new Point(60, 640)));
        var corners = List.of(
                seen.apply(new Point(600, 400)),
                seen.apply(new Point(0, 0)),
                seen.apply(new Point(0, 400)),
                seen.apply(new Point(600, 0)));
        var squared = UnderlayEdits.squareUp(
                        plan,
                        storey,
                        id,
                        Squaring.clockwise(corners),
                        Optional.of(Length.ofMm(12_000)),
                        Optional.of(Length.ofMm(8_000)))
                .orThrow();
        var origin = in(squared).plan(seen.apply(new Point(0, 0)));
        for (var p : List.of(new Point(600, 0), new Point(600, 400), new Point(150, 300), new Point(333, 77))) {
            // 20 mm for each pixel of the square; y points down there
            near(in(squared).plan(seen.apply(p)), origin.plus(new Point(20 * p.x(), -20 * p.y())));
        }
        var back = UnderlayEdits.unsquare(squared, storey, id);
        assertThat(in(back).squaring()).isEmpty();
        assertThat(UnderlayEdits.squareUp(
                                plan,
                                storey,
                                id,
                                List.of(new Point(0, 0), new Point(100, 100), new Point(200, 200), new Point(0, 50)),
                                Optional.empty(),
                                Optional.empty())
                        .refusal())
                .hasValue("That cannot be: the four corners do not go round clockwise.");
    }

    @Test
    void separateAxesAndBack() {
        var two = UnderlayEdits.setAxes(
                UnderlayEdits.addKnown(
                        UnderlayEdits.addKnown(
                                plan,
                                storey,
                                id,
                                new KnownLength(new Point(0, 0), new Point(500, 0), Length.ofMm(5075)),
                                TracedWork.STAYS),
                        storey,
                        id,
                        new KnownLength(new Point(0, 0), new Point(0, 500), Length.ofMm(5000)),
                        TracedWork.STAYS),
                storey,
                id,
                Axes.SEPARATE,
                TracedWork.STAYS);
        assertThat(in(two).placing().mmPerPixelX()).isCloseTo(10.15, within(1e-9));
        assertThat(in(two).placing().mmPerPixelY()).isCloseTo(10, within(1e-9));
        var one = UnderlayEdits.setAxes(two, storey, id, Axes.ONE, TracedWork.STAYS);
        assertThat(in(one).placing().mmPerPixelX()).isEqualTo(in(one).placing().mmPerPixelY());
    }

    @Test
    void partsOfOneScanLieOnTheirStoreysAndMeetInACommonPoint() {
        var two = StoreyEdits.addOnTop(plan, " Upper storey ");
        assertThat(two.plan().storey(two.id()).level())
                .isEqualTo(plan.storeys().getFirst().height());
        assertThat(two.plan().storey(two.id()).name()).isEqualTo("Upper storey");
        var lower = UnderlayEdits.crop(two.plan(), storey, id, Optional.of(new Box(0, 0, 480, 800)));
        var laid = UnderlayEdits.partFor(lower, storey, id, new Box(520, 0, 1200, 800), two.id());
        var upper = laid.plan().storey(two.id()).underlays().getFirst();
        assertThat(upper.crop()).contains(new Box(520, 0, 1000, 800)); // no more than there is
        assertThat(in(laid.plan()).crop()).contains(new Box(0, 0, 480, 800));
        // the stair stands at pixel (100, 200) below and (620, 200) above
        var target = in(laid.plan()).plan(new Point(100, 200));
        var met =
                UnderlayEdits.putPoint(laid.plan(), two.id(), laid.id(), new Point(620, 200), target, TracedWork.STAYS);
        near(met.storey(two.id()).underlays().getFirst().plan(new Point(620, 200)), target);
        near(met.storey(two.id()).underlays().getFirst().plan(new Point(720, 200)), in(met).plan(new Point(200, 200)));
        assertThatThrownBy(() -> in(met).withCrop(Optional.of(new Box(-5, 0, 20, 20))))
                .hasMessageContaining("inside the picture");
    }

    @Test
    void thePileIsReorderedHiddenLockedAndNoted() {
        var second = UnderlayEdits.add(plan, storey, PICTURE, Point.ORIGIN, 20);
        var raised = UnderlayEdits.raise(second.plan(), storey, id, 1);
        assertThat(raised.storey(storey).underlays()).extracting(Underlay::id).containsExactly(second.id(), id);
        assertThat(UnderlayEdits.raise(raised, storey, id, 1)).isEqualTo(raised);
        assertThat(UnderlayEdits.raise(raised, storey, id, -7).storey(storey).underlays())
                .extracting(Underlay::id)
                .containsExactly(id, second.id());
        var hidden = UnderlayEdits.show(raised, storey, id, Sight.HIDDEN);
        assertThat(hidden.storey(storey).underlays())
                .extracting(Underlay::sight)
                .containsExactly(Sight.SHOWN, Sight.HIDDEN);
        assertThat(UnderlayEdits.showAll(hidden, storey, Sight.HIDDEN)
                        .storey(storey)
                        .underlays())
                .allMatch(u -> u.sight() == Sight.HIDDEN);
        assertThat(UnderlayEdits.move(plan, storey, id, Length.ofMm(5), Length.ZERO))
                .isEqualTo(plan);
        var free = UnderlayEdits.move(
                UnderlayEdits.lock(plan, storey, id, Lock.FREE), storey, id, Length.ofMm(5), Length.ZERO);
        near(in(free).plan(Point.ORIGIN), in(plan).plan(Point.ORIGIN).plus(new Point(5, 0)));
        var noted = UnderlayEdits.note(plan, storey, id, new PictureNote(List.of(new Point(3, 4)), "damp"));
        assertThat(in(noted).notes()).hasSize(1);
        assertThat(in(UnderlayEdits.removeNote(noted, storey, id, 0)).notes()).isEmpty();
        assertThat(in(UnderlayEdits.treat(plan, storey, id, t -> t.withFade(1)))
                        .treatment()
                        .fade())
                .isEqualTo(1);
    }

    @Test
    void aSlantIsTakenBackByItsInverseAndNearAPointItIsAffine() {
        var slant = Projective.between(
                List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1)),
                List.of(new Point(10, 20), new Point(300, 40), new Point(280, 190), new Point(0, 150)));
        near(slant.apply(new Point(1, 1)), new Point(280, 190));
        var p = new Point(0.3, 0.8);
        near(slant.inverse().apply(slant.apply(p)), p);
        near(slant.then(slant.inverse()).apply(p), p);
        var step = new Point(1e-6, -2e-6);
        var truth = slant.apply(p.plus(step)).minus(slant.apply(p));
        var linear = slant.near(p).apply(p.plus(step)).minus(slant.near(p).apply(p));
        assertThat(linear.distance(truth)).isLessThan(1e-8);
        var turn = Affine.turn(30).then(Affine.move(5, 6));
        near(Projective.of(turn).apply(p), turn.apply(p));
        assertThatThrownBy(() -> Projective.between(
                        List.of(new Point(0, 0), new Point(1, 1), new Point(2, 2), new Point(0, 1)),
                        List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1))))
                .hasMessageContaining("lie on a line");
    }
}
