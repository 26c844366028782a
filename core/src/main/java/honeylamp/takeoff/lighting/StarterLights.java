package honeylamp.takeoff.lighting;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.RoomUses;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FittingEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Wall.Works;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A first lighting and power plan of a storey, to be changed by whoever knows the people: each room without lights gets an
 * even row of them for its size, a switch at the handle of every way in, or a sensor where no wall is at hand, and sockets
 * along its walls.
 */
public final class StarterLights {
    /** Rooms smaller than this have one light. */
    private static final double SMALL_MM2 = 4e6;

    /** One socket for so much wall. */
    private static final double SOCKET_EACH_MM = 2_600;

    /** Less wall than this has none. */
    private static final double LEAST_SIDE_MM = 1_200;

    /** From the edge of a shut leaf, or a jamb, to a switch: as is usual, or farther where a leaf is in the way. */
    private static final List<Double> FROM_HANDLE_MM = Stream.of(150.0, 300.0, 450.0, 600.0, 750.0, 950.0, 1150.0)
            .map(mm -> LeafSweep.LINING_MM + mm)
            .toList();

    private static final double INTO_ROOM_MM = 60;
    private static final double STEP_MM = 150;

    /** Farther than this from the handle of a door no switch is looked for. */
    private static final double FARTHEST_MM = 850;

    /** Nearer to a switch there is no socket, so that both are read. */
    private static final double BESIDE_SWITCH_MM = 350;

    /** Beside a jamb there is a lining: a socket keeps so far from it. */
    private static final double FROM_JAMB_MM = 140;

    /** A sensor is so far within a room. */
    private static final double SENSOR_MM = 600;

    /** A socket that a piece would cover is put so far along its wall at most, in such steps. */
    private static final double ASIDE_MM = 1_200;

    private static final double ASIDE_STEP_MM = 150;

    private final LaidStorey storey;
    private final StoreyGeometry geometry;
    private final UnitSystem units;
    private final OpenLeaves leaves;

    private StarterLights(LaidStorey storey) {
        this.storey = storey;
        this.geometry = storey.geometry();
        this.units = storey.plan().units();
        this.leaves = new OpenLeaves(geometry);
    }

    /** The plan with a first proposal for all rooms of a storey that have no lights; the same plan if there are none. */
    public static Plan of(Plan plan, LaidStorey storey) {
        return of(plan, storey, _ -> {});
    }

    /**
     * The same.
     *
     * @param done is told before each room which share of all is done; what it throws ends the work
     */
    public static <X extends Exception> Plan of(Plan plan, LaidStorey storey, Done<X> done) throws X {
        return new StarterLights(storey).proposed(plan, done);
    }

    /** Told how far the work is; may end it. */
    public interface Done<X extends Exception> {
        /** The share done, 0 to 1. */
        void at(double share) throws X;
    }

    private <X extends Exception> Plan proposed(Plan plan, Done<X> done) throws X {
        var lights = FittingPlaces.on(geometry).stream()
                .filter(p -> p.fitting().kind().isLight())
                .map(FittingPlaces.Placed::before)
                .toList();
        var group = FittingEdits.freeGroup(plan);
        var fittings = new ArrayList<Fitting>();
        var seen = 0;
        for (var room : geometry.rooms()) {
            done.at((double) seen++ / geometry.rooms().size());
            if (room.mark().isPresent()
                    && !room.mark().get().id().isCopied()
                    && room.lie() == Room.Lie.INSIDE
                    && room.counts() != CountsAs.OUTDOOR
                    && lights.stream().noneMatch(room.outline()::contains)) {
                fittings.addAll(lit(room, room.mark().get(), group++));
            }
        }
        return fittings.isEmpty()
                ? plan
                : FittingEdits.addAll(plan, geometry.storey().id(), fittings);
    }

