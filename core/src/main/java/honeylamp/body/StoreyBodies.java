package honeylamp.body;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening;
import honeylamp.plan.Raised.Near;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stand;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import honeylamp.takeoff.lived.LivedIn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** All that stands on a storey, or in one of its rooms, as bodies. */
public final class StoreyBodies {
    /** Floors are seen so thick at their edges. */
    public static final double SLAB_MM = 150;

    /** So far behind a wall of a room no other part of that room lies, if the wall stands in a cutaway. */
    private static final double PROBE_MM = 400;

    private static final double BESIDE_MM = 10;
    private static final double HEDGE_MM = 1500;

    /** Near walls that are cut low are so high. */
    private static final double LOW_MM = 300;

    /** A face looks to the eye if it is not seen edge on. */
    private static final double LOOKS_TO_EYE = 0.01;

    /** One sees along a stair that is no farther. */
    private static final double SEES_STAIR_MM = 3000;

    /** A leaf so near to a room slides in its doorway. */
    private static final double IN_DOORWAY_MM = 150;

    /** What hangs so near to a wall that is cut away goes with it. */
    private static final double ON_WALL_MM = 220;

    /** What hangs higher than this above the floor hangs on its wall. */
    private static final double HANGS_MM = 500;

    private final LaidStorey storey;
    private final StoreyGeometry geometry;
    private final double floorMm;
    private final Below below;
    private final double livedIn;

    private StoreyBodies(LaidStorey storey, Below below, double livedIn) {
        this.livedIn = livedIn;
        this.storey = storey;
        this.below = below;
        this.geometry = storey.geometry();
        this.floorMm = storey.storey().level().mm();
    }

    /** What is seen through holes in the floor. */
    public enum Below {
        /** The storey below, which is raised too. */
        STOREY,
        /** Nothing but that it is deep there. */
        DARK
    }

    /**
     * A storey, cut so high above its floor.
     *
     * @return its bodies; none of a storey where nothing is built
     */
    public static List<Body> whole(LaidStorey storey, double cutMm, Below below) {
        return whole(
                new StoreyBodies(storey, below, 0), cutMm, List.of(), Near.STANDING); // small things would be specks
    }

    /**
     * A storey, cut so high above its floor, over whose near walls one looks.
     *
     * @param near what becomes of them
     * @param towards where one looks, in the plan, of length one
     */
    public static List<Body> whole(LaidStorey storey, double cutMm, Near near, Point towards) {
        var bodies = new StoreyBodies(storey, Below.DARK, 0);
        var ground = near == Near.STANDING ? List.<Outline>of() : bodies.nearWalls(towards);
        return whole(bodies, cutMm, ground, near);
    }

    private static List<Body> whole(StoreyBodies bodies, double cutMm, List<Outline> nearGround, Near near) {
        var walls = bodies.geometry.network().poche();
        var out = new ArrayList<Body>();
        var shells = bodies.geometry.shells();
        bodies.site(out, shells);
        bodies.slab(out, shells, bodies.geometry.rooms());
        bodies.standing(out, nearGround.isEmpty() ? walls : Regions.difference(walls, nearGround), cutMm, _ -> true);
        if (!nearGround.isEmpty()) {
            bodies.standing(out, nearGround, Math.min(cutMm, LOW_MM), _ -> false);
            if (near == Near.THROUGH) {
                out.add(film(new WallBodies(bodies.storey).over(nearGround, cutMm)));
            }
        }
        bodies.fixed(out, cutMm, _ -> true);
        bodies.endUnderRoof(out);
        bodies.pieces(out, _ -> true);
        return List.copyOf(out);
    }

    /** The ground of the outer walls whose outer faces look to the eye. */
    private List<Outline> nearWalls(Point towards) {
        var strips = new ArrayList<Outline>();
        for (var shell : geometry.shells()) {
            var edges = Prism.oriented(shell).shell().edges();
            for (var i = 0; i < edges.size(); i++) {
                if (isNear(edges.get(i), towards)) {
                    var before = edges.get((i + edges.size() - 1) % edges.size());
                    var after = edges.get((i + 1) % edges.size());
                    strips.add(strip(edges.get(i), isNear(before, towards), isNear(after, towards)));
                }
            }
        }
        return Regions.intersection(Regions.union(strips), geometry.network().poche());
    }

