package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Headroom;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Roof;
import honeylamp.plan.Roof.Form;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Roofs over rooms whose measures are worked out by hand. */
class RoofBodiesTest {
    /** A room of 6 × 4 m, clear 2.5 m high. */
    private static Plan house(Roof roof) {
        var plan = TestPlans.clearRectangle(6000, 4000);
        return StoreyEdits.roof(plan, TestPlans.storey(plan), Optional.of(roof)).orThrow();
    }

    private static LaidStorey laid(Plan plan) {
        return LaidPlan.of(plan).all().getFirst();
    }

    private static double volume(List<Facet> facets) {
        return Boxes.volumeMm3(List.of(new Body(Kind.OVERHEAD, Optional.empty(), facets)));
    }

    private static Plan dormer(Plan plan) {
        var form = new Structure.Block(Structure.Kind.DORMER, Length.ofMm(1500), Length.ofMm(1800), Length.ofMm(3900));
        return StructureEdits.add(plan, TestPlans.storey(plan), form, Position.ofMm(3000, 900), 0)
                .plan();
    }

    private static double ground(LaidStorey storey) {
        return storey.geometry().shells().stream().mapToDouble(Outline::area).sum();
    }

    /** A body that encloses something has as much of its surface looking one way as the other. */
    private static void isClosed(List<Facet> facets) {
        var x = 0.0;
        var y = 0.0;
        var z = 0.0;
        for (var f : facets.stream().filter(f -> f.rank() == 0).toList()) { // panes lie on others
            x += f.normal().x() * f.outline().area();
            y += f.normal().y() * f.outline().area();
            z += f.normal().z() * f.outline().area();
        }
        assertThat(x).isCloseTo(0, within(1000.0));
        assertThat(y).isCloseTo(0, within(1000.0));
        assertThat(z).isCloseTo(0, within(1000.0));
    }

    /** Eaves 400 mm out: slopes lie over walls and overhang; thickness square to them, so the volume is area × height. */
    @ParameterizedTest
    @EnumSource(
            value = Form.class,
            names = {"GABLE", "HIP", "LEAN_TO"})
    void slopesEncloseTheirThickness(Form form) {
        var storey = laid(house(Roof.of(form).withPitchDeg(40)));
        var shell = storey.geometry().shells().getFirst().bounds();
        var over = (shell.width() + 800) * (shell.height() + 800);
        var shape = storey.roof().orElseThrow();
        assertThat(shape.slopes().stream().mapToDouble(s -> s.outline().area()).sum())
                .isCloseTo(over, within(10.0));
        assertThat(shape.slopes()).hasSize(form == Form.GABLE ? 2 : form == Form.HIP ? 4 : 1);
        assertThat(shape.gables()).hasSize(form == Form.GABLE ? 2 : form == Form.HIP ? 0 : 3);
        var slopes = RoofBodies.of(storey).getFirst().facets();
        isClosed(slopes);
        assertThat(volume(slopes)).isCloseTo(over * 240 / Math.cos(Math.toRadians(40)), within(over * 1e-6));
    }

    /** At 45° a gable over 4 m and the walls rises by half its width. */
    @Test
    void theRidgeIsWhereTheSlopesMeet() {
        var storey = laid(house(Roof.of(Form.GABLE).withPitchDeg(45)));
        var shell = storey.geometry().shells().getFirst().bounds();
        var shape = storey.roof().orElseThrow();
        assertThat(shape.underMm(new Point(3000, 2000)).orElseThrow())
                .isCloseTo(storey.storey().height().mm() + shell.height() / 2, within(0.5));
        assertThat(shape.underMm(new Point(3000, shell.minY())).orElseThrow())
                .as("at the outer face it springs from the walls")
                .isCloseTo(storey.storey().height().mm(), within(0.5));
        var across = laid(house(Roof.of(Form.GABLE).withPitchDeg(45).turned()))
                .roof()
                .orElseThrow();
        assertThat(across.underMm(new Point(3000, 2000)).orElseThrow())
                .as("a quarter turn on, the ridge runs across")
                .isCloseTo(storey.storey().height().mm() + shell.width() / 2, within(0.5));
    }

    /** The roof springs at 1,000 mm from the outer faces of the long walls: a window up to 2,100 is cut off there. */
    @Test
    void windowsAboveTheRoofAreTold() {
        var roof = Roof.of(Form.GABLE).withPitchDeg(45).withSprings(Optional.of(Length.ofMm(1000)));
        var plan = house(roof);
        for (var wall = 0; wall < 4; wall++) {
            plan = TestPlans.opening(
                    plan, wall, OpeningKind.FIXED_WINDOW, 1500, 900, Opening.Hand.FIRST, Opening.Swing.LEFT);
        }
        var told = told(plan);
        // in the gables there is height enough in the middle, but not 1,500 mm from a corner
        assertThat(told)
                .hasSizeBetween(2, 4)
                .allSatisfy(s -> assertThat(s.sentence()).contains("only to").contains("dormer"));
        assertThat(told(house(Roof.of(Form.GABLE)))).isEmpty();
        var lower = plan.storeys().getFirst();
        var low = plan.withStorey(
                lower.id(),
                _ -> lower.with(
                        Opening.class,
                        lower.openings().stream()
                                .map(o -> o.withHeights(Length.ofMm(200), Length.ofMm(900)))
                                .toList()));
        assertThat(told(low)).isEmpty();
    }

    private static List<Snag> told(Plan plan) {
        return Snags.of(laid(plan), Snags.USUAL_GAP_REACH, () -> true).orElseThrow().stream()
                .filter(s -> s.kind() == Snag.Kind.OPENING_ABOVE_ROOF)
                .toList();
    }

