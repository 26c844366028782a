package honeylamp.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.plan.Ground;
import honeylamp.plan.Oklch;
import honeylamp.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

class CatalogueTest {
    @Test
    void keysAreFoundAndUnique() {
        assertThat(Materials.all())
                .extracting(Material::key)
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(7);
        assertThat(Materials.of("no such floor")).isEmpty();
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
