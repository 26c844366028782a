package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Box;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class WallElevationTest {
    /** 4 x 3 m clear; the south wall runs east, with a door whose first jamb lies 1000 from its western end. */
    private static Plan room() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        plan = TestPlans.opening(plan, 0, OpeningKind.DOOR, 1000, 885, Hand.FIRST, Swing.LEFT);
        return RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Bath", Finish.of("screed"))
                .plan();
    }

    private static List<WallElevation> around(LaidStorey storey) {
        var room = storey.geometry().rooms().getFirst();
        return WallElevation.around(storey, room).stream()
                .map(s -> WallElevation.of(storey, s).orElseThrow())
                .toList();
    }

    private static WallElevation towards(Plan plan, String way) {
        return around(TestPlans.laid(plan)).stream()
                .filter(w -> w.towards().equals(way))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theWallsOfARoomFollowEachOtherAsOneTurnsToTheRight() {
        var ways = around(TestPlans.laid(room())).stream()
                .map(WallElevation::towards)
                .toList();
        assertThat(ways).hasSize(4);
        var clockwise = List.of("north", "east", "south", "west", "north", "east", "south");
        assertThat(clockwise.subList(clockwise.indexOf(ways.getFirst()), clockwise.indexOf(ways.getFirst()) + 4))
                .isEqualTo(ways);
    }

    @Test
    void leftIsLeftAsOneSeesTheWall() {
        // seen from the room, looking south, the west is at the right: the door ends 1000 before the right end
        var south = towards(room(), "south");
        assertThat(south.lengthMm()).isCloseTo(4000, within(1e-6));
        assertThat(south.holes()).singleElement().satisfies(h -> {
            assertThat(h.box().minX()).isCloseTo(4000 - 1000 - 885, within(1e-6));
            assertThat(h.box().maxX()).isCloseTo(3000, within(1e-6));
            assertThat(h.firstIsLeft()).isFalse();
        });
        assertThat(towards(room(), "north").holes()).isEmpty();
        assertThat(towards(room(), "east").lengthMm()).isCloseTo(3000, within(1e-6));
    }

    @Test
    void whatStandsNearTheWallIsSeenBeforeItAndWhatStandsFarIsNot() {
        var plan = room();
        // 500 from the east wall, 1200 from the south: seen before the east wall, from its left (north) end 1800 - half
        plan = FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        "armchair",
                        Length.ofMm(800),
                        Length.ofMm(600),
                        Length.ofMm(900),
                        Position.ofMm(3500 - 400, 1200),
                        0)
                .plan();
        var east = towards(plan, "east");
        assertThat(east.before()).singleElement().satisfies(b -> {
            assertThat(b.box()).isEqualTo(new Box(3000 - 1200 - 300, 0, 3000 - 1200 + 300, 900));
            assertThat(b.awayMm()).isCloseTo(500, within(1e-6));
        });
        assertThat(towards(plan, "west").before()).isEmpty();
    }

    @Test
    void everyWallOfTheDemosIsFoundOnceAndItsSurfacesLieInIt() {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            for (var storey : LaidPlan.of(plan).all()) {
                for (var room : storey.geometry().rooms()) {
                    var all = WallElevation.around(storey, room);
                    assertThat(all).doesNotHaveDuplicates();
                    for (var subject : all) {
                        var wall = WallElevation.of(storey, subject).orElseThrow();
                        assertThat(wall.lengthMm()).isPositive();
                        assertThat(wall.covered()).allSatisfy(c -> {
                            assertThat(c.fromMm()).isBetween(-1e-6, wall.lengthMm());
                            c.surface()
                                    .outline()
                                    .forEach(o -> assertThat(
                                                    c.fromMm() + o.bounds().maxX())
                                            .isLessThanOrEqualTo(wall.lengthMm() + 1));
                        });
                        assertThat(wall.holes())
                                .allSatisfy(h -> assertThat(h.box().maxX()).isPositive());
                    }
                }
            }
        }
    }
}
