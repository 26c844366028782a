package honeylamp.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.FurnishingKind.Size;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.geometry.Box;
import honeylamp.plan.Ground;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CatalogueTest {
    static Stream<FurnishingKind> kinds() {
        return Furnishings.all().stream();
    }

    /** A piece redraws at any size and stays within its footprint, but for chairs, stools and hems. */
    @ParameterizedTest
    @MethodSource("kinds")
    void symbolsAreTrueToTheirSize(FurnishingKind kind) {
        for (var factor : List.of(1.0, 1.35)) {
            var w = kind.width().mm() * factor;
            var d = kind.depth().mm() * factor;
            var symbol = kind.symbol(new Size(w, d, kind.height().mm(), 3));
            var body = symbol.parts().stream()
                    .map(p -> p.path().bounds())
                    .reduce(Box::union)
                    .orElseThrow();
            assertThat(body.width()).isGreaterThan(0.85 * w);
            assertThat(body.height()).isGreaterThan(0.85 * d);
            assertThat(body.maxX()).isLessThan(w / 2 + 640);
            assertThat(-body.minY()).isLessThan(d / 2 + 640);
            assertThat(body.maxY()).isLessThan(d / 2 + 640);
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void shadeComesFromConvexFootprintsNoHigherThanThePiece(FurnishingKind kind) {
        var symbol = kind.symbol(
                new Size(kind.width().mm(), kind.depth().mm(), kind.height().mm(), 3));
        for (var solid : symbol.solids()) {
            assertThat(solid.heightMm()).isLessThanOrEqualTo(kind.height().mm() + 1e-9);
            var edges = solid.footprint().counterClockwise().edges();
            for (var k = 0; k < edges.size(); k++) {
                var turn = edges.get(k)
                        .unit()
                        .cross(edges.get((k + 1) % edges.size()).unit());
                assertThat(turn).isGreaterThan(-1e-9); // never turns right
            }
        }
    }

    @Test
    void aWiderSofaGetsMoreSeatsNotWiderArms() {
        // seats of about 780 mm: 2,200 ÷ 780 → 3, 3,000 ÷ 780 → 4
        assertThat(seats(2200)).isEqualTo(3);
        assertThat(seats(3000)).isEqualTo(4);
    }

    private static long seats(double width) {
        var sofa = Furnishings.of("sofa").orElseThrow();
        return sofa.symbol(new Size(width, 950, 800, 1)).parts().stream()
                .filter(p -> p.edge() == SymbolShape.Edge.INNER && p.level() == SymbolShape.Level.BODY)
                .filter(p -> p.paint() instanceof SymbolShape.Paint.Of(var tone) && tone == Role.TEXTILE)
                .count();
    }

    @Test
    void pillowsLieEvenlySpaced() {
        // 1,600 wide less 2 × 15: gap = (1,570 − 2 × pillow) ÷ 3 on both sides and between
        var pillows = Furnishings.of("bed").orElseThrow().symbol(new Size(1600, 2050, 900, 1)).parts().stream()
                .filter(p -> p.level() == SymbolShape.Level.TOP && p.edge() == SymbolShape.Edge.OUTLINE)
                .filter(p -> p.paint() instanceof SymbolShape.Paint.Of(var tone) && tone == Role.LINEN)
                .map(p -> p.path().bounds())
                .toList();
        assertThat(pillows).hasSize(2);
        var left = pillows.getFirst().minX() + 785;
        var between = pillows.getLast().minX() - pillows.getFirst().maxX();
        var right = 785 - pillows.getLast().maxX();
        assertThat(left).isCloseTo(right, within(0.01));
        assertThat(between).isCloseTo(left, within(40.0)); // pillows bulge a little beyond their measure
    }

    @Test
    void theSamePieceIsDrawnTheSame() {
        var plant = Furnishings.of("plant").orElseThrow();
        var a = plant.symbol(new Size(700, 700, 1200, 9));
        assertThat(plant.symbol(new Size(700, 700, 1200, 9))).isEqualTo(a);
        assertThat(plant.symbol(new Size(700, 700, 1200, 10))).isNotEqualTo(a);
    }

    @Test
    void rugsLieBelowAllElse() {
        var rug = Furnishings.of("rug").orElseThrow();
        assertThat(rug.symbol(new Size(2400, 1700, 12, 1)).parts())
                .allSatisfy(p -> assertThat(p.level()).isEqualTo(SymbolShape.Level.FLOOR));
    }

    @Test
    void keysAreFoundAndUnique() {
        assertThat(Furnishings.all())
                .extracting(FurnishingKind::key)
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(14);
        assertThat(Materials.all())
                .extracting(Material::key)
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(7);
        assertThat(Materials.of("no such floor")).isEmpty();
        assertThat(Furnishings.of("no such piece")).isEmpty();
    }

    /** Reference values of sRGB: white, black, and the primaries in OKLCH (Ottosson, 2020). */
    @Test
    void coloursAgreeWithTheDefinition() {
        assertThat(new Oklch(1, 0, 0).argb()).isEqualTo(0xffffffff);
        assertThat(new Oklch(0, 0, 0).argb()).isEqualTo(0xff000000);
        assertThat(new Oklch(0.62796, 0.25768, 29.234).argb() & 0xffffff).isEqualTo(0xff0000);
        assertThat(new Oklch(0.86644, 0.29483, 142.495).argb() & 0xffffff).isEqualTo(0x00ff00);
        assertThatThrownBy(() -> new Oklch(1.2, 0, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void quietFloorsAsTheArtDirectionAsks() {
        var usual = List.of(
                "wide-plank-oak",
                "wide-plank-ash",
                "herringbone-oak",
                "square-tile",
                "hexagon-tile",
                "carpet-oat",
                "carpet-mist",
                "stone-slabs",
                "screed",
                "decking-larch");
        assertThat(usual).allSatisfy(key -> {
            var m = Materials.of(key).orElseThrow();
            assertThat(m.tone().lightness()).isBetween(0.80, 0.93);
            assertThat(m.tone().chroma()).isLessThanOrEqualTo(0.055);
        });
        // what is dark by nature stays so, and nothing shouts
        assertThat(Materials.all()).allSatisfy(m -> {
            assertThat(m.tone().lightness()).isBetween(0.45, 0.975);
            assertThat(m.tone().chroma()).isLessThanOrEqualTo(0.085);
        });
    }

    @Test
    void seedsAreEvenlySpread() {
        var sum = 0.0;
        for (var i = 0; i < 10_000; i++) {
            var u = Seeds.unit(5, i, 3);
            assertThat(u).isBetween(0.0, 1.0);
            sum += u;
        }
        assertThat(sum / 10_000).isCloseTo(0.5, within(0.02));
    }

    @Test
    void aNewPlanIsEmpty() {
        var plan = NewPlan.in(UnitSystem.FEET_INCHES);
        assertThat(plan.storeys().getFirst().walls()).isEmpty();
        assertThat(plan.storeys().getFirst().furnishings()).isEmpty();
        assertThat(TestPlans.sheet(plan).title().project()).isEmpty();
        assertThat(plan.wallTypes()).hasSize(4);
    }

    @Test
    void thePiecesOneExpectsInARoomAreInTheCatalogue() {
        assertThat(RoomUses.all())
                .flatExtracting(RoomUses.RoomUse::pieces)
                .allSatisfy(key -> assertThat(Furnishings.of(key)).as(key).isPresent());
    }

    /** Every fixed part has a usual size in both kinds of units, and is found again by what it is. */
    @Test
    void fixedPartsHaveUsualSizes() {
        for (var units : UnitSystem.values()) {
            var plan = NewPlan.in(units);
            var storey = plan.storeys().getFirst().id();
            assertThat(PartKinds.all()).allSatisfy(kind -> {
                var form = PartKinds.usual(kind, plan, storey);
                assertThat(PartKinds.label(form)).isEqualTo(kind.label());
                assertThat(form.width().mm()).isBetween(150.0, 6000.0);
            });
        }
    }

    @Test
    void groundIsQuietToo() {
        for (var use : Ground.Use.values()) {
            assertThat(Grounds.material(use).tone().lightness()).isBetween(0.80, 0.97);
            assertThat(Grounds.material(use).tone().chroma()).isLessThanOrEqualTo(0.055);
        }
    }
}
