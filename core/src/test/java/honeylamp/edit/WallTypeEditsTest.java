package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.walls.WallFills;
import honeylamp.derive.walls.WallFills.Level;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.HeightRule;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.WallType;
import honeylamp.store.KeptFile;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class WallTypeEditsTest {
    @TempDir
    private Path folder;

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void theStartingTypesAreBuiltOfLayersThatMakeTheirThickness(UnitSystem units) {
        for (var type : NewPlan.in(units).wallTypes()) {
            assertThat(type.layers()).isNotEmpty();
            assertThat(type.layers().stream()
                            .mapToLong(l -> l.thickness().nanometres())
                            .sum())
                    .isEqualTo(type.thickness().nanometres());
        }
    }

    @Test
    void layersGiveTheThicknessAndMustAddUp() {
        var type = NewPlan.in(UnitSystem.MM).wallType(PARTITION);
        var thicker = type.withLayers(
                List.of(new BuildUpLayer("Board", Length.ofMm(15)), new BuildUpLayer("Studs", Length.ofMm(95))));
        assertThat(thicker.thickness()).isEqualTo(Length.ofMm(110));
        assertThatThrownBy(() -> new WallType(
                        PARTITION,
                        "Odd",
                        Length.ofMm(100),
                        false,
                        WallType.Poche.TINT,
                        thicker.layers(),
                        HeightRule.FULL))
                .hasMessageContaining("110");
    }

    @Test
    void wallsFollowTheHeightRuleOfTheirType() {
        var plan = TestPlans.start()
                .wall(0, 0, 3000, 0, BodySide.CENTRE, PARTITION)
                .wall(0, 0, 0, 3000, BodySide.CENTRE, OUTER)
                .plan();
        var type = plan.wallType(PARTITION);
        var low =
                WallTypeEdits.change(plan, type.withHeightRule(new HeightRule(HeightRule.Kind.LOW, Length.ofMm(850))));
        var walls = low.storeys().getFirst().walls();
        assertThat(walls.get(0).height()).isEqualTo(Length.ofMm(850));
        assertThat(walls.get(1).height()).isEqualTo(Length.ofMm(2600));
        var less = WallTypeEdits.change(
                low, type.withHeightRule(new HeightRule(HeightRule.Kind.TO_NEXT_STOREY, Length.ofMm(300))));
        assertThat(less.storeys().getFirst().walls().get(0).height()).isEqualTo(Length.ofMm(2300));
    }

    @Test
    void aTypeInUseIsNotDeletedAndTheSameTypeIsNotAddedTwice() {
        var plan = TestPlans.start().wall(0, 0, 3000, 0, BodySide.CENTRE, OUTER).plan();
        assertThat(WallTypeEdits.remove(plan, OUTER).refusal().orElseThrow()).contains("1 wall is of this type");
        assertThat(WallTypeEdits.remove(plan, PARTITION).orThrow().wallTypes()).hasSize(3);
        var same = WallTypeEdits.add(plan, plan.wallType(PARTITION));
        assertThat(same.plan()).isEqualTo(plan);
        assertThat(same.id()).isEqualTo(PARTITION);
    }

    @Test
    void theLibraryIsKeptInAFileByName() throws IOException {
        var file = folder.resolve("wall-types.json");
        assertThat(KeptFile.WALL_TYPES.read(file)).isEmpty();
        var types = NewPlan.in(UnitSystem.FEET_INCHES).wallTypes();
        var kept = KeptFile.WALL_TYPES.with(KeptFile.WALL_TYPES.with(List.of(), types.get(0)), types.get(2));
        KeptFile.WALL_TYPES.write(file, kept);
        assertThat(KeptFile.WALL_TYPES.read(file)).isEqualTo(kept);
        var replaced = KeptFile.WALL_TYPES.with(kept, types.get(0).withStructural(false));
        assertThat(replaced)
                .hasSize(2)
                .anyMatch(t -> t.name().equals(types.get(0).name()) && !t.structural());
        var before = Files.readString(file).replaceAll(",\\s*\"board\"\\s*:\\s*(null|\\{[^}]*})", "");
        assertThat(before).doesNotContain("board");
        Files.writeString(file, before);
        assertThat(KeptFile.WALL_TYPES.read(file))
                .as("types kept before layers came in boards")
                .extracting(t ->
                        t.layers().stream().filter(l -> l.board().isPresent()).count())
                .containsOnly(0L);
        Files.writeString(file, "[{\"id\": 12}]");
        assertThatThrownBy(() -> KeptFile.WALL_TYPES.read(file)).hasMessageContaining("holds no wall types");
    }

    private static double area(Plan plan, int fill) {
        var network = TestPlans.geometry(plan).network();
        var fills = WallFills.of(plan.wallTypes(), network);
        var left = network.poche();
        for (var i = 0; i <= fill; i++) {
            var own = Regions.union(
                    fills.get(i).bodies().stream().map(Outline::of).toList());
            var part = Regions.intersection(left, own);
            if (i == fill) {
                return part.stream().mapToDouble(Outline::area).sum();
            }
            left = Regions.difference(left, part);
        }
        throw new AssertionError("no such fill");
    }

    /** A corner of a bearing wall of 300 and a partition of 100: the corner square of 300 by 100 is the bearing wall's. */
    @Test
    void whatCarriesRunsThroughACorner() {
        var plan = TestPlans.start()
                .wall(0, 0, 3000, 0, BodySide.CENTRE, OUTER)
                .wall(0, 0, 0, 3000, BodySide.CENTRE, PARTITION)
                .plan();
        var fills = WallFills.of(plan.wallTypes(), TestPlans.geometry(plan).network());
        assertThat(fills).extracting(f -> f.type().id()).containsExactly(OUTER, PARTITION);
        assertThat(area(plan, 0)).isCloseTo(300.0 * (3000 + 50), within(1.0));
        assertThat(area(plan, 1)).isCloseTo(100.0 * (3000 - 150), within(1.0));
    }

    /** A bearing stem on a partition runs through it; a partition stem ends at the bearing wall's face. */
    @Test
    void whatCarriesRunsThroughATee() {
        var plan = TestPlans.start()
                .wall(-2000, 0, 2000, 0, BodySide.CENTRE, PARTITION)
                .wall(0, 0, 0, 3000, BodySide.CENTRE, OUTER)
                .plan();
        assertThat(area(plan, 0)).isCloseTo(300.0 * (3000 + 50), within(1.0));
        assertThat(area(plan, 1)).isCloseTo(100.0 * (4000 - 300), within(1.0));
    }

    @Test
    void lowWallsAreSeenNotCut() {
        var plan = TestPlans.start()
                .wall(0, 0, 3000, 0, BodySide.CENTRE, OUTER)
                .wall(1000, 0, 1000, 3000, BodySide.CENTRE, new honeylamp.plan.ElementId.WallTypeId(5))
                .plan();
        assertThat(WallFills.of(plan.wallTypes(), TestPlans.geometry(plan).network()))
                .extracting(WallFills.Fill::level)
                .containsExactly(Level.CUT, Level.SEEN);
    }
}
