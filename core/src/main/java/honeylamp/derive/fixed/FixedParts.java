package honeylamp.derive.fixed;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The fixed parts one meets on a storey: its own, shafts and chimneys that come through it, and stairs that
 * lead to it from the storeys beside it.
 *
 * @param blocks parts of this storey and those that run through it
 * @param stairs stairs that begin or end here
 */
public record FixedParts(List<Structure> blocks, List<Flights> stairs) {
    /** Floors are taken to be so thick where no storey below or above tells. */
    public static final Length USUAL_FLOOR = Length.ofMm(300);

    /** A part reaches a storey only if it rises above its floor by more than this, in mm. */
    private static final double LEAST_REACH_MM = 300;

    /** Two levels nearer than this are the same, in mm. */
    private static final double SAME_LEVEL_MM = 300;

    /**
     * A stair as seen from one storey.
     *
     * @param part the stair, on whichever storey it was drawn
     * @param seen the end of it that stands here
     * @param steps in plan mm
     * @param openFrom the first tread over which the upper floor is open
     */
    public record Flights(Structure part, Stair stair, End seen, StairSteps steps, int openFrom) {
        /** The hole in the upper floor: over the steps that need it, and between two flights beside each other. */
        public List<Outline> well() {
            var open = steps.from(openFrom);
            var between = StairSteps.between(stair, openFrom);
            return between.isEmpty() || open.isEmpty()
                    ? open
                    : Regions.union(Stream.concat(
                                    open.stream(), between.stream().map(r -> Outline.of(r.through(part.placing()))))
                            .toList());
        }
    }

    /** Which end of a stair stands on a storey. */
    public enum End {
        /** Its foot: it leads up. */
        FOOT,
        /** Its head: it leads down. */
        HEAD
    }

    public FixedParts {
        blocks = List.copyOf(blocks);
        stairs = List.copyOf(stairs);
    }

    /** What one meets on a storey of a plan. */
    public static FixedParts on(Plan plan, Storey storey) {
        var blocks = new ArrayList<Structure>();
        var stairs = new ArrayList<Flights>();
        for (var from : plan.storeys()) {
            for (var part : from.structures()) {
                switch (part.form()) {
                    case Stair stair ->
                        end(plan, from, storey, stair)
                                .ifPresent(end -> stairs.add(flights(plan, from, part, stair, end)));
                    case Block block -> {
                        if (from.id().equals(storey.id())
                                || block.kind().runsThrough() && reaches(from, block, storey)) {
                            blocks.add(part);
                        }
                    }
                    case Structure.ParkingBay _ -> {
                        if (from.id().equals(storey.id())) {
                            blocks.add(part);
                        }
                    }
                }
            }
        }
        // what leads down lies below what leads up
        stairs.sort(Comparator.comparing(Flights::seen).reversed());
        return new FixedParts(blocks, stairs);
    }

    private static boolean reaches(Storey from, Block block, Storey storey) {
        return storey.level().compareTo(from.level()) > 0
                && from.level().plus(block.height()).mm() > storey.level().mm() + LEAST_REACH_MM;
    }

    private static Optional<End> end(Plan plan, Storey from, Storey storey, Stair stair) {
        var up = stair.leads() == Stair.Leads.UP;
        if (from.id().equals(storey.id())) {
            return Optional.of(up ? End.FOOT : End.HEAD);
        }
        var other = up ? from.level().plus(stair.rise()) : from.level().minus(stair.rise());
        if (Math.abs(other.minus(storey.level()).mm()) > SAME_LEVEL_MM
                && !beside(plan, from, up).map(s -> s.id().equals(storey.id())).orElse(false)) {
            return Optional.empty();
        }
        return Optional.of(up ? End.HEAD : End.FOOT);
    }

    private static Flights flights(Plan plan, Storey from, Structure part, Stair stair, End end) {
        var steps = StairSteps.of(part, stair);
        var headroom = plan.brief().minimums().headroom().mm();
        return new Flights(
                part, stair, end, steps, steps.openFrom(clear(plan, from, stair).mm(), headroom));
    }

    /** From the foot of a stair to the ceiling under the floor it leads to. */
    private static Length clear(Plan plan, Storey from, Stair stair) {
        if (stair.leads() == Stair.Leads.UP) {
            return from.height();
        }
        return beside(plan, from, false).map(Storey::height).orElse(stair.rise().minus(USUAL_FLOOR));
    }

    /** The next storey above or below. */
    private static Optional<Storey> beside(Plan plan, Storey from, boolean above) {
        var byLevel = Comparator.comparing(Storey::level);
        return above
                ? plan.storeys().stream()
                        .filter(s -> s.level().compareTo(from.level()) > 0)
                        .min(byLevel)
                : plan.storeys().stream()
                        .filter(s -> s.level().compareTo(from.level()) < 0)
                        .max(byLevel);
    }

    /**
     * The rise of a stair from a storey: from its floor to the next one above or below; where none is drawn, as high
     * as the storey and a usual floor.
     */
    public static Length rise(Plan plan, Storey from, Stair.Leads leads) {
        var up = leads == Stair.Leads.UP;
        return beside(plan, from, up)
                .map(s -> up ? s.level().minus(from.level()) : from.level().minus(s.level()))
                .orElse(from.height().plus(USUAL_FLOOR));
    }

    /** Which way a new stair of a storey leads: up, unless it is the top one of several. */
    public static Stair.Leads leads(Plan plan, Storey from) {
        return leadsSomewhere(plan, from, Stair.Leads.UP) || !leadsSomewhere(plan, from, Stair.Leads.DOWN)
                ? Stair.Leads.UP
                : Stair.Leads.DOWN;
    }

    /** Whether a stair from a storey reaches another that is drawn. */
    public static boolean leadsSomewhere(Plan plan, Storey from, Stair.Leads leads) {
        return beside(plan, from, leads == Stair.Leads.UP).isPresent();
    }

    /** The parts of a storey's floor that are missing, in plan mm. */
    public static List<Outline> voids(Storey storey) {
        return storey.structures().stream()
                .filter(s -> s.is(Structure.Kind.VOID))
                .map(s -> Outline.of(s.footprint()))
                .toList();
    }
}
