package honeylamp.derive.pointing;

import honeylamp.derive.openings.ClearDistances;
import honeylamp.derive.openings.OpeningPlaces;
import honeylamp.derive.openings.Stretches;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Keeping.Rule;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where in a wall an opening may go: where it is wanted, in the middle of what bounds it, with the usual nib beside
 * its hinges, or at the nearest place with room. Other openings of the wall are kept clear of.
 *
 * @param like the opening as it shall be; where it is does not matter
 */
public record OpeningPlacing(StoreyGeometry geometry, Wall wall, Opening like) {
    /** The usual nib between a cross wall and the hinges. */
    public static final Length NIB = Length.ofMm(50);

    private static final double SAME_MM = 0.5;

    /** How an opening goes in. */
    public enum Fit {
        /** Where it was wanted. */
        FREE,
        /** Somewhere else, for lack of room. */
        NEAREST,
        /** Nowhere in this wall. */
        NONE
    }

    /**
     * A place for an opening.
     *
     * @param opening at its place, keeping to what it was caught by
     * @param bounds the free stretch it lies in, between walls and other openings
     * @param caught what caught it, in a word; empty if nothing
     * @param longestMm the longest free stretch of the wall
     */
    public record Spot(Opening opening, ClearDistances bounds, Fit fit, String caught, double longestMm) {}

    private record Candidate(double fromMm, Keeping keeping, String word) {}

    /** The place at a point along the wall; what lies within reach of its middle catches it, nothing if that is zero. */
    public Spot at(double alongMm, double reachMm) {
        var half = like.width().mm() / 2;
        return candidates(alongMm).stream()
                .filter(c -> reachMm > 0 && Math.abs(c.fromMm + half - alongMm) <= reachMm)
                .filter(c -> fitsAt(c.fromMm))
                .min(Comparator.comparingDouble(c -> Math.abs(c.fromMm + half - alongMm)))
                .map(c -> spot(put(c.fromMm, c.keeping), Fit.FREE, c.word))
                .orElseGet(() -> nearest(alongMm));
    }

    /** The place centred between what bounds it, in the stretch at a point along the wall. */
    public Spot centred(double alongMm, Between between) {
        var stretch = stretch(between, alongMm);
        var from = stretch.middleMm() - like.width().mm() / 2;
        return from >= stretch.stretchFromMm() - SAME_MM && fitsAt(from)
                ? spot(put(from, Keeping.centred(between)), Fit.FREE, "centred: " + between.label())
                : nearest(alongMm);
    }

    /** What typed values make of a place. */
    public sealed interface Typed {
        /** The place they give. */
        record Placed(Spot spot) implements Typed {}

        /** They cannot be, for a reason that ends a sentence. */
        record Refused(String why) implements Typed {}
    }

    /**
     * The place with typed values; what was not typed stays, and with both distances the width follows from them.
     *
     * @return refused if they leave no width, or reach beyond the stretch
     */
    public Typed typed(Spot from, Optional<Length> before, Optional<Length> after, Optional<Length> width) {
        var bounds = from.bounds();
        var wide = width.map(Length::mm)
                .orElseGet(() -> before.isPresent() && after.isPresent()
                        ? bounds.lengthMm() - before.get().mm() - after.get().mm()
                        : like.width().mm());
        if (wide < 1) {
            return new Typed.Refused("the two distances leave no width for it");
        }
        var sized = new OpeningPlacing(geometry, wall, like.sized(like.offset(), Length.ofMm(wide)));
        if (before.isEmpty() && after.isEmpty()) {
            return new Typed.Placed(sized.resized(from));
        }
        var offset = before.map(b -> bounds.stretchFromMm() + b.mm())
                .orElseGet(() -> bounds.stretchToMm() - after.orElseThrow().mm() - wide);
        if (offset < bounds.stretchFromMm() - SAME_MM || offset + wide > bounds.stretchToMm() + SAME_MM) {
            return new Typed.Refused("distance and width together are longer than the free stretch");
        }
        var rule = before.isPresent() ? Rule.FROM_FIRST : Rule.FROM_SECOND;
        var nib = before.or(() -> after).orElseThrow();
        var walls = stretch(Between.WALLS, offset + wide / 2);
        var atWall = before.isPresent()
                ? walls.stretchFromMm() >= bounds.stretchFromMm() - SAME_MM
                : walls.stretchToMm() <= bounds.stretchToMm() + SAME_MM;
        var keeping = new Keeping(rule, atWall ? Between.WALLS : Between.NEIGHBOURS, nib, 1, 1);
        return new Typed.Placed(spot(sized.put(offset, keeping), Fit.FREE, ""));
    }

