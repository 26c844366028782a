package honeylamp.edit;

import honeylamp.derive.openings.ClearDistances;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;

/** Bays that stand out from a straight wall; the wall behind them goes. */
public final class Bays {
    /** The windows of a bay leave so much wall beside them, and begin so low. */
    private static final double PIER_MM = 60;

    private static final double SILL_MM = 600;
    private static final double LEAST_WINDOW_MM = 200;

    private Bays() {}

    /** The shape of a bay in plan. */
    public enum Shape {
        /** A front and two sides at 45 degrees. */
        SPLAYED("Splayed"),
        /** Three equal sides of a hexagon; its depth follows from its width. */
        HALF_HEXAGON("Half hexagon"),
        /** A front and two sides at right angles. */
        SQUARE("Square"),
        /** An arc. */
        BOW("Bow");

        private final String label;

        Shape(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /**
     * The corners of a bay on a wall's drawn line: where it leaves the wall, its outer corners, where it comes back.
     *
     * @param left whether it stands out to the left, seen from the wall's first end
     * @param depth how far it stands out; not used for half a hexagon
     * @return refused if it is deeper than its shape allows, or has no width
     */
    public static Outcome<List<Point>> corners(
            Wall wall, Length from, Length to, Length depth, Shape shape, boolean left) {
        var width = to.mm() - from.mm();
        var deep = deep(width, depth, shape);
        var in = in(width, deep, shape);
        var whyNot = impossible(wall, from, to, depth, shape);
        if (whyNot.isPresent()) {
            return Outcome.refused(whyNot.get());
        }
        var line = wall.chord();
        var out = line.unit().left().times(left ? deep : -deep);
        return Outcome.done(List.of(
                line.at(from.mm()),
                line.at(from.mm() + in).plus(out),
                line.at(to.mm() - in).plus(out),
                line.at(to.mm())));
    }

    /** Why a bay of a shape cannot be, if it cannot. */
    public static Optional<String> impossible(Wall wall, Length from, Length to, Length depth, Shape shape) {
        var width = to.mm() - from.mm();
        var deep = deep(width, depth, shape);
        if (wall.isCurved()) {
            return Optional.of("a bay needs a straight wall");
        }
        return width < Wall.SHORTEST_MM
                        || deep < Wall.SHORTEST_MM
                        || width - 2 * in(width, deep, shape) < Wall.SHORTEST_MM
                ? Optional.of("a bay of this shape and depth needs more width")
                : Optional.empty();
    }

    private static double deep(double width, Length depth, Shape shape) {
        return shape == Shape.HALF_HEXAGON ? width * Math.sqrt(3) / 4 : depth.mm();
    }

    /** How far its outer corners stand in from where it leaves the wall. */
    private static double in(double width, double deep, Shape shape) {
        return switch (shape) {
            case SPLAYED -> deep;
            case HALF_HEXAGON -> width / 4;
            case SQUARE, BOW -> 0;
        };
    }

    /** A plan with a bay in it, and the walls of the bay in order. */
    public record Built(Plan plan, List<WallId> walls) {}

    /**
     * Puts a bay into a wall, of the wall's own type; what of the wall lies behind it goes, with its openings.
     * Refused if there is no room for it, or an opening lies across one of its ends.
     */
    public static Outcome<Built> add(
            Plan plan, StoreyId storey, WallId id, Length from, Length to, Length depth, Shape shape, boolean left) {
        var wall = plan.storey(storey).wall(id).orElseThrow(() -> new NoSuchElementException("no wall " + id.text()));
        return corners(wall, from, to, depth, shape, left)
                .then(corners -> WallShaping.split(plan, storey, id, from)
                        .then(cut -> WallShaping.split(cut.plan(), storey, cut.id(), to.minus(from))
                                .then(rest -> {
                                    var now = Deletion.of(rest.plan(), storey, Set.<ElementId>of(cut.id()));
                                    var comes = start(now, storey, rest.id());
                                    var rise = left ? depth : depth.negated();
                                    return shape == Shape.BOW
                                            ? bow(now, storey, wall, comes, rise)
                                            : legs(now, storey, wall, comes, corners);
                                })));
    }

    private static Outcome<Built> bow(Plan now, StoreyId storey, Wall wall, Position comes, Length rise) {
        return WallEdits.addArc(now, storey, end(now, storey, wall.id()), comes, rise, wall.body(), wall.type())
                .map(bow -> new Built(bow.plan(), List.of(bow.id())));
    }

    private static Outcome<Built> legs(Plan parted, StoreyId storey, Wall wall, Position comes, List<Point> corners) {
        var leaves = end(parted, storey, wall.id());
        var now = parted;
        var walls = new ArrayList<WallId>();
        for (var i = 0; i + 1 < corners.size(); i++) {
            var leg = WallEdits.add(
                    now,
                    storey,
                    i == 0 ? leaves : Position.of(corners.get(i)),
                    i == 2 ? comes : Position.of(corners.get(i + 1)),
                    wall.body(),
                    wall.type());
            if (leg instanceof Outcome.Refused<Added<WallId>>(var why, var instead)) {
                return Outcome.refused(why, instead);
            }
            now = leg.orThrow().plan();
            walls.add(leg.orThrow().id());
        }
        return Outcome.done(new Built(now, List.copyOf(walls)));
    }

    /** Puts a window into each wall of a bay, centred and as wide as a slim pier at each end leaves it. */
    public static Plan glazed(Built bay, StoreyId storey, Swing inner) {
        var geometry = StoreyGeometry.of(bay.plan, bay.plan.storey(storey));
        var now = bay.plan;
        for (var id : bay.walls) {
            var wall = geometry.storey().wall(id).orElseThrow();
            var stretch =
                    ClearDistances.around(geometry.network(), wall, wall.line().length() / 2);
            var width = stretch.lengthMm() - 2 * PIER_MM;
            if (width < LEAST_WINDOW_MM) {
                continue; // a side too narrow for glass stays wall
            }
            var usual = OpeningKind.CASEMENT_WINDOW.usual(now.units());
            var window = new Opening(
                    new OpeningId(now.nextNumber()),
                    OpeningKind.CASEMENT_WINDOW,
                    id,
                    Length.ofMm(stretch.middleMm() - width / 2),
                    Length.ofMm(width),
                    Length.ofMm(SILL_MM),
                    usual.head(),
                    Hand.FIRST,
                    inner);
            now = OpeningEdits.add(now, storey, window.withKeeping(Keeping.centred(Between.WALLS)))
                    .plan();
        }
        return now;
    }

    private static Position end(Plan plan, StoreyId storey, WallId id) {
        return plan.storey(storey).wall(id).orElseThrow().to();
    }

    private static Position start(Plan plan, StoreyId storey, WallId id) {
        return plan.storey(storey).wall(id).orElseThrow().from();
    }
}