    private boolean isNear(Segment edge, Point towards) {
        return edge.unit().left().dot(towards) > LOOKS_TO_EYE && thickMm(edge) > 0;
    }

    private double thickMm(Segment edge) {
        return new WallHoles(geometry)
                .wall(edge)
                .map(on -> on.piece().thicknessMm())
                .orElse(0.0);
    }

    /** The ground of a wall inside its outer face; around a corner with the next wall, if that goes too. */
    private Outline strip(Segment edge, boolean goesBefore, boolean goesAfter) {
        var thick = thickMm(edge);
        var longer = edge.part(goesBefore ? -1.5 * thick : 0, edge.length() + (goesAfter ? 1.5 * thick : 0));
        var inner = longer.shiftedLeft(thick + BESIDE_MM);
        return Outline.of(new Ring(List.of(longer.a(), longer.b(), inner.b(), inner.a())));
    }

    /** The same body, to be seen through. */
    private static Body film(Body walls) {
        return new Body(
                walls.kind(),
                walls.of(),
                walls.facets().stream()
                        .map(f -> new Facet(
                                f.flat(),
                                f.outline(),
                                new Skin(Role.WALL_SIDE, Optional.empty(), Optional.empty(), Skin.Sort.CLEAR),
                                0,
                                f.of()))
                        .toList());
    }

    /** What of a storey is seen beside and through its roof: the ground around it, its balconies, its chimneys. */
    public static List<Body> around(LaidStorey storey) {
        var bodies = new StoreyBodies(storey, Below.STOREY, 0);
        var out = new ArrayList<Body>();
        bodies.site(out, bodies.geometry.shells());
        bodies.fixed(
                out,
                Double.POSITIVE_INFINITY,
                p -> storey.fixedParts().blocks().stream()
                        .filter(b -> b.is(Structure.Kind.CHIMNEY) || b.is(Structure.Kind.BALCONY))
                        .anyMatch(b -> b.at().point().equals(p)));
        return List.copyOf(out);
    }

    /** The walls between the ceiling of a storey and the slab of the one on it; none if nothing stands on it. */
    public static Optional<Body> upToNext(LaidStorey storey) {
        var ceiling = storey.storey().level().plus(storey.storey().height()).mm();
        return storey.plan().all().stream()
                .filter(s -> s.storey().level().mm() - SLAB_MM > ceiling + 1)
                .min(Comparator.comparingDouble(s -> s.storey().level().mm()))
                .map(next ->
                        Regions.intersection(
                                        storey.geometry().network().poche(),
                                        next.geometry().shells())
                                .stream()
                                .flatMap(o -> Prism.upright(
                                        o,
                                        ceiling,
                                        next.storey().level().mm() - SLAB_MM,
                                        Skin.of(Role.WALL_SIDE),
                                        Skin.cut())
                                        .stream())
                                .toList())
                .map(facets -> new Body(Kind.WALLS, Optional.empty(), facets));
    }

    /**
     * A storey as high as it is, with its ceilings, for who stands in it; near a stair the storey it leads to as well.
     *
     * @param at where one stands
     * @param livedIn how much of daily life lies about, from 0 to 1
     */
    public static List<Body> inside(LaidStorey storey, Point at, double livedIn) {
        var out = new ArrayList<>(rooms(storey, livedIn));
        for (var other : storey.plan().all()) {
            if (!other.id().equals(storey.id()) && isJoinedNear(storey, other, at)) {
                out.addAll(rooms(other, 0)); // one sees up and down the stair
            }
        }
        return List.copyOf(out);
    }

    /** Whether a stair leads from one storey to another. */
    private static boolean isJoined(LaidStorey a, LaidStorey b) {
        return a.fixedParts().stairs().stream()
                .anyMatch(s -> b.fixedParts().stairs().stream()
                        .anyMatch(o -> o.part().id().equals(s.part().id())));
    }

    /** Whether such a stair is so near that one sees along it. */
    private static boolean isJoinedNear(LaidStorey a, LaidStorey b, Point at) {
        return isJoined(a, b)
                && a.fixedParts().stairs().stream()
                        .flatMap(s -> s.steps().outline().stream())
                        .anyMatch(o -> o.contains(at) || o.edgeDistance(at) < SEES_STAIR_MM);
    }

