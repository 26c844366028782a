package honeylamp.edit;

import honeylamp.derive.pointing.ShownLength;
import honeylamp.derive.pointing.ShownLength.Axis;
import honeylamp.geometry.Point;
import honeylamp.plan.Boundary;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Motion;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Gives a shown length another measure: all that stands on one side of it moves along it, and what runs across it
 * stretches. A wall goes along if the face that the length is measured to is its own or lies before it.
 */
public final class Stretching {
    private static final double SAME_MM = 0.6;
    private static final double LEAST_MM = 1;

    /** A wall that crosses a length at a smaller sine runs along it. */
    private static final double ALONG_SINE = 1e-4;

    private final Plan plan;
    private final Storey storey;
    private final ShownLength shown;
    private final Moving moving;
    private final double shiftMm;

    /** Which side of a length moves. */
    public enum Moving {
        /** The side where coordinates are smaller: left or below. */
        LOW,
        /** The other: right or above. */
        HIGH;

        public Moving other() {
            return this == LOW ? HIGH : LOW;
        }

        /** Where that is, in a word. */
        public String word(Axis axis) {
            var isAcross = Math.abs(axis.unit().x()) >= Math.abs(axis.unit().y());
            return switch (this) {
                case LOW -> isAcross ? "left" : "lower";
                case HIGH -> isAcross ? "right" : "upper";
            };
        }
    }

    private Stretching(Plan plan, StoreyId storey, ShownLength shown, Moving moving, double shiftMm) {
        this.plan = plan;
        this.storey = plan.storey(storey);
        this.shown = shown;
        this.moving = moving;
        this.shiftMm = shiftMm;
    }

    /**
     * The plan with the length as wanted. The width of an opening is changed in the opening; refused if the length is the
     * thickness of a wall, or if a wall or an opening would have no room.
     */
    public static Outcome<Plan> to(Plan plan, StoreyId storey, ShownLength shown, Length wanted, Moving moving) {
        if (wanted.mm() < LEAST_MM) {
            return Outcome.refused("that leaves no room between them");
        }
        var more = wanted.mm() - shown.lengthMm();
        var stretching = new Stretching(plan, storey, shown, moving, moving == Moving.HIGH ? more : -more);
        var opening = stretching.openingItself();
        return opening.isPresent()
                ? stretching.widened(opening.get(), wanted)
                : stretching.ends().then(moves -> moves.isEmpty() ? stretching.nothing() : stretching.moved(moves));
    }

    private Outcome<Plan> nothing() {
        return Outcome.refused("nothing stands on that side that could move");
    }

    /** Whether something between two coordinates lies on the side that moves. */
    private boolean goes(double least, double most) {
        return moving == Moving.HIGH ? most >= shown.toMm() - SAME_MM : least <= shown.fromMm() + SAME_MM;
    }

    /** Whether all of something between two coordinates does. */
    private boolean goesWhole(double least, double most) {
        return moving == Moving.HIGH ? least >= shown.toMm() - SAME_MM : most <= shown.fromMm() + SAME_MM;
    }

    private double at(Point p) {
        return shown.axis().of(p);
    }

    private boolean standsAcross(Wall wall) {
        var unit = wall.chord().unit();
        return Math.abs(at(unit)) < Math.sqrt(0.5);
    }

    /** From where to where the corners of a wall's faces lie along the length. */
    private DoubleSummaryStatistics body(Wall wall) {
        var left = WallShaping.face(plan, wall, WallShaping.Face.LEFT);
        var right = WallShaping.face(plan, wall, WallShaping.Face.RIGHT);
        return Stream.of(left.a(), left.b(), right.a(), right.b())
                .mapToDouble(this::at)
                .summaryStatistics();
    }

    /** Along a slanted length a wall of which one end moves would be turned, unless it runs along it. */
    private boolean wouldTurn(Wall wall, Map<Position, Position> moves) {
        return shown.axis().isSlanted()
                && moves.containsKey(wall.from()) != moves.containsKey(wall.to())
                && Math.abs(wall.chord().unit().cross(shown.axis().unit())) > ALONG_SINE;
    }

    /** Where the ends of walls go that move; refused if the length is measured through one wall. */
    private Outcome<Map<Position, Position>> ends() {
        Map<Position, Position> moves = new HashMap<>();
        var shift = shown.axis().shift(shiftMm);
        for (var wall : storey.standing()) {
            var body = body(wall);
            var least = body.getMin();
            var most = body.getMax();
            var across = standsAcross(wall);
            if (across && Math.abs(least - shown.fromMm()) < SAME_MM && Math.abs(most - shown.toMm()) < SAME_MM) {
                return Outcome.refused(
                        "this is the thickness of a wall",
                        "Change the type of the wall, or the thickness of its type.");
            }
            var through = least < shown.fromMm() + SAME_MM && most > shown.toMm() - SAME_MM;
            if (across && isInTheWay(least, most)) {
                return Outcome.refused("a wall that stays stands in the way");
            }
            for (var end : List.of(wall.from(), wall.to())) {
                var goes = across && !through ? goes(least, most) : goesWhole(at(end.point()), at(end.point()));
                if (goes) {
                    moves.put(end, end.moved(Length.ofMm(shift.x()), Length.ofMm(shift.y())));
                }
            }
        }
        return storey.standing().stream().anyMatch(w -> wouldTurn(w, moves))
                ? Outcome.refused(
                        "a wall that runs at another angle would be turned",
                        "Drag a corner instead, or type the length of the wall on its card.")
                : Outcome.done(moves);
    }

