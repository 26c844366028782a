package honeylamp.body;

import honeylamp.catalogue.Grounds;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.listing.FloorTrim;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.space.Flat;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What lies below all that stands: the ground around a building, its slab, its floors, and where walls were taken away. */
final class GroundBodies {
    private static final double BESIDE_MM = 10;

    /** Strips lie on floors and thresholds. */
    private static final int STRIP_RANK = 4;

    private static final double HEDGE_MM = 1500;

    private final LaidStorey storey;
    private final StoreyGeometry geometry;
    private final double floorMm;
    private final StoreyBodies.Below below;

    GroundBodies(LaidStorey storey, StoreyBodies.Below below) {
        this.storey = storey;
        this.geometry = storey.geometry();
        this.floorMm = storey.storey().level().mm();
        this.below = below;
    }

    /** The ground around a building, a little below its floor. */
    void site(List<Body> out, List<Outline> shells) {
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
                var low = floorMm - StoreyBodies.SLAB_MM;
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
    void slab(List<Body> out, List<Outline> ground, List<Room> rooms) {
        var open = new ArrayList<>(FixedParts.voids(storey.storey()));
        storey.fixedParts().stairs().stream()
                .filter(s -> s.seen() == FixedParts.End.HEAD)
                .forEach(s -> open.addAll(s.well()));
        var facets = new ArrayList<Facet>();
        var layers = rooms.size() == 1
                ? rooms.getFirst().mark().map(FloorSteps::layers).orElse(List.of())
                : List.<BuildUpLayer>of(); // below several rooms the edges show none of theirs
        var thick = rooms.size() == 1 ? StoreyBodies.edgeMm(rooms.getFirst()) : StoreyBodies.SLAB_MM;
        for (var part : Regions.difference(Regions.union(ground), open)) {
            facets.addAll(Prism.upright(part, floorMm - thick, floorMm, Skin.of(Role.STEP), Skin.of(Role.BARE_FLOOR)));
            bands(facets, part, layers);
        }
        if (below == StoreyBodies.Below.DARK) {
            for (var hole : Regions.intersection(ground, open)) {
                facets.add(new Facet(Flat.level(floorMm - thick - 1), Prism.oriented(hole), Skin.of(Role.DEPTH)));
            }
        }
        out.add(new Body(Kind.FIXED_PARTS, Optional.empty(), facets));
        for (var room : rooms) {
            floor(out, room, open);
        }
        strips(out, ground);
    }

    /** What covers the joints where floors that differ meet. */
    private void strips(List<Body> out, List<Outline> ground) {
        for (var trim : FloorTrim.in(geometry)) {
            var half = trim.strip().seen().mm() / 2;
            var line = trim.line();
            if (ground.stream().anyMatch(o -> o.contains(line.middle()))) {
                var ring = Ring.between(line.shiftedLeft(-half), line.shiftedLeft(half), 1);
                var skin = Skin.of(Role.METAL)
                        .covered(
                                Optional.of(Finish.of(trim.strip().material())),
                                trim.room().seed());
                out.add(new Body(
                        Kind.FINISHES,
                        Optional.empty(),
                        List.of(new Facet(Flat.level(floorMm), Outline.of(ring), skin, STRIP_RANK))));
            }
        }
    }

    /** The layers of a floor around the edge of its slab, from the top down. */
    private void bands(List<Facet> out, Outline slab, List<BuildUpLayer> layers) {
        for (var band : WallLayers.light(layers)) {
            for (var ring : Prism.oriented(slab).rings().toList()) {
                for (var edge : ring.edges()) {
                    var box = new Box(0, floorMm - band.toMm(), edge.length(), floorMm - band.fromMm());
                    out.add(new Facet(
                            Flat.plumb(edge.a(), 0, edge.unit()), Outline.of(box.ring()), Skin.of(Role.BARE_FLOOR), 1));
                }
            }
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
    void cutDown(List<Body> out, List<Outline> ground) {
        var layers = WallLayers.light(storey, ground);
        var holes = geometry.cuts().stream()
                .filter(c -> c.opening().sill().mm() <= 0)
                .map(OpeningCut::generous)
                .map(Outline::of)
                .toList();
        var facets = new ArrayList<Facet>();
        for (var part : Regions.difference(ground, holes)) {
            facets.add(new Facet(Flat.level(floorMm), Prism.oriented(part), Skin.cut(), 2));
            facets.addAll(WallBodies.layered(layers, part, floorMm, 3));
        }
        out.add(new Body(Kind.WALLS, Optional.empty(), facets));
        for (var cut : geometry.cuts()) {
            if (WallBodies.isIn(ground, cut)) {
                threshold(cut).ifPresent(out::add);
            }
        }
    }

    /** The floor in an opening that reaches down to it: what was laid there, else each half the floor of its room. */
    Optional<Body> threshold(OpeningCut cut) {
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
}