    /** The sides of a stair's well between the ceiling and the slab above it. */
    private void wells(List<Body> out) {
        var ceiling = storey.storey().level().plus(storey.storey().height()).mm();
        var above = storey.plan().all().stream()
                .mapToDouble(s -> s.storey().level().mm() - SLAB_MM)
                .filter(z -> z > ceiling + 1)
                .min();
        if (above.isEmpty()) {
            return;
        }
        var facets = new ArrayList<Facet>();
        for (var stair : storey.fixedParts().stairs()) {
            if (stair.seen() == FixedParts.End.FOOT) {
                stair.well()
                        .forEach(o -> o.shell()
                                .counterClockwise()
                                .reversed()
                                .edges()
                                .forEach(e -> facets.add(new Facet(
                                        Flat.plumb(e.a(), ceiling, e.unit()),
                                        Outline.of(new Box(0, 0, e.length(), above.getAsDouble() - ceiling).ring()),
                                        Skin.of(Role.WALL_SIDE)))));
            }
        }
        if (!facets.isEmpty()) {
            out.add(new Body(Kind.OVERHEAD, Optional.empty(), facets));
        }
    }

    private static List<Body> rooms(LaidStorey storey, double livedIn) {
        var isJoinedBelow = storey.plan().all().stream()
                .anyMatch(o -> o.storey().level().compareTo(storey.storey().level()) < 0 && isJoined(storey, o));
        var bodies = new StoreyBodies(storey, isJoinedBelow ? Below.STOREY : Below.DARK, livedIn);
        var high = storey.storey().height().mm();
        var out = new ArrayList<Body>();
        bodies.site(out, bodies.geometry.shells());
        bodies.slab(out, bodies.geometry.shells(), bodies.geometry.rooms());
        bodies.standing(out, bodies.geometry.network().poche(), high, _ -> true);
        bodies.ceilings(out);
        bodies.wells(out);
        bodies.fixed(out, high, _ -> true);
        bodies.endUnderRoof(out);
        bodies.pieces(out, _ -> true);
        return out;
    }

    /** The ceilings of all rooms, seen from below: level, raised and sloping parts. */
    private void ceilings(List<Body> out) {
        var open = storey.fixedParts().stairs().stream()
                .filter(s -> s.seen() == FixedParts.End.FOOT)
                .flatMap(s -> s.well().stream())
                .toList();
        for (var room : geometry.rooms()) {
            var facets = new ArrayList<Facet>();
            for (var mark : room.mark().stream().toList()) {
                for (var found : Surfaces.ofRoom(storey, room, mark)) {
                    if (found.surface() instanceof Surface.Ceiling) {
                        ceiling(facets, found, open);
                    }
                }
            }
            if (room.lie() == Room.Lie.INSIDE && !facets.isEmpty()) {
                out.add(new Body(Kind.OVERHEAD, room.mark().map(RoomMark::id), facets));
            }
        }
    }

    private static void ceiling(List<Facet> out, Surfaces.Found found, List<Outline> open) {
        var frame = found.frame();
        var flat = frame.up() == Surfaces.Up.LEVEL
                ? new Flat(
                        SpacePoint.of(frame.origin(), frame.levelMm()), SpacePoint.of(frame.along(), 0), rising(frame))
                : Flat.plumb(frame.origin(), frame.levelMm(), frame.along());
        var skin = Skin.of(Role.WALL_SIDE)
                .covered(found.finish(), found.surface().host().seed());
        var isLevel = frame.up() == Surfaces.Up.LEVEL && frame.risesDeg() == 0;
        for (var part : isLevel ? Regions.difference(found.outline(), open) : found.outline()) {
            var outline = Prism.oriented(part);
            if (frame.up() == Surfaces.Up.LEVEL) {
                out.add(new Facet(flat.turnedOver(), Prism.turnedOver(outline), skin));
            } else {
                out.add(new Facet(flat, outline, skin));
                out.add(new Facet(flat.turnedOver(), Prism.turnedOver(outline), skin));
            }
        }
    }

    private static SpacePoint rising(Surfaces.Frame frame) {
        var steep = Math.toRadians(frame.risesDeg());
        return SpacePoint.of(frame.along().left(), 0).times(Math.cos(steep)).plus(SpacePoint.UP.times(Math.sin(steep)));
    }

