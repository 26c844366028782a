package honeylamp.body;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Walls as they stand: faces with their openings left out, what covers them, and dark where they are cut. */
final class WallBodies {
    /** So far before a face the room it looks into is looked for. */
    private static final double BEFORE_MM = 10;

    /** So near behind a face there is wall. */
    private static final double BEHIND_MM = 1;

    private static final double SAME_MM = 0.02;
    private static final double IN_LINE_MM = 1;

    private final LaidStorey storey;
    private final StoreyGeometry geometry;
    private final WallHoles holes;
    private final double floorMm;
    private final Optional<UnderRoof> roof;
    private final List<Outline> standing;
    private final List<Outline> layers;
    private final CoveredSides covered;

    /**
     * Walls over a part of their ground.
     *
     * @param standing the part, openings not left out
     */
    WallBodies(LaidStorey storey, CoveredSides covered, List<Outline> standing) {
        this.covered = covered;
        this.storey = storey;
        this.standing = standing;
        this.geometry = storey.geometry();
        this.holes = new WallHoles(geometry);
        this.floorMm = storey.storey().level().mm();
        this.roof = UnderRoof.overWalls(storey);
        this.layers = WallLayers.light(storey, standing);
    }

    /**
     * What stands there.
     *
     * @param cutMm so high above the floor all is cut
     */
    Body upTo(double cutMm) {
        var out = new ArrayList<Facet>();
        var levels = levels(cutMm);
        var from = 0.0;
        for (var level : levels.entrySet()) {
            var to = level.getKey();
            for (var part : level.getValue()) {
                faces(out, part, from, to);
            }
            var above = levels.higherEntry(to);
            tops(out, above == null ? level.getValue() : Regions.difference(level.getValue(), above.getValue()), to);
            from = to;
        }
        return new Body(Kind.WALLS, Optional.empty(), out);
    }

    /** By the heights at which walls end or are cut: the ground of those that reach there. */
    private TreeMap<Double, List<Outline>> levels(double cutMm) {
        var byHeight = geometry.network().pieces().stream()
                .collect(Collectors.groupingBy(
                        p -> Math.min(cutMm, p.wall().height().mm()), TreeMap::new, Collectors.toList()));
        var out = new TreeMap<Double, List<Outline>>();
        if (byHeight.size() == 1) {
            out.put(byHeight.firstKey(), standing);
            return out;
        }
        for (var height : byHeight.keySet()) {
            var bodies = byHeight.tailMap(height).values().stream()
                    .flatMap(List::stream)
                    .map(p -> Outline.of(p.body()))
                    .toList();
            out.put(height, height.equals(byHeight.firstKey()) ? standing : Regions.intersection(standing, bodies));
        }
        return out;
    }

    private void tops(List<Facet> out, List<Outline> tops, double atMm) {
        var open = geometry.cuts().stream()
                .filter(c ->
                        c.opening().sill().mm() < atMm && c.opening().head().mm() > atMm)
                .map(c -> Outline.of(c.generous()))
                .toList();
        var cut = Regions.difference(tops, open);
        roof.ifPresent(r -> r.cut(out, cut, atMm));
        for (var part : roof.map(r -> r.under(cut, atMm)).orElse(cut)) {
            out.add(new Facet(Flat.level(floorMm + atMm), Prism.oriented(simple(part)), Skin.cut()));
            out.addAll(layered(layers, part, floorMm + atMm, 1));
        }
    }

    /** The light layers within a part that is cut level. */
    static List<Facet> layered(List<Outline> layers, Outline part, double atMm, int rank) {
        return Regions.intersection(layers, List.of(part)).stream()
                .map(o -> new Facet(Flat.level(atMm), Prism.oriented(o), Skin.layer(), rank))
                .toList();
    }

    /** The light layers where walls are cut along an edge of what stands. */
    private void ends(List<Facet> out, Flat flat, Segment edge, double fromMm, double toMm) {
        for (var at : Crossed.along(edge.shiftedLeft(BEHIND_MM), layers)) {
            var whole = List.of(Outline.of(new Box(at.fromMm(), fromMm, at.toMm(), toMm).ring()));
            under(flat, whole).forEach(o -> out.add(new Facet(flat, Prism.oriented(o), Skin.layer(), 1)));
        }
    }

    private void faces(List<Facet> out, Outline part, double fromMm, double toMm) {
        Prism.oriented(simple(part))
                .rings()
                .forEach(ring -> ring.edges().forEach(edge -> {
                    if (edge.length() > SAME_MM) {
                        face(out, edge, fromMm, toMm);
                    }
                }));
    }

    private static Outline simple(Outline part) {
        return new Outline(
                part.shell().simplified(SAME_MM),
                part.holes().stream().map(r -> r.simplified(SAME_MM)).toList());
    }