    /** Whether what stays between both sides would be passed by the side that moves. */
    private boolean isInTheWay(double least, double most) {
        var between = least > shown.fromMm() - SAME_MM && most < shown.toMm() + SAME_MM && !goes(least, most);
        var passed = moving == Moving.HIGH
                ? most > shown.toMm() + shiftMm + SAME_MM
                : least < shown.fromMm() + shiftMm - SAME_MM;
        return between && passed;
    }

    private Outcome<Plan> moved(Map<Position, Position> moves) {
        return WallEdits.moved(plan, storey.id(), moves)
                .then(this::withOpenings)
                .map(this::withRest);
    }

    /** Openings on the side that moves go along; the others stay where they are. */
    private Outcome<Plan> withOpenings(Plan now) {
        var out = now;
        for (var opening : storey.openings()) {
            var before = storey.wall(opening.host()).orElseThrow().line();
            var after =
                    now.storey(storey.id()).wall(opening.host()).orElseThrow().line();
            var a = before.at(opening.offset().mm());
            var b = before.at(opening.offset().mm() + opening.width().mm());
            var goes = goesWhole(Math.min(at(a), at(b)), Math.max(at(a), at(b)))
                    || after.length() == before.length()
                            && after.a().distance(before.a()) > LEAST_MM; // its wall moved as a whole
            var jamb = goes ? a.plus(shown.axis().shift(shiftMm)) : a;
            var offset = after.along(jamb);
            if (offset < -SAME_MM || offset + opening.width().mm() > after.length() + SAME_MM) {
                return Outcome.refused("an opening would have no room in its wall");
            }
            var room = Math.max(0, after.length() - opening.width().mm());
            out = out.withStorey(
                    storey.id(),
                    s -> s.change(
                            Opening.class, opening.id(), o -> o.withOffset(Length.ofMm(Math.clamp(offset, 0, room)))));
        }
        return Outcome.done(out);
    }

    private Plan withRest(Plan now) {
        var shift = shown.axis().shift(shiftMm);
        var motion = Motion.by(Length.ofMm(shift.x()), Length.ofMm(shift.y()));
        return now.withStorey(storey.id(), s -> s.with(s.elements().changed(e -> Optional.of(rest(e, motion)))));
    }

    private Element rest(Element element, Motion motion) {
        return switch (element) {
            case Wall _, Opening _, Underlay _ -> element;
            case Dimension d ->
                end(d.from(), motion).equals(end(d.to(), motion))
                        ? d
                        : d.between(end(d.from(), motion), end(d.to(), motion))
                                .withStops(d.stops().stream()
                                        .map(p -> end(p, motion))
                                        .toList());
            case Note n ->
                n.with(copy -> copy.at(end(n.at(), motion))
                        .leader(n.leader().map(l -> new Note.Leader(end(l.tip(), motion), l.hold()))));
            case RoundDimension d -> {
                var first = end(d.from(), motion);
                var middle = end(d.middle(), motion);
                var last = end(d.to(), motion);
                yield RoundDimension.whyNot(d.measures(), first, middle, last).isPresent()
                        ? d
                        : d.with(copy -> copy.from(first).middle(middle).to(last));
            }
            case FreeMark m -> {
                var points = m.points().stream().map(p -> end(p, motion)).toList();
                yield points.stream().distinct().count() < 2 ? m : m.withPoints(points);
            }
            case Boundary b ->
                Boundary.isOne(end(b.from(), motion), end(b.to(), motion))
                        ? b.with(copy -> copy.from(end(b.from(), motion)).to(end(b.to(), motion)))
                        : b;
            default -> {
                var places = element.places();
                yield !places.isEmpty() && places.stream().allMatch(this::goes) ? element.moved(motion) : element;
            }
        };
    }

    private boolean goes(Position place) {
        return goesWhole(at(place.point()), at(place.point()));
    }

    private Position end(Position end, Motion motion) {
        return goes(end) ? motion.of(end) : end;
    }

    /** The opening whose width the length is. */
    private Optional<Opening> openingItself() {
        return storey.openings().stream()
                .filter(o -> {
                    var line = storey.wall(o.host()).orElseThrow().line();
                    var a = at(line.at(o.offset().mm()));
                    var b = at(line.at(o.offset().mm() + o.width().mm()));
                    return Math.abs(Math.min(a, b) - shown.fromMm()) < SAME_MM
                            && Math.abs(Math.max(a, b) - shown.toMm()) < SAME_MM;
                })
                .findFirst();
    }

    /** The opening as wide as wanted, the jamb that does not move where it is. */
    private Outcome<Plan> widened(Opening opening, Length wanted) {
        var line = storey.wall(opening.host()).orElseThrow().line();
        var forward = at(line.at(opening.offset().mm() + opening.width().mm()))
                > at(line.at(opening.offset().mm()));
        var staysAtStart = forward == (moving == Moving.HIGH);
        var offset = staysAtStart
                ? opening.offset()
                : opening.offset().plus(opening.width()).minus(wanted);
        return offset.mm() < -SAME_MM || offset.mm() + wanted.mm() > line.length() + SAME_MM
                ? Outcome.refused("the wall has no room for an opening so wide")
                : Outcome.done(plan.withStorey(
                        storey.id(),
                        s -> s.change(
                                Opening.class,
                                opening.id(),
                                o -> o.withWidth(wanted).withOffset(offset))));
    }
}
