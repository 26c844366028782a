package honeylamp.derive.traced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.TakingWalls;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Picture;
import honeylamp.tracing.Proposal.Precision;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A house of 8 by 6 m, and 3 m to its right its upper storey, of which the right 2 m are open to the sky. */
class StoreysBesideTest {
    private static final double BESIDE_MM = 11_000;

    private static List<ReadWall> box(int from, double x, double width, boolean door) {
        var corners = List.of(new Point(x, 0), new Point(x + width, 0), new Point(x + width, 6000), new Point(x, 6000));
        var out = new ArrayList<ReadWall>();
        for (var i = 0; i < 4; i++) {
            var a = corners.get(i);
            out.add(new ReadWall(
                    from + i,
                    new Segment(a, corners.get((i + 1) % 4)),
                    Optional.of(from + (i + 3) % 4),
                    Optional.of(from + (i + 1) % 4),
                    300,
                    true,
                    door && i == 0
                            ? List.of(new ReadOpening(
                                    OpeningKind.DOOR,
                                    a.plus(new Point(1000, 0)),
                                    a.plus(new Point(1900, 0)),
                                    Hand.FIRST,
                                    Swing.LEFT,
                                    0.9,
                                    Precision.PIXELS))
                            : List.of(),
                    0.9,
                    Precision.PIXELS));
        }
        return out;
    }

    private static ReadWalls two() {
        var walls = new ArrayList<>(box(10, BESIDE_MM, 6000, true));
        walls.addAll(box(0, 0, 8000, false));
        return new ReadWalls(walls);
    }

    @Test
    void plansBesideEachOtherArePartedAndLaidOverEachOther() {
        var beside = StoreysBeside.of(two());
        assertThat(beside.storeys()).hasSize(2);
        assertThat(StoreysBeside.count(two())).isEqualTo(2);
        assertThat(beside.storeys().getFirst().walls().walls()).hasSize(4); // the left one comes first
        assertThat(beside.storeys().getFirst().shift()).isEqualTo(new Point(0, 0));
        // three of its outer walls meet those below: left, above and below
        var shift = beside.storeys().getLast().shift();
        assertThat(shift.x()).isCloseTo(-BESIDE_MM, within(1e-6));
        assertThat(shift.y()).isCloseTo(0, within(1e-6));
        // they share the 3 m between them
        assertThat(beside.storeys().getFirst().part().maxX()).isCloseTo(9500, within(1e-6));
    }

    private static ReadOpening gap(double y) {
        return new ReadOpening(
                OpeningKind.PLAIN,
                new Point(8150, y),
                new Point(10_850, y),
                Hand.FIRST,
                Swing.LEFT,
                0.4,
                Precision.PIXELS);
    }

    private static ReadWall lying(int number, double y, ReadOpening... openings) {
        return new ReadWall(
                number,
                new Segment(new Point(0, y), new Point(17_000, y)),
                Optional.of(2),
                Optional.of(5),
                300,
                true,
                List.of(openings),
                0.9,
                Precision.PIXELS);
    }

    private static ReadWall upright(int number, double x) {
        return new ReadWall(
                number,
                new Segment(new Point(x, 0), new Point(x, 6000)),
                Optional.of(0),
                Optional.of(1),
                300,
                true,
                List.of(),
                0.9,
                Precision.PIXELS);
    }

    /** Their upper and lower walls lie in line and were each read as one, with a plain gap of 2.7 m. */
    @Test
    void plansInLineAreCutApartWhereOnlyPlainGapsLieBetweenThem() {
        var inLine = new ReadWalls(List.of(
                lying(0, 0, gap(0)),
                lying(1, 6000, gap(6000)),
                upright(2, 0),
                upright(3, 8000),
                upright(4, 11_000),
                upright(5, 17_000)));
        assertThat(StoreysBeside.count(inLine)).isEqualTo(2);
        var beside = StoreysBeside.of(inLine);
        assertThat(beside.storeys())
                .allSatisfy(s -> assertThat(s.walls().walls()).hasSize(4));
        assertThat(beside.storeys().getLast().shift().x()).isCloseTo(-11_000, within(1.0));
        // a wall that crosses the strip makes it one house
        var crossed = new ArrayList<>(inLine.walls());
        crossed.add(lying(6, 3000));
        assertThat(StoreysBeside.count(new ReadWalls(crossed))).isEqualTo(1);
        // and so does a gap on one side only: a porch
        var porch = new ReadWalls(List.of(
                lying(0, 0, gap(0)),
                lying(1, 6000),
                upright(2, 0),
                upright(3, 8000),
                upright(4, 11_000),
                upright(5, 17_000)));
        assertThat(StoreysBeside.count(porch)).isEqualTo(1);
    }