    private void face(List<Facet> out, Segment edge, double fromMm, double toMm) {
        var looks = edge.unit().left().times(-1);
        var flat = Flat.plumb(edge.a(), floorMm, edge.unit());
        var beyond = edge.middle().plus(looks.times(BEHIND_MM));
        var isCut = isWall(beyond) && standing.stream().noneMatch(o -> o.contains(beyond));
        var on = holes.wall(edge);
        if (isCut || on.isEmpty()) { // where a higher wall ends over a lower one it has a plain end
            var skin = isCut ? Skin.cut() : Skin.of(Role.WALL_SIDE);
            var whole = List.of(Outline.of(new Box(0, fromMm, edge.length(), toMm).ring()));
            under(flat, whole).forEach(o -> out.add(new Facet(flat, Prism.oriented(o), skin)));
            if (isCut) {
                ends(out, flat, edge, fromMm, toMm);
            }
            return;
        }
        var left = under(flat, holes.left(on.get(), edge, fromMm, toMm));
        var room = geometry.roomAt(edge.middle().plus(looks.times(BEFORE_MM)));
        var finish = finish(on.get(), room);
        var isCurved = on.get().piece().wall().isCurved();
        var skin = isCurved ? toned(finish) : Skin.of(Role.WALL_SIDE);
        Optional<ElementId> wall = Optional.of(on.get().piece().wall().id());
        left.forEach(part -> out.add(new Facet(flat, Prism.oriented(part), skin, 0, wall)));
        var covers = room.map(covered::in).orElseGet(covered::outside);
        for (var each : covers) {
            var by = isCurved ? alongCurve(room, on.get(), edge, each) : inLine(edge, each.frame());
            if (by.isPresent()) {
                covering(out, each, by.getAsDouble(), flat, new Box(0, fromMm, edge.length(), toMm), wall);
            }
        }
    }

    /** How far along an edge the frame of a surface begins that lies in the same plane. */
    private static OptionalDouble inLine(Segment edge, Surfaces.Frame frame) {
        return frame.along().dot(edge.unit()) < 1 - 1e-6 || Math.abs(edge.offset(frame.origin())) > IN_LINE_MM
                ? OptionalDouble.empty()
                : OptionalDouble.of(edge.along(frame.origin()));
    }

    /** The same of the side of a curved wall, which is laid out flat, and of one of its chords. */
    private OptionalDouble alongCurve(Optional<Room> room, WallHoles.OnWall on, Segment edge, Surfaces.Found each) {
        var id = on.piece().wall().id();
        if (!(each.surface() instanceof Surface.OnWall side) || !side.wall().equals(id) || side.side() != on.side()) {
            return OptionalDouble.empty();
        }
        return room
                .flatMap(r -> covered.sides(r).stream()
                        .filter(s -> s.wall().equals(id) && s.side() == on.side())
                        .findFirst())
                .stream()
                .mapToDouble(s -> -s.along(edge.a()))
                .findFirst();
    }

    /** What of a face lies under the roof. */
    private List<Outline> under(Flat face, List<Outline> whole) {
        return roof.map(r -> r.under(face, whole)).orElse(whole);
    }

    /** Whether there is wall at a point. */
    private boolean isWall(Point p) {
        return geometry.network().poche().stream().anyMatch(o -> o.contains(p));
    }

    private Optional<Finish> finish(WallHoles.OnWall on, Optional<Room> room) {
        return Surfaces.finish(
                storey.storey(),
                new Surface.WallSide(
                        on.piece().wall().id(),
                        on.side(),
                        room.flatMap(Room::mark).map(RoomMark::id)));
    }

    private static Skin toned(Optional<Finish> finish) {
        return Skin.of(
                Role.WALL_SIDE,
                finish.flatMap(f -> Materials.of(f).map(m -> m.as(f).tone())));
    }

    /**
     * What covers a face, in the plane of the face and over it.
     *
     * @param byMm so far along the face the frame of what covers it begins
     */
    private void covering(
            List<Facet> out, Surfaces.Found each, double byMm, Flat flat, Box face, Optional<ElementId> wall) {
        var level = each.frame().levelMm() - floorMm;
        var seen = face.moved(new Point(-byMm, -level));
        var own = new Flat(flat.at(byMm, level), flat.along(), flat.up());
        var seed = each.surface().host().seed();
        var there = Regions.intersection(each.outline(), List.of(Outline.of(seen.ring())));
        for (var part : under(own, there)) {
            var rank = each.surface() instanceof Surface.Plinth ? 2 : 1;
            var skin = Skin.of(Role.WALL_SIDE).covered(each.finish(), seed);
            out.add(new Facet(own, Prism.oriented(part), skin, rank, of(each.surface(), wall)));
        }
    }

    /** What one points at who points at a surface: what was outlined, else the wall. */
    private static Optional<ElementId> of(Surface surface, Optional<ElementId> wall) {
        return surface instanceof Surface.OwnRegion(var region) ? Optional.of(region) : wall;
    }

    /** Whether a cut lies in what is raised. */
    static boolean isIn(List<Outline> standing, OpeningCut cut) {
        var middle = cut.middle().middle();
        return standing.stream().anyMatch(o -> o.contains(middle));
    }
}
