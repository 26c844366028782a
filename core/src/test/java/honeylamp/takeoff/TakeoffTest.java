package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Materials;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Coverings;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallTypeEdits;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.BuildUpLayer.Board;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Goods;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a plan comes to, worked out by hand for a room of 4 by 3 m. */
class TakeoffTest {
    /** 4 x 3 m clear, 2.5 m high or what a storey has, tiled 300 x 300 with joints of 4, a door 885 wide in the south. */
    private static Plan room() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        plan = TestPlans.opening(plan, 0, OpeningKind.DOOR, 1000, 885, Hand.FIRST, Swing.LEFT);
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Bath", Finish.of("square-tile"))
                .plan();
        var room =
                new Surface.Walls(plan.storeys().getFirst().rooms().getFirst().id());
        return Coverings.cover(plan, TestPlans.storey(plan), room, Optional.of(Finish.of("paint-sage")));
    }

    private static Schedule of(Plan plan, Subject subject) {
        return Takeoff.of(LaidPlan.of(plan), subject);
    }

    private static Cell cell(Schedule schedule, int row, String key) {
        for (var c = 0; c < schedule.columns().size(); c++) {
            if (schedule.columns().get(c).key().equals(key)) {
                return schedule.rows().get(row).cells().get(c);
            }
        }
        throw new AssertionError("no column " + key);
    }

    private static double m2(Schedule schedule, int row) {
        return ((Cell.Wide) cell(schedule, row, "area")).areaMm2() / 1e6;
    }

    private static double number(Schedule schedule, int row, String key) {
        return ((Cell.Number) cell(schedule, row, key)).value().orElse(0);
    }

    @Test
    void theFloorIsCountedAndTheWallsAreNetOfTheDoor() {
        var plan = room();
        var storey = plan.storeys().getFirst();
        var finishes = of(plan, Subject.FINISHES);
        assertThat(cell(finishes, 0, "surface")).isEqualTo(new Cell.Words("floor"));
        assertThat(m2(finishes, 0)).isCloseTo(12, within(1e-9));
        // 4000 = 13 x 304 + 48, 3000 = 9 x 304 + 264: 117 whole, 13 large, 9 of 48 and one of 48 x 264 small
        assertThat(number(finishes, 0, "whole")).isEqualTo(117);
        assertThat(number(finishes, 0, "large")).isEqualTo(13);
        assertThat(number(finishes, 0, "small")).isEqualTo(10);
        assertThat(number(finishes, 0, "order")).isEqualTo(117 + 13 + 5);
        var door = storey.openings().getFirst();
        var height = storey.height().mm();
        var walls = 0.0;
        for (var r = 1; r < finishes.rows().size(); r++) {
            walls += m2(finishes, r);
        }
        assertThat(finishes.rows()).hasSize(5);
        assertThat(walls)
                .isCloseTo(
                        (2 * 7000 * height
                                        - 885 * (door.head().mm() - door.sill().mm()))
                                / 1e6,
                        within(1e-9));
    }

    @Test
    void paintIsSaidInLitresForTwoCoats() {
        var materials = of(room(), Subject.MATERIALS);
        assertThat(cell(materials, 1, "finish")).isEqualTo(new Cell.Words("Paint, sage"));
        var area = m2(materials, 1);
        assertThat(number(materials, 1, "litres")).isCloseTo(2 * area / 11, within(1e-9));
        assertThat(number(materials, 0, "litres")).isZero();
    }

    @Test
    void boxesWeightAndCostFollowFromWhatIsSaidOfThePieces() {
        var plan = room();
        var tile = Materials.of("square-tile").orElseThrow().laying();
        var boxed = Finish.of("square-tile")
                .withLaying(Optional.of(tile.withGoods(new Goods(Length.ofMm(9), 11, 2400, 1800, Length.ofMm(3)))));
        var storey = plan.storeys().getFirst();
        plan = RoomEdits.change(plan, storey.id(), storey.rooms().getFirst().id(), m -> m.withFloor(boxed));
        var materials = of(plan, Subject.MATERIALS);
        // 135 tiles are 13 boxes of 11, thus 143 of 1.8 kg
        assertThat(number(materials, 0, "boxes")).isEqualTo(13);
        assertThat(number(materials, 0, "kg")).isCloseTo(143 * 1.8, within(1e-9));
        assertThat(number(materials, 0, "cost")).isCloseTo(13 * 24, within(1e-9));
    }

    @Test
    void aSkirtingEndsAtTheDoor() {
        var edges = of(room(), Subject.EDGES);
        assertThat(cell(edges, 0, "perimeter")).isEqualTo(new Cell.Long(Length.ofMm(14_000)));
        assertThat(cell(edges, 0, "skirting")).isEqualTo(new Cell.Long(Length.ofMm(14_000 - 885)));
        assertThat(cell(edges, 0, "thresholds")).isEqualTo(new Cell.Long(Length.ofMm(885)));
    }

    @Test
    void wallsAreTheirBodiesLessTheirOpenings() {
        var plan = room();
        var walls = of(plan, Subject.WALLS);
        var storey = plan.storeys().getFirst();
        var thick = plan.wallType(storey.walls().getFirst().type()).thickness().mm();
        var height = storey.walls().getFirst().height().mm();
        var door = storey.openings().getFirst();
        var ground = (4000 + 2 * thick) * (3000 + 2 * thick) - 4000 * 3000;
        var hole = 885 * (door.head().mm() - door.sill().mm()) * thick;
        assertThat(number(walls, 0, "volume_m3")).isCloseTo((ground * height - hole) / 1e9, within(1e-6));
        assertThat(((Cell.Long) cell(walls, 0, "length")).length().mm()).isCloseTo(ground / thick, within(0.01));
    }

    /** Brick and lining in the walls, insulation and screed under a floor of 4 by 3 m. */
    @Test
    void layersOfWallsAndFloorsAreListedWithTheirAreasAndVolumes() {
        var plain = room();
        var storey = plain.storeys().getFirst();
        var type = plain.wallType(storey.walls().getFirst().type());
        var lining = Length.ofMm(20);
        var layered = WallTypeEdits.change(
                plain,
                type.withLayers(List.of(
                        new BuildUpLayer("Brick", type.thickness().minus(lining)),
                        new BuildUpLayer("Lining", lining))));
        var plan = RoomEdits.change(
                layered,
                storey.id(),
                storey.rooms().getFirst().id(),
                m -> m.withFit(m.fit()
                        .withFloorLayers(List.of(
                                new BuildUpLayer("Screed", Length.ofMm(65)),
                                new BuildUpLayer("Insulation", Length.ofMm(100))))));
        var layers = of(plan, Subject.LAYERS);
        var walls = of(plan, Subject.WALLS);
        assertThat(layers.rows()).hasSize(4);
        assertThat(cell(layers, 1, "layer")).isEqualTo(new Cell.Words("Lining"));
        var face = ((Cell.Wide) cell(walls, 0, "faces")).areaMm2() / 2;
        assertThat(m2(layers, 1)).isCloseTo(face / 1e6, within(1e-9));
        assertThat(number(layers, 1, "volume_m3")).isCloseTo(face * 20 / 1e9, within(5e-4));
        assertThat(number(layers, 0, "volume_m3") + number(layers, 1, "volume_m3"))
                .isCloseTo(number(walls, 0, "volume_m3"), within(0.02));
        assertThat(cell(layers, 2, "part")).isEqualTo(new Cell.Words("floors"));
        assertThat(m2(layers, 2)).isCloseTo(12, within(1e-6));
        assertThat(number(layers, 2, "volume_m3")).isCloseTo(0.78, within(1e-6));
        assertThat(number(layers, 3, "volume_m3")).isCloseTo(1.2, within(1e-6));
    }

    /**
     * On a floor of 4,000 by 3,000 boards of 600 by 1,200 lie in five rows of three and a third: 15 whole, and three more
     * for five thirds. At a free wall of 5,000 by 2,600 stand four of 1,250 by 2,500 and, above them, four strips of 100 out
     * of two; an opening of 2,500 by 2,500 takes two of them away.
     */
    @Test
    void boardsAreCountedAsTheyStandAndLie() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Loft", Finish.of("bare"))
                .plan();
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var floor = new BuildUpLayer("Chipboard", Length.ofMm(22))
                .withBoard(Optional.of(new Board(Length.ofMm(600), Length.ofMm(1200))));
        plan = RoomEdits.fit(plan, TestPlans.storey(plan), room, f -> f.withFloorLayers(List.of(floor)));
        var layers = of(plan, Subject.LAYERS);
        var at = layers.rows().size() - 1;
        assertThat(cell(layers, at, "board")).isEqualTo(new Cell.Words("600 \u00d7 1200"));
        assertThat(number(layers, at, "boards")).isEqualTo(18);
        assertThat(boards(free())).isEqualTo(6);
        assertThat(boards(TestPlans.opening(free(), 0, OpeningKind.PLAIN, 1250, 2500, Hand.FIRST, Swing.LEFT)))
                .isEqualTo(4);
    }

    private static Plan free() {
        var plan = TestPlans.walled(TestPlans.start().plan(), 0, 0, 5000, 0, TestPlans.PARTITION);
        var board = new BuildUpLayer("Board", Length.ofMm(12.5))
                .withBoard(Optional.of(new Board(Length.ofMm(1250), Length.ofMm(2500))));
        var type = plan.wallType(TestPlans.PARTITION);
        var studs = new BuildUpLayer("Studs", type.thickness().minus(board.thickness()));
        return WallTypeEdits.change(plan, type.withLayers(List.of(board, studs)));
    }

    /** Of the only layer that comes in boards; an opening of it reaches 2,500 high. */
    private static double boards(Plan plan) {
        var storey = plan.storeys().getFirst();
        var high = plan;
        for (var o : storey.openings()) {
            high = OpeningEdits.setHeights(high, storey.id(), o.id(), Length.ZERO, Length.ofMm(2500))
                    .orThrow();
        }
        return number(of(high, Subject.LAYERS), 0, "boards");
    }

    @Test
    void everyFloorIsAsLargeAsItsRoomAndMaterialsAddUpToTheirSurfaces() {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan(), room())) {
            var laid = LaidPlan.of(plan);
            var covered = Takeoff.covered(laid);
            for (var storey : laid.all()) {
                for (var room : storey.geometry().rooms()) {
                    room.mark()
                            .ifPresent(mark -> covered.stream()
                                    .filter(c -> c.surface().equals(new Surface.Floor(mark.id())))
                                    .forEach(c -> assertThat(c.areaMm2())
                                            .isLessThanOrEqualTo(room.outline().area() + 1e-3)));
                }
            }
            var finishes = Takeoff.of(laid, Subject.FINISHES).total();
            var materials = Takeoff.of(laid, Subject.MATERIALS).total();
            assertThat(((Cell.Wide) materials.get(3)).areaMm2())
                    .isCloseTo(((Cell.Wide) finishes.get(5)).areaMm2(), within(1e-3));
        }
    }

    @Test
    void wordsChooseRowsAndMaterialsAreCountedForTheseOnly() {
        var laid = LaidPlan.of(room());
        assertThat(Takeoff.of(laid, Subject.FINISHES, "bath wall").rows()).hasSize(4);
        assertThat(Takeoff.of(laid, Subject.FINISHES, "bath north").rows()).hasSize(1);
        assertThat(m2(Takeoff.of(laid, Subject.MATERIALS, "north wall"), 0))
                .isCloseTo(4 * laid.storeys().getFirst().height().mm() / 1000, within(1e-9));
        assertThat(Takeoff.of(laid, Subject.FINISHES, "kitchen").rows()).isEmpty();
    }

    @Test
    void aWallInCoursesIsCountedCourseByCourseUpToTheTop() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Bath", Finish.of("screed"))
                .plan();
        var storey = plan.storeys().getFirst();
        var ink = Laying.of(new Pattern.Stack(), 200, 200, 0);
        var white = Laying.of(new Pattern.Stack(), 100, 400, 0);
        var finish = Finish.of("paint-chalk")
                .withCourses(List.of(
                        new Finish.Course("tile-ink", ink, Optional.empty(), Length.ofMm(400), Finish.Begins.LEFT),
                        new Finish.Course(
                                "tile-white", white, Optional.empty(), Length.ofMm(100), Finish.Begins.RIGHT)));
        var walls = new Surface.Walls(storey.rooms().getFirst().id());
        var covered = Coverings.cover(plan, storey.id(), walls, Optional.of(finish));
        var north = Takeoff.of(LaidPlan.of(covered), Subject.FINISHES, "north");
        assertThat(north.rows()).hasSize(3);
        assertThat(number(north, 0, "whole")).isEqualTo(40); // 4000 / 200 by 400 / 200
        assertThat(number(north, 1, "whole")).isEqualTo(10); // one row of 4000 / 400
        assertThat(m2(north, 0)).isCloseTo(1.6, within(1e-9));
        assertThat(m2(north, 1)).isCloseTo(0.4, within(1e-9));
        assertThat(m2(north, 2)).isCloseTo(4 * (storey.height().mm() - 500) / 1000, within(1e-9));
        // from the right, 3000 = 7 x 400 + 200: the cut piece lies at the left end
        var east = Takeoff.of(LaidPlan.of(covered), Subject.FINISHES, "east");
        assertThat(number(east, 1, "whole")).isEqualTo(7);
        assertThat(number(east, 1, "small")).isEqualTo(1);
    }

    /** Slabs of 900 by 1,000 on 4,000 by 3,000: three strips of 400 remain, two of which come out of one slab. */
    @Test
    void theCuttingListSaysWhichCutsComeOutOfOnePiece() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        var slabs = Finish.of("stone-slabs").withLaying(Optional.of(Laying.of(new Pattern.Stack(), 1000, 900, 0)));
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Hall", slabs)
                .plan();
        var cuts = of(plan, Subject.CUTS);
        assertThat(cuts.rows()).hasSize(2);
        var into = java.util.stream.IntStream.range(0, 2)
                .mapToObj(i -> ((Cell.Words) cell(cuts, i, "into")).text())
                .toList();
        assertThat(into).containsExactlyInAnyOrder("400 \u00d7 1000, 400 \u00d7 1000", "400 \u00d7 1000");
        assertThat(number(cuts, 0, "cuts") + number(cuts, 1, "cuts")).isEqualTo(3);
        assertThat(number(cuts, into.indexOf("400 \u00d7 1000"), "left_percent"))
                .isCloseTo(100 * 5 / 9.0, within(0.5));
    }

    private static Row finishRow(Plan plan, String part) {
        return of(plan, Subject.FINISHES).rows().stream()
                .filter(r -> r.cells().contains(new Cell.Words(part)))
                .findFirst()
                .orElseThrow();
    }

    /** A host has several surfaces: what is typed over a row goes to the one it is about. */
    @Test
    void finishesAreTypedOverInTheirList() {
        var plan = room();
        var floor = finishRow(plan, "floor");
        var why = FinishTyping.why(LaidPlan.of(plan), floor, " hard-wearing ").orThrow();
        assertThat(mark(why).floor().reason()).isEqualTo("hard-wearing");
        var cork = FinishTyping.finish(LaidPlan.of(why), finishRow(why, "floor"), "cork")
                .orThrow();
        assertThat(mark(cork).floor().material()).isEqualTo("cork");
        assertThat(mark(cork).floor().reason()).isEqualTo("hard-wearing");
        assertThat(cork.storeys().getFirst().coverings())
                .isEqualTo(plan.storeys().getFirst().coverings());
        var walls = FinishTyping.why(LaidPlan.of(plan), finishRow(plan, "north wall"), "calm")
                .orThrow();
        assertThat(walls.storeys().getFirst().coverings())
                .filteredOn(c -> c.finish().reason().equals("calm"))
                .singleElement()
                .satisfies(c -> assertThat(c.surface()).isInstanceOf(Surface.WallSide.class));
        assertThat(of(walls, Subject.FINISHES).rows())
                .filteredOn(r -> r.cells().contains(new Cell.Words("calm")))
                .hasSize(1);
        assertThat(mark(walls).floor()).isEqualTo(mark(plan).floor());
        assertThat(FinishTyping.finish(LaidPlan.of(plan), floor, "corkk")
                        .refusal()
                        .orElseThrow())
                .contains("no finish is called \"corkk\"")
                .contains("Cork");
        var gone = RoomEdits.change(
                plan, TestPlans.storey(plan), mark(plan).id(), m -> m.withFloor(Finish.of("carpet-oat")));
        assertThat(FinishTyping.why(LaidPlan.of(gone), floor, "late").refusal()).isPresent();
    }

    private static RoomMark mark(Plan plan) {
        return plan.storeys().getFirst().rooms().getFirst();
    }
}