    /** By hand: walls 300 thick, roof from 1,000 mm at 45°: low to 1.5 m for 500 − 300 = 200 mm along both long walls. */
    @Test
    void whatIsLowIsCountedApart() {
        var roof = Roof.of(Form.GABLE).withPitchDeg(45).withSprings(Optional.of(Length.ofMm(1000)));
        var storey = laid(house(roof));
        var room = storey.geometry().rooms().getFirst();
        var shell = storey.geometry().shells().getFirst().bounds();
        var wall = -shell.minY();
        var low = Headroom.of(storey, room);
        assertThat(low.below1500()).isCloseTo(2 * (500 - wall) * 6000, within(10.0));
        assertThat(low.below2000()).isCloseTo(2 * 500 * 6000, within(10.0));
        assertThat(Headroom.of(storey)).isEqualTo(low);
        assertThat(Headroom.of(laid(house(Roof.of(Form.GABLE)))).isFull()).isTrue();
    }

    /** By hand: 1500 ÷ 25.4 = 59.055 inches, 4 ft 11 1/16; 2000 ÷ 25.4 = 78.740, 6 ft 6 3/4. */
    @Test
    void whatIsLowIsNamedInTheUnitsOfThePlan() {
        assertThat(Headroom.belowLow(UnitSystem.CM)).isEqualTo("Lower than 1.5 m");
        assertThat(Headroom.belowLow(UnitSystem.FEET_INCHES)).isEqualTo("Lower than 4' 11 1/16\"");
        assertThat(Headroom.belowFull(UnitSystem.FEET_INCHES)).isEqualTo("4' 11 1/16\" to 6' 6 3/4\" high");
    }

    /** What a press on a roof picks is the storey it lies over; a dormer is picked by itself. */
    @Test
    void aRoofIsItsStoreys() {
        for (var form : Form.values()) {
            var storey = laid(house(Roof.of(form)));
            assertThat(RoofBodies.of(storey))
                    .isNotEmpty()
                    .allSatisfy(b -> assertThat(b.of()).contains(storey.id()));
        }
    }

    /** Walls end under the roof: their volume is the integral of its height over their ground. */
    @Test
    void wallsEndUnderTheRoof() {
        var roof = Roof.of(Form.GABLE).withPitchDeg(45).withSprings(Optional.of(Length.ofMm(1000)));
        var storey = laid(house(roof));
        var shape = storey.roof().orElseThrow();
        var high = storey.storey().height().mm();
        var poche = storey.geometry().network().poche();
        var walls = new WallBodies(storey, new CoveredSides(storey), poche)
                .upTo(high)
                .facets();
        var step = 10.0;
        var box = storey.geometry().shells().getFirst().bounds();
        var expected = 0.0;
        for (var x = box.minX() + step / 2; x < box.maxX(); x += step) {
            for (var y = box.minY() + step / 2; y < box.maxY(); y += step) {
                var p = new Point(x, y);
                if (poche.stream().anyMatch(o -> o.contains(p))) {
                    expected += step * step * Math.min(high, shape.underMm(p).orElse(high));
                }
            }
        }
        assertThat(volume(walls)).isCloseTo(expected, within(expected * 2e-3));
    }

    @Test
    void aFlatRoofHasItsParapet() {
        var storey = laid(house(Roof.of(Form.FLAT)));
        var facets = RoofBodies.of(storey).getFirst().facets();
        isClosed(facets);
        var shell = storey.geometry().shells().getFirst();
        var inner = (shell.bounds().width() - 480) * (shell.bounds().height() - 480);
        assertThat(volume(facets)).isCloseTo(ground(storey) * 240 + (ground(storey) - inner) * 300, within(1000.0));
    }

    /** A dormer is only what stands above the slope, and where there is no roof it is not. */
    @Test
    void aDormerStandsOutOfItsSlope() {
        var plan = house(Roof.of(Form.GABLE).withPitchDeg(40));
        var added = dormer(plan);
        var storey = laid(added);
        var shape = storey.roof().orElseThrow();
        var dormer = RoofBodies.of(storey).getLast();
        assertThat(dormer.of()).isPresent();
        assertThat(dormer.facets())
                .isNotEmpty()
                .allSatisfy(f -> f.inSpace(f.outline().shell()).forEach(p -> {
                    var roof = shape.slopes().stream()
                            .filter(s -> s.outline().contains(new Point(3000, 10)))
                            .findFirst()
                            .orElseThrow();
                    assertThat(p.z()).isGreaterThan(roof.underMm(p.plan()) + roof.thickMm() - 0.01);
                }));
        assertThat(RoofBodies.of(laid(dormer(TestPlans.clearRectangle(6000, 4000)))))
                .isEmpty();
    }

    /** Over both demos every form stands, over what no storey above covers, and covers all of it. */
    @ParameterizedTest
    @EnumSource(Form.class)
    void overTheDemos(Form form) {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            var roofed = plan.withStoreys(plan.storeys().stream()
                    .map(s -> s.withRoof(Optional.of(Roof.of(form))))
                    .toList());
            var top = LaidPlan.of(roofed).all().getLast();
            var shape = top.roof().orElseThrow();
            var covered = form == Form.FLAT
                    ? shape.ground().stream().mapToDouble(Outline::area).sum()
                    : shape.slopes().stream()
                            .mapToDouble(s -> s.outline().area())
                            .sum();
            assertThat(covered).isGreaterThan(ground(top) - 1e5);
            isClosed(RoofBodies.of(top).getFirst().facets());
        }
    }
}
