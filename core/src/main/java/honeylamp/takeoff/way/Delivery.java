package honeylamp.takeoff.way;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.takeoff.way.WalkedFloor.Edge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * Carries pieces in, each in one piece: through doors and round corners, up stairs, turned on any side. Other furniture is
 * taken to be out of the way; on stairs a piece is carried level, within the width of the flights.
 */
public final class Delivery {
    private Delivery() {}

    /** One storey of the way: from where it comes in, or from the stair, to the next stair or the room. */
    private record Leg(LaidStorey storey, List<Start> starts, Point goal) {}

    /** Where a leg begins: far enough outside for anything, if it is a door. */
    private record Start(Point at, Optional<Point> outwards) {
        Point of(CarriedBox box) {
            return outwards.map(out -> at.plus(out.times(box.reachMm() + OUTSIDE_MM)))
                    .orElse(at);
        }
    }

    /** What is carried waits so far before a door. */
    private static final double OUTSIDE_MM = 300;

    /** The middle of what is carried comes so near to the last riser. */
    private static final double ON_STAIR_MM = 150;

    /**
     * Whether a piece gets to the room it stands in.
     *
     * @param wanted asked now and then; once it is not, the answer is not known
     */
    public static GettingIn of(LaidStorey storey, Furnishing piece, BooleanSupplier wanted) {
        var room = storey.geometry().roomAt(piece.at().point());
        if (room.isEmpty()) {
            return new GettingIn.Unknown();
        }
        var goal = LabelSpot.freest(room.get().outline()).centre();
        var legs = legs(storey, goal, new ArrayList<>());
        if (legs.isEmpty()) {
            return new GettingIn.NoWayIn();
        }
        var box = new CarriedBox(
                piece.width().mm(), piece.depth().mm(), piece.height().mm());
        Optional<GettingIn.Place> tight = Optional.empty();
        for (var leg : legs) {
            switch (through(leg, box, wanted)) {
                case GettingIn.Fits _ -> {}
                case GettingIn.Just(var place) -> tight = tight.or(() -> Optional.of(place));
                case GettingIn.Sticks sticks -> {
                    return sticks;
                }
                case GettingIn.NoWayIn _, GettingIn.Unknown _ -> {
                    return new GettingIn.Unknown();
                }
            }
        }
        return tight.<GettingIn>map(GettingIn.Just::new).orElseGet(GettingIn.Fits::new);
    }

    private static GettingIn through(Leg leg, CarriedBox box, BooleanSupplier wanted) {
        var larger = carried(leg, box, 1, wanted);
        if (larger instanceof Carrying.End.There) {
            return new GettingIn.Fits();
        }
        var smaller = larger instanceof Carrying.End.Unwanted ? larger : carried(leg, box, -1, wanted);
        return switch (smaller) {
            case Carrying.End.There _ -> new GettingIn.Just(place(leg, larger));
            case Carrying.End.Stuck _ -> new GettingIn.Sticks(place(leg, smaller));
            case Carrying.End.Unwanted _ -> new GettingIn.Unknown();
        };
    }

    private static GettingIn.Place place(Leg leg, Carrying.End end) {
        if (!(end instanceof Carrying.End.Stuck(var pose))) {
            throw new IllegalArgumentException("it came to a stand nowhere");
        }
        return new GettingIn.Place(
                leg.storey.id(),
                pose.box().at(pose.middle(), pose.deg()),
                pose.box().highMm());
    }

    /**
     * A box carried along a leg.
     *
     * @param sign whether it is taken a little larger, or smaller, than it is
     */
    private static Carrying.End carried(Leg leg, CarriedBox box, int sign, BooleanSupplier wanted) {
        var sides = List.of(box, box.onItsFront(), box.onItsEnd());
        var edges = sides.stream()
                .map(side -> WalkedFloor.empty(leg.storey, side.highMm()).edges().stream()
                        .map(Edge::line)
                        .toList())
                .toList();
        var doubt = new Carrying(sides, edges).doubtMm();
        var carrying =
                new Carrying(sides.stream().map(s -> s.grown(sign * doubt)).toList(), edges);
        var starts = leg.starts.stream()
                .flatMap(s -> sides.stream().map(s::of))
                .distinct()
                .toList();
        return carrying.carry(starts, leg.goal, wanted);
    }

    /** The legs of the way to a point of a storey; none if nobody comes there from outside. */
    private static List<Leg> legs(LaidStorey storey, Point goal, List<StoreyId> seen) {
        seen.add(storey.id());
        var entrances = Entrance.forLoads(storey);
        var doors = entrances.stream()
                .filter(e -> e.stair().isEmpty())
                .map(e -> new Start(e.at(), Optional.of(e.outwards())))
                .toList();
        if (!doors.isEmpty()) {
            return List.of(new Leg(storey, doors, goal));
        }
        for (var entrance : entrances) {
            var stair = entrance.stair().orElseThrow();
            var other = OtherEnd.of(storey, stair).map(OtherEnd::storey).filter(s -> !seen.contains(s.id()));
            var spot = spot(stair);
            var before = other.map(s -> legs(s, spot, seen)).orElse(List.of());
            if (!before.isEmpty()) {
                var out = new ArrayList<>(before);
                out.add(new Leg(storey, List.of(new Start(spot, Optional.empty())), goal));
                return out;
            }
        }
        return entrances.isEmpty()
                ? List.of()
                : List.of(new Leg(
                        storey,
                        entrances.stream()
                                .map(e -> new Start(spot(e.stair().orElseThrow()), Optional.empty()))
                                .toList(),
                        goal)); // nothing is drawn from which the stair comes
    }

    /** Where the two storeys of a stair hand over: on the last tread before the one where one arrives. */
    private static Point spot(FixedParts.Flights stair) {
        var steps = stair.steps();
        return steps.spot(
                        stair.seen() == FixedParts.End.HEAD
                                ? Math.max(0, steps.walkMm() - ON_STAIR_MM)
                                : Math.min(ON_STAIR_MM, steps.walkMm()))
                .at();
    }
}
