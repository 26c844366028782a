package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.space.Flat;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Roof;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.raised.Looking;
import honeylamp.raised.Scene;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Sections and views from outside, against measures worked out by hand. */
class SectionBodiesTest {
    private static final double EARTH_MM = 450;

    private static Raised.Section across(Plan plan, double x0, double y0, double x1, double y1) {
        return new Raised.Section(
                plan.storeys().getFirst().id(), Position.ofMm(x0, y0), Position.ofMm(x1, y1), Length.ofMm(20_000));
    }

    private static List<Facet> cut(Plan plan, Raised.Section section) {
        return new SectionBodies(LaidPlan.of(plan), section)
                .of(List.of()).getFirst().facets().stream()
                        .filter(f -> f.skin().sort() != Skin.Sort.LAYER)
                        .toList();
    }

    private static double area(List<Facet> facets) {
        return facets.stream().mapToDouble(f -> f.outline().area()).sum();
    }

    private static Scene scene(Plan plan, Raised subject) {
        var first = plan.presentation().views().getFirst();
        var seen = plan.withPresentation(plan.presentation()
                .withViews(plan.presentation().views().stream()
                        .map(v -> v.id().equals(first.id()) ? v.withSubject(subject) : v)
                        .toList()));
        var view = LaidPlan.of(seen).view(new ViewId(first.id().number()));
        return Looking.scene(view, subject, Looking.of(view, subject).orElseThrow());
    }