    private List<Fitting> lit(Room room, RoomMark mark, int group) {
        var fittings = new ArrayList<Fitting>();
        var kind = light(room, mark);
        var emission = Fittings.emission(kind).orElseThrow();
        var layout = EvenLayout.of(
                room, 0, emission, geometry.clearHeightAt(middle(room)).mm(), rules().overlap());
        var isOne = room.areaMm2() < SMALL_MM2;
        var rows =
                new Fitting.InRoom(mark.id(), isOne ? 1 : layout.across(), isOne ? 1 : layout.rows(), Optional.empty());
        var row = fitting(kind, rows, List.of(group));
        fittings.add(FittingPlaces.of(geometry, row).isEmpty() ? fitting(kind, over(room), List.of(group)) : row);
        var ways = geometry.cuts().stream()
                .filter(cut -> FittingCheck.isWayInto(room, cut))
                .toList();
        var spots = new ArrayList<Fitting.On>();
        for (var way : ways) {
            var spot = atHand(room, way);
            spot.ifPresent(spots::add);
            if (spot.isEmpty()) { // no wall is at hand: what sees who comes in
                var over = way.middle().middle().plus(into(room, way).times(way.thicknessMm() / 2 + SENSOR_MM));
                fittings.add(fitting(
                        FittingKind.SENSOR, new Fitting.Ceiling(Position.of(over), Optional.empty()), List.of(group)));
            }
        }
        if (RoomUses.isOf(mark, "bedroom")) {
            atBed(room, spots).ifPresent(spots::add);
        }
        var switched = new ArrayList<>(
                spots.stream().map(on -> new Switched(on, List.of(group))).toList());
        switched.addAll(atStairs(room, group));
        for (var i = 0; i < switched.size(); i++) {
            var there = switched.get(i);
            fittings.add(fitting(
                    there.groups.size() > 1 && i < 2 ? FittingKind.TWO_WAY : button(i, switched.size()),
                    there.on,
                    there.groups));
        }
        if (!isWet(mark)) {
            var switches = fittings.stream()
                    .filter(f -> f.kind().isSwitch())
                    .flatMap(f -> FittingPlaces.of(geometry, f).stream())
                    .map(FittingPlaces.Placed::at)
                    .toList();
            fittings.addAll(sockets(room, switches));
        }
        return fittings;
    }

    /** Where one lies nothing but a switch at hand spares the step into the dark, unless that of the door is. */
    private Optional<Fitting.On> atBed(Room room, List<Fitting.On> spots) {
        var bed = NightWays.bed(storey, room);
        var isAtHand = spots.stream()
                .flatMap(on -> FittingPlaces.of(geometry, fitting(FittingKind.ONE_WAY, on, List.of())).stream())
                .anyMatch(p -> p.at().distance(bed) <= LitWalk.FROM_BED_MM);
        return isAtHand ? Optional.empty() : nearest(room, bed, LitWalk.FROM_BED_MM);
    }

    private LightingRules rules() {
        return storey.plan().drawn().lighting();
    }

    private record Switched(Fitting.On on, List<Integer> groups) {}

    /** Switches at the ends of stairs, which also switch what is switched at the other end. */
    private List<Switched> atStairs(Room room, int group) {
        var out = new ArrayList<Switched>();
        for (var end : StairSwitches.ends(storey)) {
            if (room.outline().edgeDistance(end.at()) < SENSOR_MM
                    || room.outline().contains(end.at())) {
                var groups = Stream.concat(
                                Stream.of(group), end.otherGroups().stream().sorted())
                        .distinct()
                        .limit(Fitting.MOST_GROUPS)
                        .toList();
                nearest(room, end.at(), StairSwitches.REACH_MM).ifPresent(spot -> out.add(new Switched(spot, groups)));
            }
        }
        return out;
    }

    private static Point middle(Room room) {
        return room.outline().bounds().centre();
    }

    private static Fitting.On over(Room room) {
        return new Fitting.Ceiling(Position.of(Regions.inside(room.outline())), Optional.empty());
    }

    /** What is cooked, washed and bathed by needs light all over; elsewhere one is glad of a light one sees. */
    private static FittingKind light(Room room, RoomMark mark) {
        return switch (mark.fit().use()) {
            case "kitchen", "bath", "service", "trade" ->
                room.areaMm2() < SMALL_MM2 ? FittingKind.CEILING_LIGHT : FittingKind.DOWNLIGHT;
            default -> FittingKind.CEILING_LIGHT;
        };
    }

    private static boolean isWet(RoomMark mark) {
        return mark.fit().use().equals("bath");
    }

    private Fitting fitting(FittingKind kind, Fitting.On on, List<Integer> groups) {
        return new Fitting(
                new FittingId(1),
                kind,
                on,
                0,
                Fittings.length(kind, units),
                Fittings.emission(kind),
                groups,
                0,
                Works.NEW,
                Buying.UNKNOWN);
    }

    /** One alone, two that each switch, and between two all others. */
    private static FittingKind button(int nth, int of) {
        if (of == 1) {
            return FittingKind.ONE_WAY;
        }
        return nth < 2 ? FittingKind.TWO_WAY : FittingKind.INTERMEDIATE;
    }

    /**
     * As near as can be to the handle of a door on the side of a room, but behind no leaf; beside a jamb of what has no
     * leaf.
     */
    private Optional<Fitting.On> atHand(Room room, OpeningCut cut) {
        var out = cut.thicknessMm() / 2 + INTO_ROOM_MM;
        var side = into(room, cut);
        var doors = LeafSweep.of(cut);
        var jambs = Stream.of(
                new Edge(cut.middle().b(), cut.unit()),
                new Edge(cut.middle().a(), cut.unit().times(-1)));
        var handle = doors.stream()
                .limit(doors.size() == 1 ? 1 : 0)
                .map(leaf -> new Edge(cut.middle().nearest(leaf.closed()), leaf.shut()));
        var edges = Stream.concat(handle, jambs).toList();
        return edges.stream()
                .flatMap(edge -> FROM_HANDLE_MM.stream().map(edge::at))
                .map(p -> p.plus(side.times(out)))
                .filter(room.outline()::contains)
                .flatMap(p -> free(p).stream())
                .findFirst()
                .or(() -> nearest(room, edges.getFirst().at(0).plus(side.times(out)), FARTHEST_MM));
    }