    /**
     * A room with the walls that stand behind it, the others cut away down to the floor.
     *
     * @param towards where one looks, in the plan, of length one
     * @param livedIn how much of daily life lies about, from 0 to 1
     */
    public static List<Body> cutaway(LaidStorey storey, Room room, Point towards, double livedIn) {
        var bodies = new StoreyBodies(storey, Below.DARK, livedIn);
        var around = new WallsAround(bodies.geometry, room);
        var standing = around.standing(edge -> bodies.isBehind(room, edge, towards));
        var all = around.standing(_ -> true);
        var out = new ArrayList<Body>();
        var slab = new ArrayList<>(all);
        slab.add(room.outline());
        bodies.slab(out, Regions.union(slab), List.of(room));
        bodies.cutDown(out, Regions.difference(all, standing));
        var high = bodies.heightMm(room);
        bodies.standing(
                out,
                standing,
                high,
                p -> room.outline().contains(p) || room.outline().edgeDistance(p) < IN_DOORWAY_MM);
        var inRoom = within(room);
        bodies.fixed(out, high, inRoom);
        var gone = around.edges(edge -> !bodies.isBehind(room, edge, towards));
        bodies.endUnderRoof(out);
        bodies.pieces(out, piece -> inRoom.test(piece.at().point()) && !hangsOn(piece, gone));
        return List.copyOf(out);
    }

    /** Doors, windows and posts end where the roof does; walls are made so. */
    private void endUnderRoof(List<Body> out) {
        UnderRoof.overWalls(storey)
                .ifPresent(roof -> out.replaceAll(body -> switch (body.kind()) {
                    case OPENINGS, FIXED_PARTS, WALLS -> roof.under(body);
                    case GROUND,
                            FINISHES,
                            FURNITURE,
                            OVERHEAD,
                            CROWNS,
                            FITTINGS,
                            ACTIVITIES,
                            DIMENSIONS,
                            ROOM_NAMES,
                            NOTES,
                            TAGS -> body;
                }));
    }

    /** Whether a piece hangs on one of some walls, such as a curtain or a cupboard: without the wall it would float. */
    private static boolean hangsOn(Furnishing piece, List<Segment> walls) {
        var kind = Furnishings.of(piece);
        var hangs = kind.filter(
                        k -> k.stand() == Stand.AT_WALL && piece.bottom().mm() > HANGS_MM
                                || k.way() == FurnishingKind.Way.GIVES_WAY
                                        && piece.height().mm() > HANGS_MM)
                .isPresent();
        return hangs
                && walls.stream()
                        .anyMatch(w -> w.distance(piece.at().point())
                                < ON_WALL_MM + piece.depth().mm() / 2);
    }

    /** The corners of a storey that is cut so high above its floor: of its slab, and of the tops of its walls. */
    public static List<SpacePoint> reach(LaidStorey storey, double cutMm) {
        var floor = storey.storey().level().mm();
        var high = storey.geometry().network().pieces().stream()
                .mapToDouble(p -> Math.min(cutMm, p.wall().height().mm()))
                .max()
                .orElse(0);
        var out = new ArrayList<SpacePoint>();
        for (var ground : storey.storey().grounds()) {
            ground.ring().corners().forEach(p -> out.add(SpacePoint.of(p, floor - SLAB_MM)));
        }
        var shells = storey.geometry().shells();
        for (var shell : shells.isEmpty() ? storey.geometry().network().poche() : shells) { // walls may not close yet
            for (var p : shell.shell().corners()) {
                out.add(SpacePoint.of(p, floor - SLAB_MM));
                out.add(SpacePoint.of(p, floor + high));
            }
        }
        return out;
    }

    /** The corners of a cutaway of a room: of its slab, and of the tops of the walls that stand. */
    public static List<SpacePoint> reach(LaidStorey storey, Room room, Point towards) {
        var bodies = new StoreyBodies(storey, Below.DARK, 0);
        var around = new WallsAround(bodies.geometry, room);
        var out = new ArrayList<SpacePoint>();
        var slab = new ArrayList<>(around.standing(_ -> true));
        slab.add(room.outline());
        slab.forEach(o -> o.shell().corners().forEach(p -> out.add(SpacePoint.of(p, bodies.floorMm - SLAB_MM))));
        var high = bodies.heightMm(room);
        around.standing(edge -> bodies.isBehind(room, edge, towards))
                .forEach(o -> o.shell().corners().forEach(p -> out.add(SpacePoint.of(p, bodies.floorMm + high))));
        return out;
    }