    /** A room of 6 × 4 m cut across: two walls as high as they are, the slab, and the earth a little beyond. */
    @Test
    void aRoomCutAcross() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var storey = TestPlans.laid(plan);
        var shell = storey.geometry().shells().getFirst().bounds();
        var thick = -shell.minY();
        var high = storey.storey().height().mm();
        var wide = shell.height();
        var cut = cut(plan, across(plan, 3000, -2000, 3000, 6000));
        assertThat(area(cut)).isCloseTo(2 * thick * high + wide * 150 + (wide + 1200) * EARTH_MM, within(100.0));
        assertThat(cut)
                .allSatisfy(f -> assertThat(f.normal().x())
                        .as("it looks to who looks west")
                        .isCloseTo(1, within(1e-9)));
    }

    /** Where the line passes through a window the wall is cut below its sill and above its head only. */
    @Test
    void aWindowIsLeftOut() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var whole = area(cut(plan, across(plan, 3000, -2000, 3000, 6000)));
        var holed = TestPlans.opening(
                plan, 0, OpeningKind.CASEMENT_WINDOW, 2400, 1200, Opening.Hand.FIRST, Opening.Swing.LEFT);
        var opening = TestPlans.newest(holed);
        var thick =
                -TestPlans.laid(plan).geometry().shells().getFirst().bounds().minY();
        var gap = opening.head().mm() - opening.sill().mm();
        assertThat(area(cut(holed, across(plan, 3000, -2000, 3000, 6000))))
                .isCloseTo(whole - gap * thick, within(100.0));
    }

    /** A round window of 1200 cut 300 from its middle is open over 2 · sqrt(600² − 300²) of the wall's thickness. */
    @Test
    void aRoundWindowIsOpenAsHighAsItIsThere() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var line = across(plan, 3300, -2000, 3300, 6000);
        var whole = area(cut(plan, line));
        var holed = TestPlans.opening(
                plan, 0, OpeningKind.ROUND_WINDOW, 2400, 1200, Opening.Hand.FIRST, Opening.Swing.LEFT);
        var opening = TestPlans.newest(holed);
        var thick =
                -TestPlans.laid(plan).geometry().shells().getFirst().bounds().minY();
        var round = opening.head().mm() - opening.sill().mm();
        var open = round * Math.sqrt(0.75); // an ellipse as high as it says, cut at half its half width
        assertThat(area(cut(holed, line))).isCloseTo(whole - open * thick, within(thick));
        var aslant = across(plan, 3300 - 2000, -2000, 3300 + 2000, 2000); // 45 degrees: through sqrt 2 times the wall
        var slanted = area(cut(plan, aslant)) - area(cut(holed, aslant));
        assertThat(slanted).isBetween(0.8 * open * thick * Math.sqrt(2), 1.2 * round * thick * Math.sqrt(2));
    }

    /** A post 300 by 400 is cut as wide as the line passes through it; a hollow between boards stays hollow. */
    @Test
    void fixedPartsAreCutAndWhatIsHollowIsNot() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var storey = TestPlans.storey(plan);
        var posted = StructureEdits.add(
                        plan,
                        storey,
                        new Block(Structure.Kind.POST, Length.ofMm(300), Length.ofMm(400), Length.ofMm(2600)),
                        Position.ofMm(3000, 2000),
                        0)
                .plan();
        var post = posted.storeys().getFirst().structures().getFirst();
        var high = posted.storeys().getFirst().height().mm();
        var section = across(posted, 3000, -2000, 3000, 6000);
        var laid = TestPlans.laid(posted);
        var bodies = StoreyBodies.whole(laid, high, StoreyBodies.Below.DARK);
        var cut = new SectionBodies(LaidPlan.of(posted), section)
                .of(bodies).stream()
                        .filter(b -> b.of().filter(post.id()::equals).isPresent())
                        .flatMap(b -> b.facets().stream())
                        .filter(f -> f.skin().isCut() && Math.abs(f.normal().x()) > 0.99)
                        .toList();
        assertThat(area(cut)).isCloseTo(400 * Math.min(high, 2600), within(200.0));

        var tube = new ArrayList<Facet>();
        tube.addAll(Boxes.box(0, 0, 0, 400, 400, 20, 0).facets());
        tube.addAll(Boxes.box(0, 0, 380, 400, 400, 20, 0).facets());
        tube.addAll(Boxes.box(-190, 0, 0, 20, 400, 400, 0).facets());
        tube.addAll(Boxes.box(190, 0, 0, 20, 400, 400, 0).facets());
        var across = Sliced.of(
                new Body(Kind.FURNITURE, Optional.empty(), tube), Flat.plumb(new Point(-500, 3), 0, new Point(1, 0)));
        assertThat(across.stream().mapToDouble(Outline::area).sum()).isCloseTo(400.0 * 400 - 360.0 * 360, within(1.0));
    }

    /** A gable of 45° over it: two slopes as long as they are, and the ceiling below the loft between them. */
    @Test
    void aRoofIsCutWithItsLoft() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var bare = area(cut(plan, across(plan, 3000, -2000, 3000, 6000)));
        var wide = TestPlans.laid(plan).geometry().shells().getFirst().bounds().height();
        var roofed = StoreyEdits.roof(
                        plan,
                        TestPlans.storey(plan),
                        Optional.of(Roof.of(Roof.Form.GABLE).withPitchDeg(45)))
                .orThrow();
        var slopes = (wide + 800) * 240 * Math.sqrt(2);
        var loft = (wide - 150) * 150;
        assertThat(area(cut(roofed, across(plan, 3000, -2000, 3000, 6000))))
                .isCloseTo(bare + slopes + loft, within(wide));
    }

    /** Only what lies behind the line is seen, and not deeper than is asked. */
    @Test
    void onlyWhatLiesBehindIsSeen() {
        var plan = SailclothYard.plan();
        var section = new Raised.Section(
                plan.storeys().getFirst().id(),
                Position.ofMm(-1000, 3500),
                Position.ofMm(15_000, 3500),
                Length.ofMm(2500));
        for (var body : scene(plan, section).bodies()) {
            if (body.kind() != Kind.FURNITURE) { // pieces are seen whole or not at all
                for (var facet : body.facets()) {
                    facet.inSpace(facet.outline().shell())
                            .forEach(p -> assertThat(p.y()).isBetween(3500 - 0.01, 6000 + 0.01));
                }
            }
        }
    }

    /** From outside lengths are true: the picture is as wide as the building, and as high. */
    @Test
    void fromOutsideLengthsAreTrue() {
        var plan = QuillbackLane.plan();
        var storey = plan.storeys().getFirst().id();
        var shells = LaidPlan.of(plan).all().stream()
                .flatMap(s -> s.geometry().shells().stream())
                .map(Outline::bounds)
                .toList();
        var wide = shells.stream().mapToDouble(b -> b.maxX()).max().orElseThrow()
                - shells.stream().mapToDouble(b -> b.minX()).min().orElseThrow();
        var seen = scene(plan, new Raised.Outside(storey, 90));
        var walls = seen.bodies().stream()
                .filter(b -> b.kind() == Kind.WALLS)
                .flatMap(b -> b.facets().stream())
                .flatMap(f -> f.inSpace(f.outline().shell()).stream())
                .map(seen.projection()::of)
                .toList();
        var least = walls.stream().mapToDouble(Point::x).min().orElseThrow();
        var most = walls.stream().mapToDouble(Point::x).max().orElseThrow();
        assertThat(most - least).isCloseTo(wide, within(0.1));
        assertThat(seen.bodies()).as("nobody looks in").noneMatch(b -> b.kind() == Kind.FURNITURE);
        assertThat(seen.bodies().stream().flatMap(b -> b.facets().stream()))
                .noneMatch(f -> f.skin().sort() == Skin.Sort.CLEAR);
    }

    /** From straight above a roof covers in the picture what it covers in the plan. */
    @Test
    void aRoofPlanIsTrue() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst().id();
        var roofed = StoreyEdits.roof(plan, storey, Optional.of(Roof.of(Roof.Form.HIP)))
                .orThrow();
        var seen = scene(roofed, new Raised.RoofPlan(storey));
        var shell = LaidPlan.of(roofed)
                .all()
                .getFirst()
                .geometry()
                .shells()
                .getFirst()
                .bounds();
        var box = seen.bounds().orElseThrow();
        assertThat(box.maxX()).isCloseTo(shell.maxX() + 400, within(0.1));
        assertThat(box.maxY()).isCloseTo(shell.maxY() + 400, within(0.1));
    }

    /** A wall is moved, and there is no view, of whatever kind, that shows it where it was. */
    @Test
    void everyViewFollowsAWall() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var storey = TestPlans.storey(plan);
        var marked = RoomEdits.mark(plan, storey, Position.ofMm(3000, 2000), "Hall", Finish.of("wide-oak"));
        var roofed = StoreyEdits.roof(marked.plan(), storey, Optional.of(Roof.of(Roof.Form.HIP)))
                .orThrow();
        var eye = new Raised.Eye(Raised.Rays.PARALLEL, 30, 36);
        var moved = WallEdits.moveWall(roofed, storey, TestPlans.wallId(roofed, 1), Length.ofMm(500), Length.ZERO)
                .orThrow();
        for (var subject : List.of(
                new Raised.Cutaway(storey, marked.id(), eye),
                new Raised.WholeStorey(storey, Length.ofMm(1200), eye),
                new Raised.Building(storey, Length.ZERO, eye),
                new Raised.Inside(storey, Position.ofMm(1000, 1000), Raised.Inside.EYE_HIGH, 45, 75),
                new Raised.RoofPlan(storey),
                new Raised.Outside(storey, 90),
                across(roofed, -2000, 2000, 9000, 2000))) {
            assertThat(area(all(scene(moved, subject))))
                    .as(subject.getClass().getSimpleName())
                    .isNotCloseTo(area(all(scene(roofed, subject))), within(1e5));
        }
    }

    private static List<Facet> all(Scene scene) {
        return scene.bodies().stream().flatMap(b -> b.facets().stream()).toList();
    }

    /** A plant 3 m north of the room, behind who looks west over its middle: the earth goes on below it. */
    @Test
    void whatStandsBesideTheBuildingStandsOnTheEarth() {
        var room = TestPlans.clearRectangle(6000, 4000);
        var plan = TestPlans.with(room, "plant", 600, 600, 900, 2000, 7000, 0);
        var section = across(plan, 3000, -2000, 3000, 6000);
        var wide = TestPlans.laid(plan).geometry().shells().getFirst().bounds();
        // from 600 before the shell to 600 beyond the plant
        var earth = 7300 + 600 - (wide.minY() - 600);
        assertThat(cut(plan, section).stream()
                        .mapToDouble(f -> f.outline().bounds().width())
                        .max()
                        .orElseThrow())
                .isCloseTo(earth, within(1e-6));
        // not if it stands before the line
        var before = TestPlans.with(room, "plant", 600, 600, 900, 4000, 7000, 0);
        assertThat(area(cut(before, section))).isCloseTo(area(cut(room, section)), within(1e-6));
    }
}
