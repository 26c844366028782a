package honeylamp.body;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.ElementId;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Raised.Near;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stand;
import honeylamp.plan.Structure;
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

    /** So thick is the edge of the floor of a room that is cut away: its slab, and what is said to lie on that. */
    public static double edgeMm(Room room) {
        return SLAB_MM
                + room.mark()
                        .filter(m -> !m.fit().floorLayers().isEmpty())
                        .map(m -> FloorSteps.thickness(m).mm())
                        .orElse(0.0);
    }

    /** So far behind a wall of a room no other part of that room lies, if the wall stands in a cutaway. */
    private static final double PROBE_MM = 400;

    private static final double BESIDE_MM = 10;

    /** Beside a wall that is no farther there is no rail. */
    private static final double AT_WALL_MM = 120;

    /** Near walls that are cut low are so high. */
    private static final double LOW_MM = 300;

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
    private final GroundBodies ground;
    private final CoveredSides covered;

    StoreyBodies(LaidStorey storey, Below below, double livedIn) {
        this.livedIn = livedIn;
        this.storey = storey;
        this.below = below;
        this.geometry = storey.geometry();
        this.floorMm = storey.storey().level().mm();
        this.ground = new GroundBodies(storey, below);
        this.covered = new CoveredSides(storey);
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
        return new CutStorey(new StoreyBodies(storey, below, 0), cutMm) // small things would be specks
                .bodies(Near.STANDING, List.of());
    }

    /** A storey, cut so high above its floor, over whose near walls one may look. */
    public static CutStorey cut(LaidStorey storey, double cutMm) {
        return new CutStorey(new StoreyBodies(storey, Below.DARK, 0), cutMm);
    }

    /**
     * The ground of the near walls of a storey; none if they stand as the others do.
     *
     * @param towards where one looks, in the plan, of length one
     */
    public static List<Outline> nearGround(LaidStorey storey, Near near, Point towards) {
        return near == Near.STANDING ? List.of() : new NearWalls(storey.geometry()).ground(towards);
    }

    /** The ground of all walls. */
    List<Outline> poche() {
        return geometry.network().poche();
    }

    /** What lies below all that stands. */
    List<Body> grounds() {
        var out = new ArrayList<Body>();
        ground.site(out, geometry.shells());
        ground.slab(out, geometry.shells(), geometry.rooms());
        return List.copyOf(out);
    }

    /** What stands between walls. */
    List<Body> within(double cutMm) {
        var out = new ArrayList<Body>();
        fixed(out, cutMm, _ -> true);
        endUnderRoof(out);
        pieces(out, _ -> true);
        fittings(out, cutMm, _ -> true);
        return List.copyOf(out);
    }

    /** What is left of the walls one looks over. */
    void near(List<Body> out, List<Outline> nearGround, double cutMm, Near near) {
        if (nearGround.isEmpty()) {
            return;
        }
        switch (near) {
            case STANDING -> {}
            case GONE -> ground.cutDown(out, nearGround);
            case LOW -> standing(out, nearGround, Math.min(cutMm, LOW_MM), _ -> false);
            case THROUGH -> {
                standing(out, nearGround, Math.min(cutMm, LOW_MM), _ -> false);
                out.add(NearWalls.film(new WallBodies(storey, covered, nearGround).upTo(cutMm)));
            }
        }
    }

    /** What of a storey is seen beside and through its roof: the ground around it, its balconies, its chimneys. */
    public static List<Body> around(LaidStorey storey) {
        var bodies = new StoreyBodies(storey, Below.STOREY, 0);
        var out = new ArrayList<Body>();
        bodies.ground.site(out, bodies.geometry.shells());
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

    private static List<Body> rooms(LaidStorey storey, double livedIn) {
        var isJoinedBelow = storey.plan().all().stream()
                .anyMatch(o -> o.storey().level().compareTo(storey.storey().level()) < 0 && isJoined(storey, o));
        var bodies = new StoreyBodies(storey, isJoinedBelow ? Below.STOREY : Below.DARK, livedIn);
        var high = storey.storey().height().mm();
        var out = new ArrayList<Body>();
        bodies.ground.site(out, bodies.geometry.shells());
        bodies.ground.slab(out, bodies.geometry.shells(), bodies.geometry.rooms());
        bodies.standing(out, bodies.geometry.network().poche(), high, _ -> true);
        var ceilings = new CeilingBodies(storey);
        ceilings.ceilings(out);
        ceilings.wells(out);
        bodies.fixed(out, high, _ -> true);
        bodies.endUnderRoof(out);
        bodies.pieces(out, _ -> true);
        bodies.fittings(out, Double.POSITIVE_INFINITY, _ -> true);
        return out;
    }

    /**
     * A room with the walls that stand behind it.
     *
     * @param near what becomes of those before it
     * @param towards where one looks, in the plan, of length one
     * @param livedIn how much of daily life lies about, from 0 to 1
     */
    public static List<Body> cutaway(LaidStorey storey, Room room, Near near, Point towards, double livedIn) {
        var bodies = new StoreyBodies(storey, Below.DARK, livedIn);
        var around = new WallsAround(bodies.geometry, room);
        var standing = around.standing(edge -> bodies.isBehind(room, edge, towards));
        var all = around.standing(_ -> true);
        var out = new ArrayList<Body>();
        var slab = new ArrayList<>(all);
        slab.add(room.outline());
        bodies.ground.slab(out, Regions.union(slab), List.of(room));
        var high = bodies.heightMm(room);
        bodies.near(out, Regions.difference(all, standing), high, near);
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
        bodies.fittings(
                out,
                Double.POSITIVE_INFINITY,
                p -> inRoom.test(p.before())
                        && !(p.isOnWall() && gone.stream().anyMatch(e -> e.distance(p.at()) < BESIDE_MM)));
        return List.copyOf(out);
    }

    /** Doors, windows and posts end where the roof does; walls are made so. */
    void endUnderRoof(List<Body> out) {
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

    /** What of a storey reaches beyond its walls: balconies and other fixed parts, and pieces that are higher than the cut. */
    public static List<SpacePoint> beyond(LaidStorey storey, double cutMm) {
        var floor = storey.storey().level().mm();
        var out = new ArrayList<SpacePoint>();
        var made = new FixedBodies(floor, cutMm, SLAB_MM, _ -> false);
        storey.fixedParts().blocks().stream()
                .flatMap(part -> made.of(part).stream())
                .flatMap(body -> body.facets().stream())
                .forEach(f -> out.addAll(f.inSpace(f.outline().shell())));
        for (var piece : storey.storey().furnishings()) {
            var box = new Box(
                    -piece.width().mm() / 2,
                    -piece.depth().mm() / 2,
                    piece.width().mm() / 2,
                    piece.depth().mm() / 2);
            if (piece.top().mm() > cutMm && piece.bottom().mm() < cutMm) {
                box.ring()
                        .through(piece.placing())
                        .corners()
                        .forEach(p ->
                                out.add(SpacePoint.of(p, floor + piece.top().mm())));
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

    /** Walls with what is in them; leaves that stand open elsewhere are left out. */
    void standing(List<Body> out, List<Outline> walls, double cutMm, Predicate<Point> leavesIn) {
        out.add(new WallBodies(storey, covered, walls).upTo(cutMm));
        var openings = new OpeningBodies(storey, cutMm, leavesIn);
        for (var cut : geometry.cuts()) {
            if (WallBodies.isIn(walls, cut)) {
                out.add(openings.reveal(cut));
                ground.threshold(cut).ifPresent(out::add);
                out.addAll(openings.filling(cut));
            }
        }
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

    /** Fittings; what hangs higher than all is cut is not there, what stands is there whole. */
    private void fittings(List<Body> out, double cutMm, Predicate<Placed> which) {
        var made = new FittingBodies(geometry, floorMm);
        made.all().stream()
                .filter(which)
                .filter(p -> p.heightMm() < cutMm || p.fitting().kind().group() == FittingKind.Group.LAMPS)
                .forEach(p -> out.add(made.of(p)));
    }

    /** A fixed part, not cut. */
    List<Body> fixed(ElementId part) {
        var out = new ArrayList<Body>();
        fixed(out, Double.POSITIVE_INFINITY, _ -> true);
        out.removeIf(b -> b.of().filter(part::equals).isEmpty());
        endUnderRoof(out);
        return out;
    }

    private void fixed(List<Body> out, double cutMm, Predicate<Point> where) {
        var made = new FixedBodies(
                floorMm,
                cutMm,
                below == Below.DARK ? SLAB_MM : Double.POSITIVE_INFINITY,
                p -> geometry.network().near(p, AT_WALL_MM).stream()
                        .anyMatch(w -> w.body().contains(p) || w.body().edgeDistance(p) < AT_WALL_MM));
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
