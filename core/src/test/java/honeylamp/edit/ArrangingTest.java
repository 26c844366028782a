package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.Arranging.Along;
import honeylamp.edit.Arranging.Depth;
import honeylamp.edit.Arranging.Edge;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Several things in line, at equal gaps, before and behind, and one like another. */
class ArrangingTest {
    private static final Plan DEMO = SailclothYard.plan();

    private static Storey storey(Plan plan) {
        return plan.storeys().getFirst();
    }

    private static StoreyGeometry geometry(Plan plan) {
        return StoreyGeometry.of(plan, storey(plan));
    }

    private static double edge(Plan plan, ElementId id, Edge edge) {
        var box = Picking.bounds(geometry(plan), Set.of(id)).orElseThrow();
        return switch (edge) {
            case LEFT -> box.minX();
            case CENTRE -> (box.minX() + box.maxX()) / 2;
            case RIGHT -> box.maxX();
            case UPPER -> box.maxY();
            case MIDDLE -> (box.minY() + box.maxY()) / 2;
            case LOWER -> box.minY();
        };
    }

    private static Set<ElementId> pieces(String... kinds) {
        return storey(DEMO).furnishings().stream()
                .filter(f -> List.of(kinds).contains(f.kind()))
                .map(Furnishing::id)
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @EnumSource
    void allEdgesComeToTheOutermostOfThem(Edge edge) {
        var picked = pieces("sofa", "low-table", "plant");
        assertThat(picked).hasSizeGreaterThan(2);
        var before = picked.stream().mapToDouble(id -> edge(DEMO, id, edge)).summaryStatistics();
        var plan = Arranging.align(DEMO, geometry(DEMO), picked, edge).orThrow();
        var after = picked.stream().mapToDouble(id -> edge(plan, id, edge)).summaryStatistics();
        assertThat(after.getMax() - after.getMin()).isLessThan(1e-3);
        switch (edge) {
            case LEFT, LOWER -> assertThat(after.getMin()).isCloseTo(before.getMin(), within(1e-3));
            case RIGHT, UPPER -> assertThat(after.getMax()).isCloseTo(before.getMax(), within(1e-3));
            case CENTRE, MIDDLE -> assertThat(after.getMin()).isBetween(before.getMin(), before.getMax());
        }
    }

    @Test
    void equalGapsKeepTheOutermostTwoWhereTheyAre() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var storey = storey(plan).id();
        // 400, 800 and 600 wide at 500, 1,300 and 5,000: 4,900 between 300 and 5,300 less 1,800 leaves two gaps of
        // 1,600
        var ids = new ArrayList<ElementId>();
        double[][] places = {{400, 500}, {800, 1300}, {600, 5000}};
        for (var p : places) {
            var added = FurnishingEdits.add(
                    plan,
                    storey,
                    "rug",
                    Length.ofMm(p[0]),
                    Length.ofMm(500),
                    Length.ofMm(10),
                    Position.ofMm(p[1], 1000),
                    0);
            plan = added.plan();
            ids.add(added.id());
        }
        var spaced = Arranging.distribute(plan, geometry(plan), Set.copyOf(ids), Along.ACROSS)
                .orThrow();
        assertThat(edge(spaced, ids.get(0), Edge.LEFT)).isCloseTo(300, within(1e-3));
        assertThat(edge(spaced, ids.get(2), Edge.RIGHT)).isCloseTo(5300, within(1e-3));
        assertThat(edge(spaced, ids.get(1), Edge.LEFT) - edge(spaced, ids.get(0), Edge.RIGHT))
                .isCloseTo(1600, within(1e-3));
        assertThat(edge(spaced, ids.get(2), Edge.LEFT) - edge(spaced, ids.get(1), Edge.RIGHT))
                .isCloseTo(1600, within(1e-3));
    }

    @Test
    void tooFewThingsAreRefusedInWords() {
        var one = pieces("sofa");
        assertThat(Arranging.align(DEMO, geometry(DEMO), one, Edge.LEFT).refusal())
                .isPresent();
        assertThat(Arranging.distribute(DEMO, geometry(DEMO), one, Along.UP).refusal())
                .isPresent();
    }

