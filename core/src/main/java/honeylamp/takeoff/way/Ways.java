package honeylamp.takeoff.way;

import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.RoomFit.CountsAs;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * The ways through a storey, worked out once and asked often. Doors stand open; what is marked to go in the works is out
 * of the way. Safe to share between threads.
 *
 * @see "E. W. Dijkstra, A note on two problems in connexion with graphs, Numer. Math. 1, 1959"
 */
public final class Ways {
    /** A circle so wide is enough to turn a wheelchair. */
    public static final double TURNING_MM = 1500;

    /** A wheelchair passes a door that is clear by so much. */
    public static final double DOOR_MM = 800;

    /** It passes between other things so far apart. */
    public static final double WAY_MM = 900;

    /** A higher step is none that a wheelchair takes. */
    public static final double LEVEL_MM = 20;

    /** So wide a place is worth being told even if nobody asked for more. */
    private static final double TOLD_MM = 1200;

    private final BooleanSupplier wanted;
    private final LaidStorey storey;
    private final WalkedFloor floor;
    private final BoxIndex index;
    private final Optional<Clearances> clear;
    private final List<FloorSteps.Step> steps;
    private final List<Entrance> entrances;
    private final List<Reached> toRooms;

    private Ways(LaidStorey storey, BooleanSupplier wanted) {
        this.wanted = wanted;
        this.storey = storey;
        this.floor = WalkedFloor.furnished(storey);
        this.index = new BoxIndex(
                floor.edges().size(), i -> floor.edges().get(i).line().bounds());
        this.clear = floor.ground().isEmpty() ? Optional.empty() : Optional.of(Clearances.of(floor));
        this.steps = FloorSteps.on(storey);
        this.entrances = Entrance.of(storey, floor);
        this.toRooms = from(entrances());
    }

    /** The ways through a storey. */
    public static Ways of(LaidStorey storey) {
        return of(storey, () -> true);
    }

    /**
     * The ways through a storey, as long as somebody waits for them.
     *
     * @param wanted asked now and then; once it says no, no ways are found
     */
    public static Ways of(LaidStorey storey, BooleanSupplier wanted) {
        return new Ways(storey, wanted);
    }

    /**
     * What is known of how one comes to a room and turns in it.
     *
     * @param way empty if none leads there
     * @param turningMm the widest free circle in it, at most 1,600
     * @param turning its middle
     */
    public record Reached(Room room, Optional<Way> way, double turningMm, Point turning) {
        /** Whether one comes in a wheelchair and turns there. */
        public boolean isStepFree() {
            return turningMm >= TURNING_MM
                    && way.filter(w -> w.stepMm() <= LEVEL_MM
                                    && w.narrow().stream()
                                            .allMatch(n -> n.mm() >= (n.door().isPresent() ? DOOR_MM : WAY_MM)))
                            .isPresent();
        }
    }

    /** Whether a door leads into a room. */
    boolean hasDoor(Room room) {
        return floor.doorways().stream()
                .flatMap(d -> d.ends().stream())
                .anyMatch(p -> room.outline().contains(p));
    }

    /** The storey. */
    public LaidStorey storey() {
        return storey;
    }

    /** Where one comes in: the front door, else a stair from below, else any door from outside. */
    public List<Point> entrances() {
        return entrances.stream().map(Entrance::at).toList();
    }

    /** The doors or stairs by which one comes in. */
    List<Entrance> comingIn() {
        return entrances;
    }

    /** The ways from where one comes in to all rooms, the largest room first. */
    public List<Reached> toRooms() {
        return toRooms;
    }

    /** The ways from a point to all rooms. */
    public List<Reached> from(Point start) {
        return from(List.of(start));
    }

    private List<Reached> from(List<Point> starts) {
        var rooms = storey.geometry().rooms().stream()
                .filter(r -> r.counts() != CountsAs.OUTDOOR)
                .toList();
        if (clear.isEmpty() || rooms.isEmpty() || !wanted.getAsBoolean()) {
            return List.of();
        }
        var raster = clear.get();
        var widest = new WidestWays(raster, cells(raster, starts));
        var turning = rooms.stream().mapToInt(r -> freest(raster, r)).toArray();
        var goals = rooms.stream().mapToInt(r -> reached(raster, widest, r)).toArray();
        var lines = widest.to(goals, (int) (wantedMm() / 2));
        Map<Integer, Optional<NarrowPlace>> known = new HashMap<>(); // ways share most of their places
        var out = new ArrayList<Reached>();
        for (var i = 0; i < rooms.size() && wanted.getAsBoolean(); i++) {
            out.add(new Reached(
                    rooms.get(i),
                    way(raster, lines.get(i), known),
                    2 * Math.max(0, raster.at(turning[i])),
                    raster.middle(turning[i])));
        }
        return out;
    }

