package honeylamp.derive;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Boundary;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.BoundaryId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.ElementId.UnitCopyId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Sense;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Unit;
import honeylamp.plan.UnitCopy;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Lays the copies of units into their storeys as ordinary walls, openings, rooms and pieces, so that everything
 * derived from a storey treats them like drawn ones: walls join, labels are written upright, areas add up. A wall
 * of a copy that lies just where another already stands is that wall.
 */
public final class UnitCopies {
    /** Things of the nth copy have numbers from n times this on; drawn things have smaller ones. */
    private static final int NUMBERS = 1_000_000;

    /** So many copies can be told apart. */
    private static final int SLOTS = 2000;

    private static final double SAME_PLACE_MM = 1;

    private UnitCopies() {}

    /** A unit where it is drawn, and what belongs to it. */
    public record Drawn(Unit unit, StoreyGeometry drawn, UnitContents contents) {}

    /** The units of a plan, and the copies on one of its storeys. */
    public record OnStorey(List<Drawn> units, List<Laid> copies) {
        /** Nothing is repeated. */
        public static final OnStorey NONE = new OnStorey(List.of(), List.of());

        /** Freezes the lists. */
        public OnStorey {
            units = List.copyOf(units);
            copies = List.copyOf(copies);
        }
    }

    /** A copy, the unit it is of, and what belongs to that. */
    public record Laid(UnitCopy copy, Unit unit, StoreyGeometry drawn, UnitContents contents) {
        /** From the drawn unit to its place, in plan mm. */
        public Affine placing() {
            return copy.placing(unit.origin());
        }

        /** Whether a point of the plan lies in the copy. */
        public boolean holds(Point p) {
            return contents.holds(drawn, placing().inverse().apply(p));
        }
    }

    /** Whether something is part of a copy, not drawn itself. */
    public static boolean isCopied(ElementId id) {
        return id.number() >= NUMBERS;
    }

    /** The drawn room that a room of a copy is like. */
    public static RoomId drawn(RoomId copied) {
        return new RoomId(copied.number() % NUMBERS);
    }

    /** The copies on a storey. */
    static List<Laid> on(Plan plan, Storey storey, GeometryCache cache) {
        Map<UnitId, Drawn> drawn = new HashMap<>();
        return plan.repeats().copies().stream()
                .filter(c -> c.storey().equals(storey.id()))
                .map(c -> laid(c, drawn.computeIfAbsent(c.unit(), id -> drawn(plan, id, cache))))
                .toList();
    }

    /** The units of a plan where they are drawn. */
    static List<Drawn> units(Plan plan, GeometryCache cache) {
        return plan.repeats().units().stream()
                .map(u -> drawn(plan, u.id(), cache))
                .toList();
    }

    private static Drawn drawn(Plan plan, UnitId id, GeometryCache cache) {
        var unit = plan.repeats().units().stream()
                .filter(u -> u.id().equals(id))
                .findFirst()
                .orElseThrow();
        var drawn = cache.of(plan, plan.storey(unit.storey()));
        return new Drawn(unit, drawn, UnitContents.of(drawn, unit));
    }

    private static Laid laid(UnitCopy copy, Drawn unit) {
        return new Laid(copy, unit.unit(), unit.drawn(), unit.contents());
    }

    /** The plan with all copies laid into their storeys; the same plan if there are none. */
    public static Plan laidOut(Plan plan, GeometryCache cache) {
        var out = plan;
        for (var storey : plan.storeys()) {
            var copies = on(plan, storey, cache);
            if (!copies.isEmpty()) {
                out = out.withStorey(storey.id(), s -> laidInto(plan, s, copies));
            }
        }
        return out;
    }

    private static Storey laidInto(Plan plan, Storey storey, List<Laid> copies) {
        var all = new Gathered(storey);
        var slots = slots(plan);
        for (var laid : copies) {
            all.add(laid, NUMBERS * (slots.getOrDefault(laid.copy().id(), 0) + 1));
        }
        return all.storey();
    }

    /** A slot of numbers for each copy, by its own number: taking one copy out leaves the others theirs. */
    private static Map<UnitCopyId, Integer> slots(Plan plan) {
        Map<UnitCopyId, Integer> out = new HashMap<>();
        var taken = new HashSet<Integer>();
        plan.repeats().copies().stream()
                .map(UnitCopy::id)
                .sorted(Comparator.comparingInt(UnitCopyId::number))
                .forEach(id -> {
                    var slot = id.number() % SLOTS;
                    while (!taken.add(slot)) {
                        slot = (slot + 1) % SLOTS;
                    }
                    out.put(id, slot);
                });
        return out;
    }

    /** The things of one copy as own things, numbered from a number on. */
    public static Storey asDrawn(Storey storey, Laid laid, int firstNumber) {
        var all = new Gathered(storey);
        all.add(laid, firstNumber);
        return all.storey();
    }