    @Test
    void aNudgeMovesAllKindsAndOpeningsAlongTheirWalls() {
        var sofa = pieces("sofa").iterator().next();
        var opening = storey(DEMO).openings().stream()
                .filter(o -> storey(DEMO)
                        .wall(o.host())
                        .filter(w -> Math.abs(w.chord().unit().y()) < 1e-9)
                        .isPresent())
                .findFirst()
                .orElseThrow();
        var sign =
                storey(DEMO).wall(opening.host()).orElseThrow().chord().unit().x();
        var plan = Arranging.nudge(DEMO, geometry(DEMO), Set.of(sofa, opening.id()), Length.ofMm(10), Length.ofMm(-1))
                .orThrow();
        assertThat(edge(plan, sofa, Edge.LEFT) - edge(DEMO, sofa, Edge.LEFT)).isCloseTo(10, within(1e-6));
        assertThat(edge(plan, sofa, Edge.LOWER) - edge(DEMO, sofa, Edge.LOWER)).isCloseTo(-1, within(1e-6));
        var moved = storey(plan).opening(opening.id()).orElseThrow();
        assertThat(moved.offset().mm() - opening.offset().mm()).isCloseTo(10 * sign, within(1e-6));
    }

    @Test
    void whatIsLaidBeforeOthersIsDrawnLast() {
        var first = storey(DEMO).furnishings().getFirst().id();
        var plan = Arranging.order(DEMO, storey(DEMO), Set.of(first), Depth.BEFORE);
        assertThat(storey(plan).furnishings().getLast().id()).isEqualTo(first);
        assertThat(Set.copyOf(storey(plan).furnishings()))
                .isEqualTo(Set.copyOf(storey(DEMO).furnishings()));
        var back = Arranging.order(plan, storey(plan), Set.of(first), Depth.BEHIND);
        assertThat(back).isEqualTo(DEMO);
        assertThat(Arranging.order(back, storey(back), Set.of(first), Depth.BEHIND))
                .isEqualTo(back);
    }

    @Test
    void thingsBecomeLikeOneOfTheirKindAndStayWhereTheyStand() {
        var storey = storey(DEMO);
        var walls = storey.walls();
        var thick = walls.stream()
                .max(Comparator.comparingDouble(
                        w -> DEMO.wallType(w.type()).thickness().mm()))
                .orElseThrow();
        var other = walls.stream()
                .filter(w -> !w.type().equals(thick.type()))
                .findFirst()
                .orElseThrow();
        var plan =
                Likening.like(DEMO, storey.id(), thick.id(), Set.of(other.id())).orThrow();
        Wall now = storey(plan).wall(other.id()).orElseThrow();
        assertThat(now.type()).isEqualTo(thick.type());
        assertThat(now.from()).isEqualTo(other.from());
        assertThat(now.body()).isEqualTo(other.body());

        Opening door = storey.openings().getFirst();
        var wider = storey.openings().stream()
                .filter(o -> o.width().mm() != door.width().mm())
                .findFirst()
                .orElseThrow();
        var doors =
                Likening.like(DEMO, storey.id(), wider.id(), Set.of(door.id())).orThrow();
        var made = storey(doors).opening(door.id()).orElseThrow();
        assertThat(made.kind()).isEqualTo(wider.kind());
        assertThat(made.width()).isEqualTo(wider.width());
        assertThat(made.middleMm()).isCloseTo(door.middleMm(), within(1e-3)); // about its middle
        assertThat(made.host()).isEqualTo(door.host());

        var atTheEnd = OpeningEdits.moveTo(DEMO, storey.id(), door.id(), Length.ZERO);
        var widest = storey.openings().stream()
                .max(Comparator.comparing(Opening::width))
                .orElseThrow();
        assertThat(widest.width().mm()).isGreaterThan(door.width().mm());
        var pushed = Likening.like(atTheEnd, storey.id(), widest.id(), Set.of(door.id()))
                .orThrow(); // its wall does not begin before
        assertThat(storey(pushed).opening(door.id()).orElseThrow().offset()).isEqualTo(Length.ZERO);

        assertThat(Likening.like(DEMO, storey.id(), thick.id(), Set.of(door.id()))
                        .refusal())
                .hasValueSatisfying(r -> assertThat(r).contains("of the kind"));
    }
}