    private Spot resized(Spot from) {
        var middle = from.opening().middleMm();
        return from.opening().keeping().rule() == Rule.EVEN
                ? centred(middle, from.opening().keeping().between())
                : nearest(middle);
    }

    /** One half of a window round the corner nearest to a point along the wall; none if no single wall goes on there. */
    public Spot atCorner(double alongMm) {
        var length = wall.line().length();
        var atFirst = alongMm < length / 2;
        var from = atFirst ? 0 : length - like.width().mm();
        var opening = put(Math.max(0, from), Keeping.AS_PUT);
        var roundIt = beyond(geometry, wall, atFirst ? wall.from() : wall.to());
        var fits = from >= 0
                && roundIt.filter(w -> w.line().length() >= like.width().mm()).isPresent()
                && OpeningPlaces.nearest(geometry.network(), wall, opening, others())
                        .filter(opening.offset()::equals)
                        .isPresent();
        return spot(opening, fits ? Fit.FREE : Fit.NONE, fits ? "corner" : "");
    }

    /** The one other straight wall at a corner, if there is just one. */
    public static Optional<Wall> beyond(StoreyGeometry geometry, Wall wall, Position corner) {
        var others = geometry.storey().standing().stream()
                .filter(w -> !w.id().equals(wall.id()))
                .filter(w -> w.from().equals(corner) || w.to().equals(corner))
                .toList();
        return others.size() == 1 && !wall.isCurved() && !others.getFirst().isCurved()
                ? Optional.of(others.getFirst())
                : Optional.empty();
    }

    private List<Candidate> candidates(double alongMm) {
        var half = like.width().mm() / 2;
        var out = new ArrayList<Candidate>();
        for (var between : Between.values()) {
            var from = stretch(between, alongMm).middleMm() - half;
            if (out.stream().noneMatch(c -> Math.abs(c.fromMm - from) < SAME_MM)) {
                out.add(new Candidate(from, Keeping.centred(between), centreWord(between)));
            }
        }
        if (like.kind().family() == OpeningKind.Family.DOOR) {
            var walls = stretch(Between.WALLS, alongMm);
            out.add(new Candidate(walls.stretchFromMm() + NIB.mm(), Keeping.fromFirst(NIB), "nib"));
            out.add(new Candidate(walls.stretchToMm() - NIB.mm() - like.width().mm(), Keeping.fromSecond(NIB), "nib"));
        }
        return out;
    }

    private static String centreWord(Between between) {
        return switch (between) {
            case WALLS -> "centre";
            case NEIGHBOURS -> "centre between neighbours";
            case ROOM_FACES -> "centre of the room's face";
        };
    }

    /** The place nearest to a wanted middle; within one stretch it just stops at the end. */
    private Spot nearest(double alongMm) {
        var wanted = put(Math.max(0, alongMm - like.width().mm() / 2), Keeping.AS_PUT);
        var there = OpeningPlaces.nearest(geometry.network(), wall, wanted, others());
        if (there.isEmpty()) {
            return spot(wanted, Fit.NONE, "");
        }
        var placed = wanted.withOffset(there.get());
        var same = stretch(Between.NEIGHBOURS, alongMm).holds(placed.middleMm());
        return spot(placed, same ? Fit.FREE : Fit.NEAREST, same ? "" : "nearest place with room");
    }

    private boolean fitsAt(double fromMm) {
        if (fromMm < 0) {
            return false;
        }
        var opening = put(fromMm, Keeping.AS_PUT);
        return OpeningPlaces.nearest(geometry.network(), wall, opening, others())
                .filter(opening.offset()::equals)
                .isPresent();
    }

    private Opening put(double fromMm, Keeping keeping) {
        return like.withOffset(Length.ofMm(Math.max(0, fromMm))).withKeeping(keeping);
    }

    private Spot spot(Opening opening, Fit fit, String caught) {
        var free = Stretches.without(Stretches.betweenWalls(geometry.network(), wall), others());
        var longest = free.stream().mapToDouble(ClearDistances::lengthMm).max().orElse(0);
        return new Spot(opening, Stretches.at(free, opening.middleMm()), fit, caught, longest);
    }

    private ClearDistances stretch(Between between, double alongMm) {
        return Stretches.at(Stretches.of(geometry.network(), wall, between, like.swing(), others()), alongMm);
    }

    private List<Opening> others() {
        return geometry.places().placed().stream()
                .filter(o -> o.host().equals(wall.id()) && !o.id().equals(like.id()))
                .toList();
    }
}