    /** A storey to which copies are added. */
    private static final class Gathered {
        private final Storey storey;
        private final List<Wall> walls;
        private final List<Opening> openings;
        private final List<RoomMark> rooms;
        private final List<Structure> structures;
        private final List<Furnishing> furnishings;
        private final List<Boundary> boundaries;

        Gathered(Storey storey) {
            this.storey = storey;
            this.walls = new ArrayList<>(storey.walls());
            this.openings = new ArrayList<>(storey.openings());
            this.rooms = new ArrayList<>(storey.rooms());
            this.structures = new ArrayList<>(storey.structures());
            this.furnishings = new ArrayList<>(storey.furnishings());
            this.boundaries = new ArrayList<>(storey.boundaries());
        }

        void add(Laid laid, int base) {
            var way = laid.placing();
            var mirrored = laid.copy().sense() == Sense.MIRRORED;
            var turn = laid.copy().turnDeg();
            var contents = laid.contents();
            Map<WallId, Wall> hosts = new HashMap<>();
            for (var wall : contents.walls()) {
                var there = wall(wall, new WallId(base + wall.id().number()), way, mirrored);
                var standing = standing(there);
                hosts.put(wall.id(), standing.orElse(there));
                if (standing.isEmpty()) {
                    walls.add(there);
                }
            }
            for (var opening : contents.openings()) {
                Optional.ofNullable(hosts.get(opening.host()))
                        .ifPresent(host -> openings.add(opening(opening, host, base, laid, mirrored)));
            }
            for (var mark : contents.marks()) {
                rooms.add(mark(mark, new RoomId(base + mark.id().number()), way, mirrored, turn));
            }
            for (var part : contents.structures()) {
                structures.add(part(part, new StructureId(base + part.id().number()), way, mirrored, turn));
            }
            for (var edge : contents.boundaries()) {
                var id = new BoundaryId(base + edge.id().number());
                boundaries.add(new Boundary(id, moved(edge.from(), way), moved(edge.to(), way)));
            }
            for (var piece : contents.furnishings()) {
                var id = new FurnishingId(base + piece.id().number());
                var placed = piece.withId(id).movedTo(moved(piece.at(), way));
                furnishings.add(
                        mirrored
                                ? placed.inSense(piece.sense().other()).turnedTo(turn - piece.turnDeg())
                                : placed.turnedTo(piece.turnDeg() + turn));
            }
        }

        Storey storey() {
            return storey.withWalls(walls)
                    .withOpenings(openings)
                    .withRooms(rooms)
                    .withStructures(structures)
                    .withFurnishings(furnishings)
                    .withBoundaries(boundaries);
        }

        private static Position moved(Position at, Affine way) {
            return Position.of(way.apply(at.point()));
        }

        private static Wall wall(Wall wall, WallId id, Affine way, boolean mirrored) {
            var there = wall.withId(id).between(moved(wall.from(), way), moved(wall.to(), way));
            return mirrored
                    ? there.withBody(wall.body().flipped())
                            .withSagitta(wall.sagitta().negated())
                    : there;
        }

        /** The wall that already stands where a copied one would. */
        private Optional<Wall> standing(Wall there) {
            return walls.stream()
                    .filter(w -> w.type().equals(there.type())
                            && Math.abs(w.sagitta().mm()) < SAME_PLACE_MM
                            && Math.abs(there.sagitta().mm()) < SAME_PLACE_MM
                            && (same(w.from(), there.from()) && same(w.to(), there.to()) && w.body() == there.body()
                                    || same(w.from(), there.to())
                                            && same(w.to(), there.from())
                                            && w.body() == there.body().flipped()))
                    .findFirst();
        }

        private static boolean same(Position a, Position b) {
            return a.point().distance(b.point()) < SAME_PLACE_MM;
        }

        private static Opening opening(Opening opening, Wall host, int base, Laid laid, boolean mirrored) {
            var hung = (mirrored ? opening.mirrored() : opening)
                    .withId(new OpeningId(base + opening.id().number()))
                    .in(host.id(), opening.offset());
            var first = laid.drawn().storey().wall(opening.host()).orElseThrow().from();
            return same(host.from(), moved(first, laid.placing()))
                    ? hung
                    : hung.reversed(Length.ofMm(host.line().length()));
        }

        private static RoomMark mark(RoomMark mark, RoomId id, Affine way, boolean mirrored, double turn) {
            var floor = mark.floor();
            var angle = mirrored ? turn - floor.directionDeg() : turn + floor.directionDeg();
            var laid = new Finish(floor.material(), angle, moved(floor.start(), way));
            return new RoomMark(id, moved(mark.at(), way), mark.name(), laid, mark.fit(), mark.standing());
        }

        private static Structure part(Structure part, StructureId id, Affine way, boolean mirrored, double turn) {
            var placed = part.withId(id).movedTo(moved(part.at(), way));
            return mirrored ? placed.mirroredTo(turn - part.turnDeg()) : placed.turnedTo(part.turnDeg() + turn);
        }
    }
}