    /** Square to an opening into a room. */
    private static Point into(Room room, OpeningCut cut) {
        var normal = cut.unit().left();
        var out = cut.thicknessMm() / 2 + INTO_ROOM_MM;
        return room.outline().contains(cut.middle().middle().plus(normal.times(out))) ? normal : normal.times(-1);
    }

    /** A switch on the wall at a place, if it is behind no leaf. */
    private Optional<Fitting.On> free(Point p) {
        return FittingSpot.at(geometry, FittingKind.ONE_WAY, p, rules().height(FittingKind.ONE_WAY), 0, units)
                .map(FittingSpot::on)
                .filter(on -> FittingPlaces.of(geometry, fitting(FittingKind.ONE_WAY, on, List.of())).stream()
                        .noneMatch(there -> leaves.over(there.before()).isPresent()));
    }

    /** The place on the walls of a room nearest to another where a switch can be reached from there. */
    private Optional<Fitting.On> nearest(Room room, Point to, double farthestMm) {
        return WallSides.of(geometry, room).stream()
                .filter(side -> side.distance(to) <= farthestMm)
                .flatMap(side -> IntStream.range(0, (int) (side.lengthMm() / STEP_MM))
                        .mapToObj(i -> at(side, (i + 0.5) * STEP_MM))
                        .flatMap(Optional::stream))
                .filter(p -> p.distance(to) <= farthestMm)
                .sorted(Comparator.comparingDouble(p -> p.distance(to)))
                .flatMap(p -> free(p).stream())
                .findFirst();
    }

    /** An edge of an opening, and the way from it along the wall. */
    private record Edge(Point at, Point way) {
        Point at(double mm) {
            return at.plus(way.times(mm));
        }
    }

    /** Evenly along each side of a room that is long enough, beside its openings, and behind nothing that stands there. */
    private List<Fitting> sockets(Room room, List<Point> switches) {
        var out = new ArrayList<Fitting>();
        for (var side : WallSides.of(geometry, room)) {
            if (side.lengthMm() >= LEAST_SIDE_MM) {
                var number = Math.max(1, (int) Math.floor(side.lengthMm() / SOCKET_EACH_MM));
                for (var i = 0; i < number; i++) {
                    var along = FittingPlaces.even(i, number, side.lengthMm());
                    uncovered(FittingKind.SOCKET_2, side, along, switches)
                            .or(() -> uncovered(FittingKind.WORKTOP_SOCKET, side, along, switches))
                            .ifPresent(out::add);
                }
            }
        }
        return out;
    }

    /** A socket before which nothing stands, as near as can be to so far along a side. */
    private Optional<Fitting> uncovered(FittingKind kind, WallSides.WallSide side, double mm, List<Point> switches) {
        return Stream.iterate(0.0, aside -> aside <= ASIDE_MM, aside -> aside + ASIDE_STEP_MM)
                .flatMap(aside -> Stream.of(mm + aside, mm - aside))
                .filter(along -> along > 0 && along < side.lengthMm())
                .flatMap(along -> at(side, along).stream())
                .flatMap(p -> FittingSpot.at(geometry, kind, p, rules().height(kind), 0, units).stream())
                .map(FittingSpot::on)
                .filter(on ->
                        on instanceof Fitting.WallSide there && there.wall().equals(side.wall()))
                .map(on -> fitting(kind, on, List.of()))
                .filter(f -> isFree(f, switches))
                .findFirst();
    }

    private boolean isFree(Fitting socket, List<Point> switches) {
        return FittingPlaces.of(geometry, socket).stream()
                .allMatch(p -> switches.stream().allMatch(s -> s.distance(p.at()) > BESIDE_SWITCH_MM)
                        && geometry.cuts().stream().noneMatch(cut -> isAtJamb(cut, p))
                        && geometry.storey().furnishings().stream().noneMatch(f -> SocketCheck.covers(f, p)));
    }

    private static boolean isAtJamb(OpeningCut cut, FittingPlaces.Placed p) {
        return cut.opening().sill().mm() < p.heightMm()
                && cut.middle().distance(p.at()) < Math.hypot(cut.thicknessMm() / 2, FROM_JAMB_MM);
    }

    /** A point just before a side, so far along its faces. */
    private static Optional<Point> at(WallSides.WallSide side, double mm) {
        var left = mm;
        for (var face : side.faces()) {
            if (left <= face.length()) {
                return Optional.of(face.at(left).plus(face.unit().left().times(INTO_ROOM_MM)));
            }
            left -= face.length();
        }
        return Optional.empty();
    }
}