    /** The way from where one comes in to a point; empty if none leads there. */
    public Optional<Way> leadingTo(Point to) {
        return entrances.isEmpty() ? Optional.empty() : between(entrances(), to);
    }

    /** The way between two points; empty if none leads from one to the other. */
    public Optional<Way> between(Point from, Point to) {
        return between(List.of(from), to);
    }

    private Optional<Way> between(List<Point> from, Point to) {
        return clear.flatMap(raster -> {
            var widest = new WidestWays(raster, cells(raster, from));
            var line = widest.to(new int[] {standing(raster, to)}, (int) (wantedMm() / 2))
                    .getFirst();
            return way(raster, line, new HashMap<>());
        });
    }

    /** How wide ways are wanted, in mm. */
    public double wantedMm() {
        return storey.plan().brief().minimums().way().mm();
    }

    private static int[] cells(Clearances raster, List<Point> points) {
        return points.stream().mapToInt(p -> standing(raster, p)).toArray();
    }

    /** The cell near a point where one stands most easily. */
    private static int standing(Clearances raster, Point p) {
        var best = raster.cell(p);
        for (var cell : raster.cells(new Segment(p, p).bounds().grown(WidestWays.LEAST_HALF_MM))) {
            if (raster.at(cell) > raster.at(best)) {
                best = cell;
            }
        }
        return best;
    }

    private static int freest(Clearances raster, Room room) {
        var best = raster.cell(room.outline().bounds().centre());
        var most = -1.0;
        for (var cell : raster.cells(room.outline().bounds())) {
            if (raster.at(cell) > most && room.outline().contains(raster.middle(cell))) {
                best = cell;
                most = raster.at(cell);
            }
        }
        return best;
    }

    /** The freest cell of a room of those to which a way leads; its freest if none does. */
    private static int reached(Clearances raster, WidestWays widest, Room room) {
        var best = -1;
        var most = -1.0;
        for (var cell : raster.cells(room.outline().bounds())) {
            if (raster.at(cell) > most
                    && widest.halfTo(cell).isPresent()
                    && room.outline().contains(raster.middle(cell))) {
                best = cell;
                most = raster.at(cell);
            }
        }
        return best < 0 ? freest(raster, room) : best;
    }

    private Optional<Way> way(Clearances raster, List<Point> line, Map<Integer, Optional<NarrowPlace>> known) {
        if (line.isEmpty()) {
            return Optional.empty();
        }
        var step = steps.stream()
                .filter(s -> crosses(line, s.line()))
                .mapToDouble(FloorSteps.Step::byMm)
                .max()
                .orElse(0);
        return Optional.of(new Way(line, narrow(raster, line, known), step));
    }

    private static boolean crosses(List<Point> line, Segment step) {
        for (var i = 0; i + 1 < line.size(); i++) {
            if (new Segment(line.get(i), line.get(i + 1)).touches(step)) {
                return true;
            }
        }
        return false;
    }

    /** Where a way is narrow: at the least clear point of each stretch of it that is not wide. */
    private List<NarrowPlace> narrow(Clearances raster, List<Point> line, Map<Integer, Optional<NarrowPlace>> known) {
        var told = Math.max(wantedMm(), TOLD_MM) / 2;
        var out = new ArrayList<NarrowPlace>();
        var samples = samples(raster, line);
        for (var i = 0; i < samples.size(); i++) {
            var here = raster.at(samples.get(i));
            var before = i == 0 ? Double.POSITIVE_INFINITY : raster.at(samples.get(i - 1));
            var after = i + 1 == samples.size() ? Double.POSITIVE_INFINITY : raster.at(samples.get(i + 1));
            if (here < told && here <= before && here < after) {
                var cell = raster.cell(samples.get(i));
                known.computeIfAbsent(cell, c -> NarrowPlace.near(floor, index, raster.middle(c), raster.at(c)))
                        .filter(n -> n.mm() < 2 * told)
                        .filter(n -> crosses(line, n.line())) // else it is beside the way
                        .ifPresent(n -> add(out, n));
            }
        }
        return out;
    }

    private static void add(List<NarrowPlace> out, NarrowPlace place) {
        var same = out.stream().filter(n -> n.isSame(place)).findFirst();
        if (same.filter(n -> n.mm() <= place.mm()).isEmpty()) {
            same.ifPresent(out::remove);
            out.add(place);
        }
    }

    private static List<Point> samples(Clearances raster, List<Point> line) {
        var out = new ArrayList<Point>();
        for (var i = 0; i + 1 < line.size(); i++) {
            var piece = new Segment(line.get(i), line.get(i + 1));
            var many = (int) Math.ceil(piece.length() / raster.cellMm());
            for (var k = 0; k < many; k++) {
                out.add(piece.a().towards(piece.b(), (double) k / many));
            }
        }
        out.add(line.getLast());
        return out;
    }
}