    @Test
    void oneHouseWithADetailBesideItIsOnePlan() {
        var walls = new ArrayList<>(box(0, 0, 8000, false));
        walls.add(new ReadWall(
                20,
                new Segment(new Point(12_000, 0), new Point(13_500, 0)),
                Optional.empty(),
                Optional.empty(),
                300,
                true,
                List.of(),
                0.9,
                Precision.PIXELS));
        assertThat(StoreysBeside.of(new ReadWalls(walls)).areSeveral()).isFalse();
        assertThat(StoreysBeside.of(new ReadWalls(List.of())).areSeveral()).isFalse();
    }

    private static Plan laidUnder() {
        var plan = NewPlan.in(UnitSystem.MM);
        // 10 mm a pixel, its middle at 8.5, 3 m: pixel 0, 0 lies at -1.5, 8 m
        return UnderlayEdits.add(
                        plan,
                        plan.storeys().getFirst().id(),
                        new Picture("0".repeat(64), "sheet", 2000, 1000),
                        new Point(8500, 3000),
                        10)
                .plan();
    }

    private static Underlay picture(Storey storey) {
        return storey.underlays().getFirst();
    }

    @Test
    void theyAreTakenAsStoreysEachWithItsPartOfThePicture() {
        var plan = laidUnder();
        var first = plan.storeys().getFirst();
        var words = new ReadWords(
                List.of(
                        new ReadWords.Name("Kitchen", new Point(4000, 3000)),
                        new ReadWords.Name("Attic", new Point(BESIDE_MM + 3000, 3000))),
                List.of());
        var taken = TakingWalls.takeStoreys(
                plan, first.id(), StoreysBeside.of(two()), picture(first).id(), words);
        assertThat(taken.plan().storeys()).hasSize(2);
        assertThat(taken.named()).containsExactly("Kitchen", "Attic");
        var lower = taken.plan().storeys().getFirst();
        var upper = taken.plan().storeys().getLast();
        assertThat(upper.name()).isEqualTo("Storey 1");
        assertThat(lower.walls()).hasSize(4);
        assertThat(upper.walls()).hasSize(4);
        assertThat(upper.openings()).hasSize(1);
        assertThat(TestPlans.geometry(taken.plan()).rooms()).hasSize(1);
        // the corner of the upper plan on the sheet now lies on the corner of the lower one
        var corner = picture(plan.storeys().getFirst()).pixel(new Point(BESIDE_MM, 0));
        assertThat(picture(upper).plan(corner).distance(new Point(0, 0))).isLessThan(1e-6);
        assertThat(picture(upper).shownPx().contains(corner)).isTrue();
        assertThat(picture(lower).shownPx().contains(corner)).isFalse();
        assertThat(picture(lower).plan(new Point(100, 100)))
                .isEqualTo(picture(plan.storeys().getFirst()).plan(new Point(100, 100)));
    }

    @Test
    void aStoreyThatIsThereAndHasNoWallsIsUsed() {
        var plan = StoreyEdits.addOnTop(laidUnder(), "Upper floor").plan();
        var first = plan.storeys().getFirst();
        var taken = TakingWalls.takeStoreys(
                plan, first.id(), StoreysBeside.of(two()), picture(first).id(), ReadWords.NONE);
        assertThat(taken.plan().storeys()).hasSize(2);
        assertThat(taken.plan().storeys().getLast().name()).isEqualTo("Upper floor");
        assertThat(taken.plan().storeys().getLast().walls()).hasSize(4);
    }
}
