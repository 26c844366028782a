package honeylamp.derive.storeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.Dissection;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.tiers.DimensionTiers;
import honeylamp.edit.Added;
import honeylamp.edit.Deletion;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Mending;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.Settling;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.edit.WallShaping;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.plan.Tiers;
import honeylamp.plan.Wall.BodySide;
import honeylamp.sheet.SheetComposer;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
import honeylamp.units.ShownIn;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/**
 * Whatever is drawn can be derived, counted, listed, mended and shown: slanted and curved walls across each other, ends
 * a hair apart, boundaries, voids, openings and pieces anywhere. {@code -Dhoneylamp.plans=20000} looks farther.
 */
class AnyPlanTest {
    private static final int PLANS = Integer.getInteger("honeylamp.plans", 25);
    private static final Length REACH = Length.ofMm(300);

    private static <T> T any(Random random, List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    /** Anywhere; often on, near, or in the body of what is there. */
    private static Position place(Random random, Plan plan) {
        var walls = plan.storeys().getFirst().walls();
        if (!walls.isEmpty() && random.nextInt(3) > 0) {
            var wall = any(random, walls);
            var on = switch (random.nextInt(3)) {
                case 0 -> wall.from().point();
                case 1 -> wall.to().point();
                default -> wall.line().at(random.nextDouble() * wall.line().length());
            };
            var off = switch (random.nextInt(4)) {
                case 0 -> 0;
                case 1 -> random.nextDouble();
                case 2 -> random.nextInt(200);
                default -> random.nextInt(40) / 64.0 * 25.4;
            };
            return Position.of(on.plus(Point.direction(random.nextInt(8) * 45).times(off)));
        }
        return Position.ofMm(random.nextInt(12_000), random.nextInt(9_000));
    }

    private static Plan edited(Plan plan, Random random) {
        var storey = plan.storeys().getFirst();
        var id = storey.id();
        var type = any(random, plan.wallTypes()).id();
        var body = any(random, List.of(BodySide.values()));
        return switch (random.nextInt(storey.walls().isEmpty() ? 1 : 13)) {
            case 0, 1, 2 ->
                WallEdits.add(plan, id, place(random, plan), place(random, plan), body, type)
                        .map(Added::plan)
                        .result()
                        .orElse(plan);
            case 3 ->
                WallEdits.addArc(
                                plan,
                                id,
                                place(random, plan),
                                place(random, plan),
                                Length.ofMm(random.nextInt(3000) - 1500),
                                body,
                                type)
                        .map(Added::plan)
                        .result()
                        .orElse(plan);
            case 4 ->
                RoomEdits.bound(plan, id, place(random, plan), place(random, plan))
                        .map(Added::plan)
                        .result()
                        .orElse(plan);
            case 5 ->
                StructureEdits.add(
                                plan,
                                id,
                                new Structure.Block(
                                        any(random, List.of(Structure.Kind.values())),
                                        Length.ofMm(1 + random.nextInt(3000)),
                                        Length.ofMm(1 + random.nextInt(3000)),
                                        Length.ofMm(2600)),
                                place(random, plan),
                                random.nextInt(360))
                        .plan();
            case 6, 7 ->
                OpeningEdits.add(
                                plan,
                                id,
                                any(random, List.of(OpeningKind.values())),
                                any(random, storey.walls()).id(),
                                Length.ofMm(random.nextInt(4000)),
                                Length.ofMm(1 + random.nextInt(2500)),
                                any(random, List.of(Hand.values())),
                                any(random, List.of(Swing.values())))
                        .plan();
            case 8 ->
                WallEdits.moveCorner(plan, id, any(random, storey.walls()).from(), place(random, plan))
                        .result()
                        .orElse(plan);
            case 9 ->
                FurnishingEdits.add(
                                plan,
                                id,
                                any(random, Furnishings.all()).key(),
                                Length.ofMm(1 + random.nextInt(3000)),
                                Length.ofMm(1 + random.nextInt(2000)),
                                Length.ofMm(1 + random.nextInt(2000)),
                                place(random, plan),
                                random.nextInt(360))
                        .plan();
            case 10 ->
                WallEdits.bend(plan, id, any(random, storey.walls()).id(), Length.ofMm(random.nextInt(2000) - 1000))
                        .result()
                        .orElse(plan);
            case 11 ->
                WallShaping.split(plan, id, any(random, storey.walls()).id(), Length.ofMm(random.nextInt(3000)))
                        .map(Added::plan)
                        .result()
                        .orElse(plan);
            default -> Deletion.of(plan, id, Set.of(any(random, storey.walls()).id()));
        };
    }

    /** Everything that is derived from a plan whenever it is shown. */
    private static void derived(Plan plan, Random random) {
        var storey = plan.storeys().getFirst();
        var geometry = StoreyGeometry.of(plan, storey);
        var areas = Areas.of(plan, geometry);
        assertThat(areas.externalGrossMm2()).isGreaterThanOrEqualTo(0);
        for (var room : geometry.rooms()) {
            assertThat(room.areaMm2()).isPositive();
            assertThat(Dissection.of(geometry, room).areaMm2())
                    .isCloseTo(room.areaMm2(), offset(Math.max(10, room.areaMm2() * 1e-6)));
        }
        var snags = Snags.of(geometry, plan, REACH);
        for (var system : UnitSystem.values()) {
            assertThat(DimensionTiers.of(geometry, ShownIn.only(Rounding.finest(system)), Tiers.USUAL))
                    .isNotNull();
        }
        if (!snags.isEmpty() && random.nextInt(4) == 0) {
            var snag = any(random, snags);
            Mending.of(plan, geometry, snag, REACH)
                    .ifPresent(
                            m -> StoreyGeometry.of(m.plan(), m.plan().storeys().getFirst()));
        }
        for (var subject : Schedule.Subject.values()) {
            assertThat(Takeoff.of(LaidPlan.of(plan), subject)).isNotNull();
        }
        var page = SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM);
        assertThat(page.drawing().layers()).isNotEmpty();
    }

    private static void walk(Plan start, long seed, int actions) {
        var random = new Random(seed);
        var plan = start;
        for (var i = 0; i < actions; i++) {
            var before = StoreyGeometry.of(plan, plan.storeys().getFirst());
            var next = edited(plan, random);
            plan = Settling.settled(
                    before, next, StoreyGeometry.network(next, next.storeys().getFirst()));
        }
        derived(plan, random);
    }

    /** A room of 426 mm² whose slabs lost 12 mm² of it. */
    @Test
    void theWorkingOfASliverSumsToItsArea() {
        walk(NewPlan.in(UnitSystem.MM), 1749, 12 + 1749 % 20);
    }

    @Test
    void whateverIsDrawnCanBeDerived() {
        var soft = new SoftAssertions();
        for (var seed = 0; seed < PLANS; seed++) {
            var number = seed;
            soft.check(() -> {
                try {
                    walk(NewPlan.in(UnitSystem.MM), number, 12 + number % 20);
                } catch (AssertionError e) {
                    throw new AssertionError("plan " + number + ": " + e.getMessage(), e);
                } catch (RuntimeException e) {
                    throw new AssertionError(
                            "plan " + number + ": " + e + " at " + e.getStackTrace()[1] + " " + e.getStackTrace()[2]
                                    + " " + e.getStackTrace()[3] + " " + e.getStackTrace()[4],
                            e);
                }
            });
        }
        soft.assertAll();
    }
}
