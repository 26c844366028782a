package honeylamp.derive.snags;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.fixed.StairRule;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;

/** What is probably wrong with the stairs and ramps of a storey. */
final class StairSnags {
    private static final double LEVEL_MM = 1;
    private static final double LEAST_OVERLAP_MM2 = 1000;

    /** The steepest ramp one climbs with ease: 1 in 12. */
    private static final double STEEPEST_RAMP = 1.0 / 12;

    private final Plan plan;
    private final StoreyGeometry geometry;
    private final Storey storey;
    private final List<Snag> found = new ArrayList<>();

    private StairSnags(Plan plan, StoreyGeometry geometry) {
        this.plan = plan;
        this.geometry = geometry;
        this.storey = geometry.storey();
    }

    static List<Snag> of(Plan plan, StoreyGeometry geometry) {
        var snags = new StairSnags(plan, geometry);
        for (var part : snags.storey.structures()) {
            if (part.form() instanceof Stair stair) {
                snags.level(part, stair);
                snags.ease(part, stair);
                snags.turns(part, stair);
            } else if (part.form() instanceof Block block && block.kind() == Structure.Kind.RAMP) {
                snags.ramp(part, block);
            }
        }
        FixedParts.on(plan, snags.storey).stairs().forEach(snags::headroom);
        return snags.found;
    }

    private void level(Structure part, Stair stair) {
        var rise = FixedParts.rise(plan, storey, stair.leads());
        var known = FixedParts.leadsSomewhere(plan, storey, stair.leads());
        if (known && Math.abs(rise.minus(stair.rise()).mm()) > LEVEL_MM) {
            add(
                    Snag.Kind.STAIR_OFF_LEVEL,
                    part,
                    "The stair rises " + shown(stair.rise()) + ", but from floor to floor it is " + shown(rise)
                            + ". Mend steps it anew.");
        }
    }

    private void ease(Structure part, Stair stair) {
        var riser = Length.ofMm(stair.riserMm());
        if (stair.riserMm() > StairRule.STEEPEST_RISER_MM) {
            add(Snag.Kind.STAIR_HARD_TO_CLIMB, part, "Risers of " + shown(riser) + " are steep. Use more of them.");
        } else if (stair.going().mm() < StairRule.LEAST_GOING_MM) {
            add(
                    Snag.Kind.STAIR_HARD_TO_CLIMB,
                    part,
                    "Goings of " + shown(stair.going()) + " leave little room for a foot. Make the stair longer.");
        } else if (!StairRule.isEasy(stair)
                && (stair.shape() != Stair.Shape.SPIRAL
                        || stair.strideMm() > StairRule.stride(plan.units()).mm())) {
            add(
                    Snag.Kind.STAIR_HARD_TO_CLIMB,
                    part,
                    "Two risers and a going make " + shown(Length.ofMm(stair.strideMm()))
                            + "; a stride is about " + shown(StairRule.stride(plan.units()))
                            + ". Change the going or the number of risers.");
        }
    }

    /** Of a spiral that turns more than once, whether the turn above leaves room for the head. */
    private void turns(Structure part, Stair stair) {
        var turn = StairRule.turnRiseMm(stair);
        if (stair.shape() == Stair.Shape.SPIRAL
                && turn < StairRule.SPIRAL_TURN_MM - LEVEL_MM
                && turn < stair.rise().mm()) {
            add(
                    Snag.Kind.STAIR_HARD_TO_CLIMB,
                    part,
                    "A full turn of the spiral rises by " + shown(Length.ofMm(turn))
                            + " only, too little for the head. Make it wider, or its going smaller.");
        }
    }

    private void ramp(Structure part, Block ramp) {
        if (ramp.height().mm() > ramp.depth().mm() * STEEPEST_RAMP + LEVEL_MM) {
            add(
                    Snag.Kind.STEEP_RAMP,
                    part,
                    "The ramp climbs 1 in "
                            + Math.round(10 * ramp.climbsOneIn()) / 10.0
                            + "; steeper than 1 in 12 is hard to walk. Make it longer.");
        }
    }

    /** Walls of the upper storey over steps that need the floor open; walls of the lower one on the steps. */
    private void headroom(FixedParts.Flights flights) {
        var headroom = plan.brief().minimums().headroom();
        if (flights.seen() == FixedParts.End.HEAD && meetsWall(flights.well())) {
            add(
                    Snag.Kind.LOW_HEADROOM,
                    flights.part(),
                    "A wall stands over steps of the stair with less than " + shown(headroom)
                            + " for the head. Move the stair or the wall.");
        } else if (flights.seen() == FixedParts.End.FOOT
                && meetsWall(flights.steps().below(headroom.mm()))) {
            add(
                    Snag.Kind.WALL_IN_STAIR,
                    flights.part(),
                    "A wall stands on steps of the stair. Move the stair or the wall.");
        }
    }

    private boolean meetsWall(List<Outline> steps) {
        for (var part : steps) {
            var walls = geometry.network().near(part.bounds()).stream()
                    .map(p -> Outline.of(p.body()))
                    .toList();
            var over = Regions.intersection(walls, List.of(part)).stream()
                    .mapToDouble(Outline::area)
                    .sum();
            if (over > LEAST_OVERLAP_MM2) {
                return true;
            }
        }
        return false;
    }

    private void add(Snag.Kind kind, Structure part, String sentence) {
        found.add(new Snag(kind, part.at().point(), List.of(part.id()), sentence));
    }

    private String shown(Length length) {
        return LengthText.rounded(length, plan.units());
    }
}