    private double heightMm(Room room) {
        return room.mark()
                .flatMap(m -> m.fit().height())
                .orElse(storey.storey().height())
                .mm();
    }

    private static Predicate<Point> within(Room room) {
        return p -> room.outline().contains(p) || room.outline().edgeDistance(p) < BESIDE_MM;
    }

    /** Whether a wall of a room stands behind it, and no part of the room behind the wall. */
    private boolean isBehind(Room room, Segment edge, Point towards) {
        var inwards = edge.unit().left();
        if (inwards.dot(towards) >= -1e-9) {
            return false;
        }
        var far = room.outline().bounds().width() + room.outline().bounds().height();
        for (var share : new double[] {0.2, 0.5, 0.8}) {
            var from = edge.at(edge.length() * share);
            for (var mm = PROBE_MM; mm < far; mm += PROBE_MM) {
                if (room.outline().contains(from.plus(towards.times(mm)))) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The ground around a building, a little below its floor. */
    private void site(List<Body> out, List<Outline> shells) {
        var facets = new ArrayList<Facet>();
        var rank = 0;
        for (var ground : storey.storey().grounds()) {
            var skin = Skin.of(
                            Role.BARE_FLOOR,
                            Optional.of(Grounds.material(ground.use()).tone()))
                    .covered(
                            Surfaces.finish(storey.storey(), new Surface.Site(ground.id())),
                            ground.id().seed());
            rank++;
            for (var part : Regions.difference(List.of(Outline.of(ground.ring())), shells)) {
                var low = floorMm - SLAB_MM;
                if (ground.use() == Ground.Use.HEDGE) {
                    Prism.upright(part, low, low + HEDGE_MM, skin).forEach(f -> facets.add(f.of(ground.id())));
                } else {
                    facets.add(new Facet(Flat.level(low), Prism.oriented(part), skin, rank).of(ground.id()));
                }
            }
        }
        if (!facets.isEmpty()) {
            out.add(new Body(Kind.GROUND, Optional.empty(), facets));
        }
    }

    /** The slab with the floors on it. */
    private void slab(List<Body> out, List<Outline> ground, List<Room> rooms) {
        var open = new ArrayList<>(FixedParts.voids(storey.storey()));
        storey.fixedParts().stairs().stream()
                .filter(s -> s.seen() == FixedParts.End.HEAD)
                .forEach(s -> open.addAll(s.well()));
        var facets = new ArrayList<Facet>();
        for (var part : Regions.difference(Regions.union(ground), open)) {
            facets.addAll(
                    Prism.upright(part, floorMm - SLAB_MM, floorMm, Skin.of(Role.STEP), Skin.of(Role.BARE_FLOOR)));
        }
        if (below == Below.DARK) {
            for (var hole : Regions.intersection(ground, open)) {
                facets.add(new Facet(Flat.level(floorMm - SLAB_MM - 1), Prism.oriented(hole), Skin.of(Role.DEPTH)));
            }
        }
        out.add(new Body(Kind.FIXED_PARTS, Optional.empty(), facets));
        for (var room : rooms) {
            floor(out, room, open);
        }
    }

    private void floor(List<Body> out, Room room, List<Outline> open) {
        var facets = new ArrayList<Facet>();
        for (var mark : room.mark().stream().toList()) {
            for (var found : Surfaces.ofRoom(storey, room, mark)) {
                if (found.frame().up() == Surfaces.Up.LEVEL
                        && !(found.surface() instanceof Surface.Ceiling)
                        && found.frame().levelMm() < floorMm + 1) {
                    var skin = Skin.of(Role.BARE_FLOOR)
                            .covered(found.finish(), found.surface().host().seed());
                    var flat = Flat.level(found.frame().levelMm());
                    for (var part : Regions.difference(found.outline(), open)) {
                        facets.add(new Facet(flat, Prism.oriented(part), skin, 1));
                    }
                }
            }
        }
        if (!facets.isEmpty()) {
            out.add(new Body(Kind.FINISHES, room.mark().map(RoomMark::id), facets));
        }
    }

    /** Where walls were taken away: their ground, dark. */
    private void cutDown(List<Body> out, List<Outline> ground) {
        var holes = geometry.cuts().stream()
                .filter(c -> c.opening().sill().mm() <= 0)
                .map(OpeningCut::generous)
                .map(Outline::of)
                .toList();
        var facets = Regions.difference(ground, holes).stream()
                .map(part -> new Facet(Flat.level(floorMm), Prism.oriented(part), Skin.cut(), 2))
                .toList();
        out.add(new Body(Kind.WALLS, Optional.empty(), facets));
        for (var cut : geometry.cuts()) {
            if (WallBodies.isIn(ground, cut)) {
                threshold(cut).ifPresent(out::add);
            }
        }
    }

    /** Walls with what is in them; leaves that stand open elsewhere are left out. */
    private void standing(List<Body> out, List<Outline> walls, double cutMm, Predicate<Point> leavesIn) {
        out.add(new WallBodies(storey).over(walls, cutMm));
        var openings = new OpeningBodies(floorMm, cutMm, leavesIn);
        for (var cut : geometry.cuts()) {
            if (WallBodies.isIn(walls, cut)) {
                out.add(openings.reveal(cut));
                threshold(cut).ifPresent(out::add);
                out.addAll(openings.filling(cut));
            }
        }
    }

    /** The floor in an opening that reaches down to it: what was laid there, else each half the floor of its room. */
    private Optional<Body> threshold(OpeningCut cut) {
        if (cut.opening().sill().mm() > 0) {
            return Optional.empty();
        }
        var facets = new ArrayList<Facet>();
        var own = Surfaces.threshold(storey, cut).filter(f -> f.finish().isPresent());
        var flat = Flat.level(floorMm);
        if (own.isPresent()) {
            var finish = own.get().finish().map(own.get().frame()::inPlan);
            var skin =
                    Skin.of(Role.BARE_FLOOR).covered(finish, cut.opening().id().seed());
            facets.add(new Facet(flat, Outline.of(cut.ring()), skin, 3));
        } else {
            var left = roomBeside(cut, Opening.Swing.LEFT);
            var right = roomBeside(cut, Opening.Swing.RIGHT);
            for (var side : Opening.Swing.values()) {
                var room = side == Opening.Swing.LEFT ? left.or(() -> right) : right.or(() -> left);
                var mark = room.flatMap(Room::mark);
                var skin = Skin.of(Role.BARE_FLOOR)
                        .covered(
                                mark.map(RoomMark::floor),
                                mark.map(m -> m.id().seed()).orElse(0L));
                facets.add(new Facet(flat, Outline.of(cut.half(side)), skin, 3));
            }
        }
        return Optional.of(new Body(Kind.FINISHES, Optional.empty(), facets));
    }

    private Optional<Room> roomBeside(OpeningCut cut, Opening.Swing side) {
        var away = cut.thicknessMm() / 2 + BESIDE_MM;
        return geometry.roomAt(
                cut.middle().middle().plus(cut.unit().left().times(side == Opening.Swing.LEFT ? away : -away)));
    }

    private void pieces(List<Body> out, Predicate<Furnishing> which) {
        var made = new PieceBodies(storey.storey());
        var small = livedIn == 0
                ? Stream.<Furnishing>empty()
                : LivedIn.at(LivedIn.all(geometry), livedIn).stream().map(LivedIn.Small::piece);
        Stream.concat(storey.storey().furnishings().stream(), small)
                .filter(which)
                .forEach(piece -> made.of(piece).ifPresent(out::add));
    }

    private void fixed(List<Body> out, double cutMm, Predicate<Point> where) {
        var made = new FixedBodies(floorMm, cutMm, below == Below.DARK ? SLAB_MM : Double.POSITIVE_INFINITY);
        for (var part : storey.fixedParts().blocks()) {
            if (where.test(part.at().point())) {
                made.of(part).ifPresent(out::add);
            }
        }
        for (var stair : storey.fixedParts().stairs()) {
            if (where.test(stair.part().at().point())) {
                made.of(stair).ifPresent(out::add);
            }
        }
    }
}
